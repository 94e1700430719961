import { leastSquares, varianceOf } from './least-squares'
import { point } from './point'
import { rightward, upward, valueAt, valuesOver } from './polyline'

describe('a side read upwards', () => {
  const side = upward([point(0, 0), point(10, 100), point(0, 200)])
  it.each([
    [0, 0],
    [50, 5],
    [100, 10],
    [150, 5],
    [200, 0],
  ])('at %p stands at %p', (at, expected) => expect(valueAt(side, at)).toBe(expected))
  it('runs straight on beyond its ends', () => expect([valueAt(side, -50), valueAt(side, 250)]).toEqual([-5, -5]))
  it('has its extreme at a bend', () => expect(Math.max(...valuesOver(side, 20, 180))).toBe(10))
  it('has its extreme at an end of the span when the bend is outside', () =>
    expect(Math.max(...valuesOver(side, 120, 180))).toBe(8))
})

it('a sill is read from left to right', () => expect(valueAt(rightward([point(0, 4), point(100, 8)]), 25)).toBe(5))

describe('weighted least squares', () => {
  const row = (value: number, deviation: number) => ({ coefficients: [[0, 1]] as const, misclosure: value, deviation })
  it('is the weighted mean for one unknown', () => {
    const solution = leastSquares([row(10, 1), row(20, 2)], 1)!
    expect(solution.unknowns[0]).toBeCloseTo(12, 12)
    expect(varianceOf([[0, 1]], solution)).toBeCloseTo(0.8, 12)
  })
  it('has no answer where nothing decides', () =>
    expect(
      leastSquares(
        [
          {
            coefficients: [
              [0, 1],
              [1, 1],
            ],
            misclosure: 3,
            deviation: 1,
          },
        ],
        2,
      ),
    ).toBeNull())
})
