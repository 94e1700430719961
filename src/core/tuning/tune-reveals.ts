import { inches, type Length, nearestTick } from '../units/length'
import { ADJUSTERS, type Adjuster, FIXED_REVEALS, type Move, predictReveals, REVEALS, type Reveals } from './reveals'
import {
  clamp,
  EPS,
  hingeMissSum,
  leastHingeMisses,
  leastOwnMiss,
  middleRange,
  missOf,
  nearestNought,
  ownRange,
  type Programme,
  programmeOf,
  type Range,
  type TuneInput,
  worstHingeMiss,
} from './tune-model'

/** The least moves that even the margins out, and what comes of them. */
export type Tuned = {
  readonly moves: readonly Move[]
  /** By how much the worst margin and all together then miss their tolerance. */
  readonly worstMiss: Length
  readonly sumMiss: Length
  readonly touched: number
  readonly steps: number
  readonly reveals: Reveals
  /** By how much the leaf hangs low: the head's margin at the hinge end over its aim; `null` where it was not read. */
  readonly leafLow: Length | null
}

/** What two answers may differ by and still be as good. */
const ALIKE = inches(0, 1, 128)
/** A touched adjuster weighs more than all steps of all of them. */
const TOUCH = 1_000_000
const cost = (steps: number): number => (steps === 0 ? 0 : TOUCH + Math.abs(steps))

/** The moves that (1) let the worst margin miss its tolerance least, (2) with `evenOut` let all together miss least, (3) touch the fewest
 *  adjusters, (4) by the fewest steps; to proven optimum, (1) and (2) within 1/128 in. `null` where nothing within the limits keeps the
 *  middle hinge from binding. All ways are searched, each as far as a bound from below lets it still win. */
export function tuneReveals(input: TuneInput): Tuned | null {
  const entered = REVEALS.some(name => input.reveals[name] !== undefined && !FIXED_REVEALS.has(name))
  if (!entered) return answer(input, [])
  const programme = programmeOf(input)
  const pairs = pairsOf(programme)
  const beyond = measured(pairs, pair => worstBeyond(programme, pair))
  const worst = leastWorst(programme, pairs, beyond)
  if (worst === null) return null
  const most = worst + ALIKE
  const budget = input.evenOut ? leastSum(programme, pairs, beyond, most) + ALIKE : Number.POSITIVE_INFINITY
  const found = cheapest(programme, pairs, most, budget)
  return found && answer(input, found)
}

function answer(input: TuneInput, moves: readonly Move[]): Tuned {
  const { reveals, aims, tolerance, step } = input
  const after = predictReveals(input, reveals, moves, step).reveals
  const misses = REVEALS.flatMap(name => {
    const margin = after[name]
    return margin === undefined || FIXED_REVEALS.has(name)
      ? []
      : [Math.max(0, Math.abs(margin - aims[name]) - tolerance)]
  })
  const low = reveals['head.hinge']
  return {
    moves,
    worstMiss: nearestTick(Math.max(0, ...misses)),
    sumMiss: nearestTick(misses.reduce((sum, one) => sum + one, 0)),
    touched: moves.length,
    steps: moves.reduce((sum, one) => sum + Math.abs(one.steps), 0),
    reveals: after,
    leafLow: low === undefined ? null : nearestTick(low - aims['head.hinge']),
  }
}

const whole = ([least, most]: Range): readonly number[] => Array.from({ length: most - least + 1 }, (_, i) => least + i)
const together = (a: Range, b: Range): Range => [a[0] + b[0], a[1] + b[1]]

/** The ways the leaf can be moved at its outer hinges, in steps. */
type Pair = { readonly ut: number; readonly ub: number }
type Pairs = { readonly count: number; readonly at: (index: number) => Pair }

function pairsOf({ input: { limits } }: Programme): Pairs {
  const tops = together(limits['card.top'], limits['pack.top'])
  const bottoms = together(limits['card.bottom'], limits['pack.bottom'])
  const beside = bottoms[1] - bottoms[0] + 1
  return {
    count: (tops[1] - tops[0] + 1) * beside,
    at: index => ({ ut: tops[0] + Math.floor(index / beside), ub: bottoms[0] + (index % beside) }),
  }
}

/** The least of each pair by a measure, in the order of the pairs. */
function measured({ count, at }: Pairs, of: (pair: Pair) => number): Float64Array {
  const all = new Float64Array(count)
  for (let i = 0; i < count; i++) all[i] = of(at(i))
  return all
}

/** The indexes of all with a finite measure, the smallest first. Sorted level by level: mostly the first few are all that is asked for. */
function* ascending(measures: Float64Array, width: number): Generator<number> {
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

const worstBeyond = (programme: Programme, { ut, ub }: Pair): number => {
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

/** The card at the middle hinge that is nearest none and does not bind with the middle standing `em` steps off; `null` where all do. */
function middleCard({ input: { limits, bind, step } }: Programme, em: number): number | null {
  const room = bind / step + EPS
  const [least, most] = limits['card.middle']
  const range: Range = [Math.max(least, Math.ceil(em - room)), Math.min(most, Math.floor(em + room))]
  return range[0] <= range[1] ? nearestNought(range) : null
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

/** The packs at the middle hinge that don't bind, each with how far the middle then stands off; one that moves nothing where there is none. */
function middles(programme: Programme, { ut, ub }: Pair): readonly { readonly pm: number; readonly em: number }[] {
  const { limits, hinges } = programme.input
  if (hinges.middle === null) return [{ pm: 0, em: 0 }]
  const at = programme.middleOf(ut, ub)
  return whole(limits['pack.middle'])
    .map(pm => ({ pm, em: at - pm }))
    .filter(one => middleCard(programme, one.em) !== null)
}

/** What is made as small as it can be: of what lies beyond the hinge side for each pair, of the hinge side, and both joined. */
type Measure = {
  readonly beyond: Float64Array
  readonly hinge: (ct: number, cb: number, em: number) => number
  /** The least the hinge side can be with these outer cards, wherever the middle stood. */
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
    const stands = middles(programme, pair)
    for (const { ct, cb, least } of cards) {
      if (join(rest, least) >= best - EPS) break
      if (!fits(programme, pair, ct, cb)) continue
      for (const { em } of stands) best = Math.min(best, join(rest, hinge(ct, cb, em)))
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
      const range = middleRange(programme, ct, cb, 0)
      return range ? [{ ct, cb, range }] : []
    }),
  )
  if (cards.length === 0) return false
  for (let i = 0; i < beyond.length; i++) {
    if (beyond[i]! > EPS) continue
    const pair = pairs.at(i)
    const stands = middles(programme, pair)
    for (const { ct, cb, range } of cards)
      if (fits(programme, pair, ct, cb) && stands.some(({ em }) => clamp(em, range) === em)) return true
  }
  return false
}

/** The least the worst margin can miss by; `null` where everything binds. */
function leastWorst(programme: Programme, pairs: Pairs, beyond: Float64Array): number | null {
  if (reachesNought(programme, pairs, beyond)) return 0
  const found = smallest(programme, pairs, {
    beyond,
    join: Math.max,
    least: (ct, cb) => leastHingeMisses(programme, ct, cb).worst,
    hinge: (ct, cb, em) => worstHingeMiss(programme, ct, cb, em),
  })
  return Number.isFinite(found) ? found : null
}

/** The least all margins together can miss by while none misses by more than `most`. */
function leastSum(programme: Programme, pairs: Pairs, worst: Float64Array, most: number): number {
  const beyond = worst.map((one, i) =>
    one <= most + EPS ? sumBeyond(programme, pairs.at(i)) : Number.POSITIVE_INFINITY,
  )
  return smallest(programme, pairs, {
    beyond,
    join: (a, b) => a + b,
    least: (ct, cb) => leastHingeMisses(programme, ct, cb, most).sum,
    hinge: (ct, cb, em) =>
      worstHingeMiss(programme, ct, cb, em) <= most + EPS
        ? hingeMissSum(programme, ct, cb, em)
        : Number.POSITIVE_INFINITY,
  })
}

/** A way to set the adjusters of their own: what it costs, and by how much it misses in all. */
type Setting = { readonly cost: number; readonly sum: number; readonly steps: readonly number[] }

/** The ways worth weighing: where the sum of misses does not matter only the cheapest, else each that misses less than the cheaper ones. */
function settings(programme: Programme, { ut, ub }: Pair, most: number, budget: number): readonly Setting[] {
  let all: readonly Setting[] = [{ cost: 0, sum: 0, steps: [] }]
  for (const one of programme.own) {
    const range = ownRange(programme, one, ut, ub, most)
    if (range[0] > range[1]) return []
    const value = one.base + one.byTop * ut + one.byBottom * ub
    const choices = Number.isFinite(budget) ? whole(range) : [nearestNought(range)]
    const grown = all.flatMap(before =>
      choices.map(q => ({
        cost: before.cost + cost(q),
        sum:
          before.sum + (one.aim === null ? 0 : missOf(programme, value + one.sign * q * programme.input.step, one.aim)),
        steps: [...before.steps, q],
      })),
    )
    all = front(grown, budget)
  }
  return all
}

/** The least that setting what lies beyond the hinge side costs; endless where it can't be within `most`. */
function leastBeyond(programme: Programme, { ut, ub }: Pair, most: number): number {
  let least = 0
  for (const one of programme.own) {
    const range = ownRange(programme, one, ut, ub, most)
    if (range[0] > range[1]) return Number.POSITIVE_INFINITY
    least += cost(nearestNought(range))
  }
  return least
}

/** Those within the budget that none beats in both, the cheapest first. */
function front(all: readonly Setting[], budget: number): readonly Setting[] {
  let least = Number.POSITIVE_INFINITY
  return all
    .filter(one => one.sum <= budget + EPS)
    .sort((a, b) => a.cost - b.cost || a.sum - b.sum)
    .filter(one => {
      const isBetter = one.sum < least - EPS
      if (isBetter) least = one.sum
      return isBetter
    })
}

/** The parts of a leaf's move at an outer hinge: card and pack, the cheapest first. */
function parts(total: number, card: Range, pack: Range): readonly { readonly card: number; readonly cost: number }[] {
  return whole(card)
    .filter(one => clamp(total - one, pack) === total - one)
    .map(one => ({ card: one, cost: cost(one) + cost(total - one) }))
    .sort((a, b) => a.cost - b.cost)
}

type Found = { readonly cost: number; readonly moves: readonly Move[] }

/** The moves that cost least while no margin misses by more than `most` and all together by no more than `budget`. */
function cheapest(programme: Programme, pairs: Pairs, most: number, budget: number): readonly Move[] | null {
  const { limits } = programme.input
  const remember = new Map<string, ReturnType<typeof parts>>()
  const partsOf = (end: 'top' | 'bottom', total: number) => {
    const key = `${end} ${total}`
    const known = remember.get(key) ?? parts(total, limits[`card.${end}`], limits[`pack.${end}`])
    remember.set(key, known)
    return known
  }
  const bounds = measured(
    pairs,
    pair =>
      (partsOf('top', pair.ut)[0]?.cost ?? Number.POSITIVE_INFINITY) +
      (partsOf('bottom', pair.ub)[0]?.cost ?? Number.POSITIVE_INFINITY) +
      leastBeyond(programme, pair, most),
  )
  let best: Found | null = null
  for (const at of ascending(bounds, TOUCH)) {
    if (best && bounds[at]! >= best.cost) break
    const pair = pairs.at(at)
    const beyond = settings(programme, pair, most, budget)
    if (beyond.length === 0) continue
    const bottoms = partsOf('bottom', pair.ub)
    for (const top of partsOf('top', pair.ut)) {
      if (best && beyond[0]!.cost + top.cost + bottoms[0]!.cost >= best.cost) break
      for (const bottom of bottoms) {
        const soFar = top.cost + bottom.cost
        if (best && beyond[0]!.cost + soFar >= best.cost) break
        best = hingeSide(programme, pair, { ct: top.card, cb: bottom.card, soFar, beyond, most, budget }, best) ?? best
      }
    }
  }
  return best?.moves ?? null
}

type Standing = {
  readonly ct: number
  readonly cb: number
  readonly soFar: number
  readonly beyond: readonly Setting[]
  readonly most: number
  readonly budget: number
}

/** The cheapest way to set the middle hinge with these outer cards, and what goes with it beyond; `null` where nothing beats `best`. */
function hingeSide(programme: Programme, pair: Pair, standing: Standing, best: Found | null): Found | null {
  const { ct, cb, soFar, beyond, most, budget } = standing
  const range = middleRange(programme, ct, cb, most)
  if (range === null) return null
  let found = best
  for (const { pm, em } of middles(programme, pair)) {
    if (em < range[0] - EPS || em > range[1] + EPS) continue
    const cm = programme.input.hinges.middle === null ? 0 : middleCard(programme, em)!
    const sum = Number.isFinite(budget) ? hingeMissSum(programme, ct, cb, em) : 0
    const own = beyond.find(one => one.sum + sum <= budget + EPS)
    if (!own) continue
    const total = soFar + cost(pm) + cost(cm) + own.cost
    if (found && total >= found.cost) continue
    found = { cost: total, moves: movesOf(programme, pair, { ct, cb, cm, pm }, own.steps) }
  }
  return found === best ? null : found
}

type Middle = { readonly ct: number; readonly cb: number; readonly cm: number; readonly pm: number }

/** The moves that are any, in working order. */
function movesOf(
  { own }: Programme,
  { ut, ub }: Pair,
  { ct, cb, cm, pm }: Middle,
  steps: readonly number[],
): readonly Move[] {
  const by: Partial<Record<Adjuster, number>> = {
    'card.top': ct,
    'pack.top': ut - ct,
    'card.middle': cm,
    'pack.middle': pm,
    'card.bottom': cb,
    'pack.bottom': ub - cb,
    ...Object.fromEntries(own.flatMap(({ adjuster }, i) => (adjuster ? [[adjuster, steps[i]!]] : []))),
  }
  return ADJUSTERS.flatMap(adjuster => (by[adjuster] ? [{ adjuster, steps: by[adjuster] }] : []))
}
