import { type Length, nearestTick } from '../units/length'
import { standsWithin } from './hinge-side'
import {
  ADJUSTERS,
  type Adjuster,
  FIXED_REVEALS,
  innerNames,
  type Move,
  predictReveals,
  REVEALS,
  type Reveals,
} from './reveals'
import {
  ALIKE,
  ascending,
  innerCard,
  leastSum,
  leastWorst,
  measured,
  type Packed,
  type Pair,
  type Pairs,
  packings,
  pairsOf,
  whole,
  worstBeyond,
} from './tune-measures'
import {
  clamp,
  EPS,
  hingeMissSum,
  missOf,
  nearestNought,
  ownRange,
  type Programme,
  programmeOf,
  type Range,
  type TuneInput,
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

/** A touched adjuster weighs more than all steps of all of them. */
const TOUCH = 1_000_000
const cost = (steps: number): number => (steps === 0 ? 0 : TOUCH + Math.abs(steps))

/** The moves that (1) let the worst margin miss its tolerance least, (2) with `evenOut` let all together miss least, (3) touch the fewest
 *  adjusters, (4) by the fewest steps; to proven optimum, (1) and (2) within 1/128 in. `null` where nothing within the limits keeps the
 *  hinges between from binding. All ways are searched, each as far as a bound from below lets it still win. */
export function tuneReveals(input: TuneInput): Tuned | null {
  const entered = REVEALS.some(name => input.reveals[name] !== undefined && !FIXED_REVEALS.has(name))
  if (!entered) return tunedBy(input, [])
  const programme = programmeOf(input)
  const pairs = pairsOf(programme)
  const beyond = measured(pairs, pair => worstBeyond(programme, pair))
  const worst = leastWorst(programme, pairs, beyond)
  if (worst === null) return null
  const most = worst + ALIKE
  const budget = input.evenOut ? leastSum(programme, pairs, beyond, most) + ALIKE : Number.POSITIVE_INFINITY
  const found = cheapest(programme, pairs, most, budget)
  return found && tunedBy(input, found)
}

/** What comes of given moves. */
export function tunedBy(input: TuneInput, moves: readonly Move[]): Tuned {
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
  const remembered = (end: 'top' | 'bottom') => {
    const known = new Map<number, ReturnType<typeof parts>>()
    return (total: number) => {
      const before = known.get(total)
      if (before) return before
      const made = parts(total, limits[`card.${end}`], limits[`pack.${end}`])
      known.set(total, made)
      return made
    }
  }
  const [topsOf, bottomsOf] = [remembered('top'), remembered('bottom')]
  const bounds = measured(
    pairs,
    pair =>
      (topsOf(pair.ut)[0]?.cost ?? Number.POSITIVE_INFINITY) +
      (bottomsOf(pair.ub)[0]?.cost ?? Number.POSITIVE_INFINITY) +
      leastBeyond(programme, pair, most),
  )
  let best: Found | null = null
  for (const at of ascending(bounds, TOUCH)) {
    if (best && bounds[at]! >= best.cost) break
    const pair = pairs.at(at)
    const beyond = settings(programme, pair, most, budget)
    if (beyond.length === 0) continue
    const bottoms = bottomsOf(pair.ub)
    for (const top of topsOf(pair.ut)) {
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

/** The cheapest way to set the hinges between with these outer cards, and what goes with it beyond; `null` where nothing beats `best`. */
function hingeSide(programme: Programme, pair: Pair, standing: Standing, best: Found | null): Found | null {
  const { ct, cb, soFar, beyond, most, budget } = standing
  const isWithin = standsWithin(programme, ct, cb, most)
  if (isWithin === null) return null
  let found = best
  for (const packed of packings(programme, pair)) {
    if (!isWithin(packed.stands)) continue
    const sum = Number.isFinite(budget) ? hingeMissSum(programme, ct, cb, packed.stands) : 0
    const own = beyond.find(one => one.sum + sum <= budget + EPS)
    if (!own) continue
    const cards = programme.inner.map((inner, i) => innerCard(programme, inner, packed.stands[i]!)!)
    const total = soFar + own.cost + sumOfCosts(packed.packs) + sumOfCosts(cards)
    if (found && total >= found.cost) continue
    found = { cost: total, moves: movesOf(programme, pair, { ct, cb, cards, packs: packed.packs }, own.steps) }
  }
  return found === best ? null : found
}

const sumOfCosts = (steps: readonly number[]): number => steps.reduce((sum, one) => sum + cost(one), 0)

type HingeSteps = {
  readonly ct: number
  readonly cb: number
  readonly cards: readonly number[]
  readonly packs: Packed['packs']
}

/** The moves that are any, in working order. */
function movesOf(
  { own, inner }: Programme,
  { ut, ub }: Pair,
  { ct, cb, cards, packs }: HingeSteps,
  steps: readonly number[],
): readonly Move[] {
  const between = innerNames(inner.length).flatMap((name, i): readonly [Adjuster, number][] => [
    [`card.${name}`, cards[i]!],
    [`pack.${name}`, packs[i]!],
  ])
  const by: Partial<Record<Adjuster, number>> = {
    'card.top': ct,
    'pack.top': ut - ct,
    'card.bottom': cb,
    'pack.bottom': ub - cb,
    ...Object.fromEntries(between),
    ...Object.fromEntries(own.flatMap(({ adjuster }, i) => (adjuster ? [[adjuster, steps[i]!]] : []))),
  }
  return ADJUSTERS.flatMap(adjuster => (by[adjuster] ? [{ adjuster, steps: by[adjuster] }] : []))
}
