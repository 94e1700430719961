import { inches } from '../units/length'
import { leastHingeMisses, standsWithin } from './hinge-side'
import {
  clamp,
  EPS,
  hingeMissSum,
  type Inner,
  leastOwnMiss,
  nearestNought,
  type Programme,
  type Range,
  type Stands,
  worstHingeMiss,
} from './tune-model'

// How small the misses can be made at all: the least worst, and the least sum.

/** What two answers may differ by and still be as good. */
export const ALIKE = inches(0, 1, 128)

export const whole = ([least, most]: Range): readonly number[] =>
  Array.from({ length: most - least + 1 }, (_, i) => least + i)
const together = (a: Range, b: Range): Range => [a[0] + b[0], a[1] + b[1]]

/** The ways the leaf can be moved at its outer hinges, in steps. */
export type Pair = { readonly ut: number; readonly ub: number }
export type Pairs = { readonly count: number; readonly at: (index: number) => Pair }

export function pairsOf({ input: { limits } }: Programme): Pairs {
  const tops = together(limits['card.top'], limits['pack.top'])
  const bottoms = together(limits['card.bottom'], limits['pack.bottom'])
  const beside = bottoms[1] - bottoms[0] + 1
  return {
    count: (tops[1] - tops[0] + 1) * beside,
    at: index => ({ ut: tops[0] + Math.floor(index / beside), ub: bottoms[0] + (index % beside) }),
  }
}

/** The least of each pair by a measure, in the order of the pairs. */
export function measured({ count, at }: Pairs, of: (pair: Pair) => number): Float64Array {
  const all = new Float64Array(count)
  for (let i = 0; i < count; i++) all[i] = of(at(i))
  return all
}

/** The indexes of all with a finite measure, the smallest first. Sorted level by level: mostly the first few are all that is asked for. */
export function* ascending(measures: Float64Array, width: number): Generator<number> {
  let [from, level] = [Number.NEGATIVE_INFINITY, 0]
  for (const one of measures) if (one < Number.MAX_VALUE) level = Math.max(level, one)
  const top = level
  level = measures.reduce((least, one) => Math.min(least, one), Number.MAX_VALUE) + EPS
  for (let step = width; from < top; step *= 2) {
    const open: number[] = []
    for (let i = 0; i < measures.length; i++) if (measures[i]! > from && measures[i]! <= level) open.push(i)
    yield* open.sort((a, b) => measures[a]! - measures[b]!)
    ;[from, level] = [level, level + step]
  }
}

export const worstBeyond = (programme: Programme, { ut, ub }: Pair): number => {
  let worst = 0
  for (const one of programme.own) worst = Math.max(worst, leastOwnMiss(programme, one, ut, ub))
  return worst
}
const sumBeyond = (programme: Programme, { ut, ub }: Pair): number => {
  let sum = 0
  for (const one of programme.own) sum += leastOwnMiss(programme, one, ut, ub)
  return sum
}

/** Cards at the outer hinges that leave the packs there within their limits. */
const fits = ({ input: { limits } }: Programme, { ut, ub }: Pair, ct: number, cb: number): boolean =>
  clamp(ut - ct, limits['pack.top']) === ut - ct && clamp(ub - cb, limits['pack.bottom']) === ub - cb

/** The card at a hinge between that is nearest none and does not bind with the leaf's line `stand` steps off; `null` where all do. */
export function innerCard({ input: { bind, step } }: Programme, { card }: Inner, stand: number): number | null {
  const room = bind / step + EPS
  const [least, most] = card
  const [from, to] = [Math.max(least, Math.ceil(stand - room)), Math.min(most, Math.floor(stand + room))]
  return from <= to ? nearestNought([from, to]) : null
}

type Cards = { readonly ct: number; readonly cb: number; readonly least: number }

/** The outer cards with the least the hinge side can be with them, the best first; among equals those that are moved least. */
function cardsBy({ input: { limits } }: Programme, least: (ct: number, cb: number) => number): readonly Cards[] {
  const bottoms = whole(limits['card.bottom'])
  const moved = (one: Cards) => Math.abs(one.ct) + Math.abs(one.cb)
  return whole(limits['card.top'])
    .flatMap(ct => bottoms.map(cb => ({ ct, cb, least: least(ct, cb) })))
    .filter(one => one.least < Number.MAX_VALUE)
    .sort((a, b) => a.least - b.least || moved(a) - moved(b))
}

/** A way to pack the hinges between, and how far each then stands off, from the top down. */
export type Packed = { readonly packs: readonly number[]; readonly stands: Stands }
const NOTHING_BETWEEN: readonly Packed[] = [{ packs: [], stands: [] }]

/** The ways to pack the hinges between that don't bind; one that moves nothing where there are none. */
export function packings(programme: Programme, { ut, ub }: Pair): readonly Packed[] {
  return programme.inner.reduce<readonly Packed[]>((all, inner) => {
    const at = ub + (ut - ub) * inner.share
    const [least, most] = inner.pack
    const own: { readonly pack: number; readonly stand: number }[] = []
    for (let pack = least; pack <= most; pack++)
      if (innerCard(programme, inner, at - pack) !== null) own.push({ pack, stand: at - pack })
    return all.flatMap(({ packs, stands }) =>
      own.map(({ pack, stand }) => ({ packs: [...packs, pack], stands: [...stands, stand] })),
    )
  }, NOTHING_BETWEEN)
}

/** What is made as small as it can be: of what lies beyond the hinge side for each pair, of the hinge side, and both joined. */
type Measure = {
  readonly beyond: Float64Array
  readonly hinge: (ct: number, cb: number, stands: Stands) => number
  /** No less than this the hinge side can be with these outer cards, wherever the hinges between stood. */
  readonly least: (ct: number, cb: number) => number
  readonly join: (beyond: number, hinge: number) => number
}

/** The smallest of a measure over all ways to hang the leaf: looked for where what lies beyond is smallest first, and no further than it can
 *  still be beaten. */
function smallest(programme: Programme, pairs: Pairs, { beyond, hinge, least, join }: Measure): number {
  const cards = cardsBy(programme, least)
  let best = Number.POSITIVE_INFINITY
  for (const at of ascending(beyond, ALIKE)) {
    const rest = beyond[at]!
    if (join(rest, cards[0]?.least ?? 0) >= best - EPS) break
    const pair = pairs.at(at)
    const packed = packings(programme, pair)
    for (const { ct, cb, least } of cards) {
      if (join(rest, least) >= best - EPS) break
      if (!fits(programme, pair, ct, cb)) continue
      for (const { stands } of packed) best = Math.min(best, join(rest, hinge(ct, cb, stands)))
    }
  }
  return best
}

/** Whether some way leaves no margin outside its tolerance: mostly there is one, and then nothing has to be weighed. */
function reachesNought(programme: Programme, pairs: Pairs, beyond: Float64Array): boolean {
  const { limits } = programme.input
  const bottoms = whole(limits['card.bottom'])
  const cards = whole(limits['card.top']).flatMap(ct =>
    bottoms.flatMap(cb => {
      const isWithin = standsWithin(programme, ct, cb, 0)
      return isWithin ? [{ ct, cb, isWithin }] : []
    }),
  )
  if (cards.length === 0) return false
  for (let i = 0; i < beyond.length; i++) {
    if (beyond[i]! > EPS) continue
    const pair = pairs.at(i)
    let packed: readonly Packed[] | null = null
    for (const { ct, cb, isWithin } of cards) {
      if (!fits(programme, pair, ct, cb)) continue
      packed ??= packings(programme, pair)
      if (packed.some(({ stands }) => isWithin(stands))) return true
    }
  }
  return false
}

/** The least the worst margin can miss by; `null` where everything binds. */
export function leastWorst(programme: Programme, pairs: Pairs, beyond: Float64Array): number | null {
  if (reachesNought(programme, pairs, beyond)) return 0
  const found = smallest(programme, pairs, {
    beyond,
    join: Math.max,
    least: (ct, cb) => leastHingeMisses(programme, ct, cb).worst,
    hinge: (ct, cb, stands) => worstHingeMiss(programme, ct, cb, stands),
  })
  return Number.isFinite(found) ? found : null
}

/** The least all margins together can miss by while none misses by more than `most`. */
export function leastSum(programme: Programme, pairs: Pairs, worst: Float64Array, most: number): number {
  const beyond = worst.map((one, i) =>
    one <= most + EPS ? sumBeyond(programme, pairs.at(i)) : Number.POSITIVE_INFINITY,
  )
  return smallest(programme, pairs, {
    beyond,
    join: (a, b) => a + b,
    least: (ct, cb) => leastHingeMisses(programme, ct, cb, most).sum,
    hinge: (ct, cb, stands) =>
      worstHingeMiss(programme, ct, cb, stands) <= most + EPS
        ? hingeMissSum(programme, ct, cb, stands)
        : Number.POSITIVE_INFINITY,
  })
}
