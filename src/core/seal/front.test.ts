import { randomFrom, wholeFrom } from '../test/fixtures'
import { frontOf, type Load, unbeaten } from './front'

/** Every combination, the plain way. */
function enumerated(edges: readonly (readonly Load[])[]): readonly Load[] {
  const all = edges.reduce<readonly Load[]>(
    (sums, ways) => sums.flatMap(a => ways.map(b => [0, 1, 2, 3].map(i => a[i]! + b[i]!) as unknown as Load)),
    [[0, 0, 0, 0]],
  )
  const beats = (a: Load, b: Load) => a.every((one, i) => one <= b[i]!) && a.some((one, i) => one < b[i]!)
  return all.filter(one => !all.some(other => beats(other, one)))
}
const keys = (loads: readonly Load[]) => [...new Set(loads.map(one => one.join(' ')))].sort()

describe('the front of plans', () => {
  it('is that of plain enumeration, for 150 made-up doors', () => {
    const random = randomFrom(12)
    for (let round = 0; round < 150; round++) {
      const edges = Array.from({ length: wholeFrom(random, 1, 4) }, () =>
        Array.from(
          { length: wholeFrom(random, 1, 5) },
          () => [0, 1, 2, 3].map(() => wholeFrom(random, 0, 6)) as unknown as Load,
        ),
      )
      const front = frontOf(edges)
      expect(keys(front.map(one => one.load))).toEqual(keys(enumerated(edges)))
      for (const { ways, load } of front)
        expect([0, 1, 2, 3].map(i => ways.reduce((sum, way, edge) => sum + edges[edge]![way]![i]!, 0))).toEqual([
          ...load,
        ])
    }
  })
  it('of no edges is the plan that does nothing', () => expect(frontOf([])).toEqual([{ ways: [], load: [0, 0, 0, 0] }]))
  it('keeps the first of several that are alike, the cheapest first', () =>
    expect(
      unbeaten([
        [2, 0, 0, 0],
        [1, 1, 0, 0],
        [1, 1, 0, 0],
        [3, 0, 0, 0],
      ]),
    ).toEqual([1, 0]))
})
