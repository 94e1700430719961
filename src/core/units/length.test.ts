import {
  inches,
  largestOf,
  mm,
  nearestTick,
  plus,
  roundDown,
  roundNearest,
  roundUp,
  smallestOf,
  split,
  sumOf,
  ticks,
} from './length'

describe('a tick', () => {
  it.each([
    ['1 mm', mm(1), 3200],
    ['0.01 mm', mm(0.01), 32],
    ['1 in', inches(1), 81_280],
    ['1/64 in', inches(0, 1, 64), 1270],
    ['1/128 in', inches(0, 1, 128), 635],
    ['36 3/8 in', inches(36, 3, 8), 2_956_560],
  ])('makes %s whole', (_, length, expected) => expect(length).toBe(expected))

  it.each([0.5, Number.NaN, Number.POSITIVE_INFINITY, 64_000_001, -64_000_001])('refuses %p', n =>
    expect(() => ticks(n)).toThrow(RangeError),
  )
  it('keeps the bounds themselves', () =>
    expect([ticks(64_000_000), ticks(-64_000_000)]).toEqual([64_000_000, -64_000_000]))
  it('has no negative zero', () => expect(Object.is(ticks(-0), 0)).toBe(true))
  it('refuses a fraction that lands on no tick', () => expect(() => inches(0, 1, 3)).toThrow(RangeError))
})

describe('a 36 in unit in a 36 33/64 in opening', () => {
  it('leaves both sides the same gap, to the half sixty-fourth', () =>
    expect(split(ticks(inches(36, 33, 64) - inches(36)), 2)).toEqual([inches(0, 33, 128), inches(0, 33, 128)]))
})

describe('splitting', () => {
  it('never loses a tick', () => {
    for (const [whole, parts] of [
      [10, 3],
      [-10, 3],
      [81_281, 2],
      [7, 7],
      [5, 8],
    ] as const) {
      const all = split(ticks(whole), parts)
      expect(sumOf(all)).toBe(whole)
      expect(largestOf(all) - smallestOf(all)).toBeLessThanOrEqual(1)
    }
  })
})

describe('rounding', () => {
  const step = inches(0, 1, 16)
  it('down shortens, up lengthens, whatever the rest', () => {
    expect(roundDown(plus(inches(3), ticks(1)), step)).toBe(inches(3))
    expect(roundUp(plus(inches(3), ticks(1)), step)).toBe(inches(3, 1, 16))
    expect([roundDown(inches(3), step), roundUp(inches(3), step)]).toEqual([inches(3), inches(3)])
  })
  it('to the nearest takes a half up', () => {
    expect(roundNearest(inches(0, 1, 32), step)).toBe(inches(0, 1, 16))
    expect(roundNearest(ticks(inches(0, 1, 32) - 1), step)).toBe(0)
  })
  it('of a computed position goes away from zero on a half', () =>
    expect([nearestTick(2.5), nearestTick(-2.5), nearestTick(2.4)]).toEqual([3, -3, 2]))
})
