import { randomFrom, wholeFrom } from '../base/random'
import {
  ADJUSTERS,
  type Adjuster,
  FIXED_REVEALS,
  type HungLeaf,
  innerOf,
  isThere,
  type Move,
  movedBy,
  predictReveals,
  REVEALS,
  type RevealName,
  type Reveals,
  readHeights,
} from '../tuning/reveals'
import { ALIKE } from '../tuning/tune-measures'
import type { TuneInput } from '../tuning/tune-model'
import { type Tuned, tuneReveals } from '../tuning/tune-reveals'
import { inches, type Length, nearestTick, plus, ZERO } from '../units/length'

// A made-up leaf that hangs with hidden faults: what its gauge shows, how it shuts, and what a learner's moves were worth.

/** How hard an exercise is: 1 to 5, or anything. */
export const GRADES = ['1', '2', '3', '4', '5', 'any'] as const
export type Grade = (typeof GRADES)[number]

/** One move of the learner's: so many steps of one adjuster. */
export const MOVE_STEP = inches(0, 1, 32)
const EVEN = inches(0, 1, 8)
const TOLERANCE = inches(0, 1, 32)
const BIND = inches(0, 1, 32)

/** How a leaf of 36 by 80 in hangs, its hinge middles above its bottom. */
export const HUNG: HungLeaf = {
  leaf: { width: inches(36), height: inches(80) },
  hinges: { bottom: inches(9), inner: [inches(40)], top: inches(73) },
}

/** What of it can be moved. */
export const MOVABLE = ADJUSTERS.filter(one => isThere(HUNG.hinges, one))

/** A leaf that hangs, and what was done to an even one: never shown before it is scored. */
export type HangExercise = { readonly start: Reveals; readonly faults: readonly Move[] }

const MAY_BE_WRONG = ADJUSTERS.filter(one => innerOf(one) === null && !one.startsWith('pack.'))

/** What can be wrong at each grade, and how much of it: one strike pack; one card; a card and the foot; both legs; any three. */
const WRONG: Readonly<
  Record<Grade, { readonly of: readonly Adjuster[]; readonly least: number; readonly most: number }>
> = {
  '1': { of: ['strike.top', 'strike.bottom'], least: 1, most: 1 },
  '2': { of: ['card.top', 'card.bottom'], least: 1, most: 1 },
  '3': { of: ['card.top', 'card.bottom', 'foot'], least: 2, most: 2 },
  '4': { of: ['card.top', 'card.bottom', 'strike.top', 'strike.middle', 'strike.bottom'], least: 2, most: 3 },
  '5': { of: MAY_BE_WRONG, least: 3, most: 3 },
  any: { of: MAY_BE_WRONG, least: 1, most: 3 },
}

const EVEN_LEAF: Reveals = Object.fromEntries(REVEALS.map(name => [name, EVEN]))

/** A made-up leaf: the same for the same seed and grade. A fault is what is missing behind a hinge or a leg, so that a move puts it right. */
export function hangExercise(seed: number, grade: Grade): HangExercise {
  const random = randomFrom(seed)
  const { of, least, most } = WRONG[grade]
  const left = [...of]
  const faults = Array.from({ length: wholeFrom(random, least, most) }, (): Move => {
    const [adjuster] = left.splice(wholeFrom(random, 0, left.length - 1), 1)
    // A strike leg can be packed too much as well; a card or a foot can only be missing.
    const isTooMuch = adjuster!.startsWith('strike.') && random() < 0.5
    return { adjuster: adjuster!, steps: wholeFrom(random, 3, 5) * (isTooMuch ? 1 : -1) }
  })
  return { start: predictReveals(HUNG, EVEN_LEAF, faults, MOVE_STEP).reveals, faults }
}

/** The margins as they truly stand after a learner's moves. */
export const standingAfter = ({ start }: HangExercise, moves: readonly Move[]): Reveals =>
  predictReveals(HUNG, start, moves, MOVE_STEP).reveals

/** What the gauge in a margin, or the level along the hinge leg, shows. */
export type GaugePlace = RevealName | 'level'
export const GAUGE_PLACES: readonly GaugePlace[] = [...REVEALS, 'level']

/** What is read at a place: a margin, or how far the hinge leg leans over the level's length, + with the top to the strike. */
export function gaugeShows(exercise: HangExercise, place: GaugePlace, moves: readonly Move[]): Length {
  if (place !== 'level') return standingAfter(exercise, moves)[place] ?? ZERO
  const { jambAt } = movedBy(HUNG, [...exercise.faults, ...moves], MOVE_STEP)
  const { top, bottom } = readHeights(HUNG.leaf)
  return nearestTick(jambAt(top) - jambAt(bottom))
}

/** How the leaf shuts: falls into its latch, wants a push, a shoulder, or does not shut. */
export const LATCHES = ['falls-in', 'push', 'shoulder', 'does-not-shut'] as const
export type Latching = (typeof LATCHES)[number]
export type Felt = {
  readonly latch: Latching
  /** Where leaf and frame rub. */
  readonly rubs: readonly RevealName[]
  /** Whether it springs back from its hinges. */
  readonly binds: boolean
}

const RUBS = inches(0, 1, 32)

/** How far the moves put the middle hinge off the line of the outer two, in ticks: the three were let in straight, if not evenly. */
const bindOf = (moves: readonly Move[]): number => movedBy(HUNG, moves, MOVE_STEP).binds[0] ?? 0

/** What is felt when it is opened and shut: never a figure. */
export function feelOf(exercise: HangExercise, moves: readonly Move[]): Felt {
  const now = standingAfter(exercise, moves)
  const binds = Math.abs(bindOf(moves)) > BIND
  const rubs = REVEALS.filter(name => !FIXED_REVEALS.has(name) && now[name]! < RUBS)
  const tightest = Math.min(...(['strike.top', 'strike.middle', 'strike.bottom'] as const).map(name => now[name]!))
  const latch =
    tightest < 0 ? 'does-not-shut' : tightest < RUBS / 2 ? 'shoulder' : tightest < RUBS || binds ? 'push' : 'falls-in'
  return { latch, rubs, binds }
}

/** What a move was worth beside all the others: it helped, did nothing, or made it worse. */
export type Worth = 'helped' | 'nothing' | 'worse'
export type ScoredMove = {
  readonly move: Move
  readonly worth: Worth
  /** How far all margins together would miss their band without it, all else the same, and how far they do. */
  readonly without: Length
  readonly withIt: Length
}

export type HangScore = {
  readonly points: number
  readonly moves: readonly ScoredMove[]
  /** Margins that are still outside their band, as they truly stand. */
  readonly off: readonly { readonly name: RevealName; readonly value: Length }[]
  readonly binds: boolean
  /** What would have done: the least moves from where it began. */
  readonly least: readonly Move[]
  readonly faults: readonly Move[]
}

const LIMIT = 8
const LIMITS = Object.fromEntries(
  ADJUSTERS.map(one => [one, [/^(card|foot)/.test(one) ? 0 : -LIMIT, LIMIT]]),
) as unknown as TuneInput['limits']

/** The least moves that even a leaf out, to proven optimum. */
export const leastMoves = ({ start }: HangExercise): Tuned =>
  tuneReveals({
    ...HUNG,
    reveals: start,
    aims: Object.fromEntries(REVEALS.map(name => [name, EVEN])) as TuneInput['aims'],
    tolerance: TOLERANCE,
    bind: BIND,
    step: MOVE_STEP,
    limits: LIMITS,
    evenOut: true,
  })!

/** How far all margins together miss their band, and a middle hinge that binds its line. */
function missOf(exercise: HangExercise, moves: readonly Move[]): Length {
  const now = standingAfter(exercise, moves)
  const bind = Math.max(0, Math.abs(bindOf(moves)) - BIND)
  return REVEALS.reduce(
    (sum, name) =>
      FIXED_REVEALS.has(name) ? sum : plus(sum, nearestTick(Math.max(0, Math.abs(now[name]! - EVEN) - TOLERANCE))),
    nearestTick(bind),
  )
}

/** 100 less 10 for each margin still outside its band, 15 where a hinge binds, 5 for each move that did nothing or made it worse, and 3
 *  for each move over the least; never below 0. */
export function scoreHanging(exercise: HangExercise, moves: readonly Move[]): HangScore {
  const withIt = missOf(exercise, moves)
  const scored = moves.map((move, i): ScoredMove => {
    const without = missOf(exercise, moves.toSpliced(i, 1))
    return { move, without, withIt, worth: without > withIt ? 'helped' : without < withIt ? 'worse' : 'nothing' }
  })
  const now = standingAfter(exercise, moves)
  const off = REVEALS.flatMap(name =>
    !FIXED_REVEALS.has(name) && Math.abs(now[name]! - EVEN) > TOLERANCE + ALIKE ? [{ name, value: now[name]! }] : [],
  )
  const { binds } = feelOf(exercise, moves)
  const least = leastMoves(exercise).moves
  const wasted = scored.filter(one => one.worth !== 'helped').length
  const over = Math.max(0, moves.length - wasted - least.length)
  const lost = off.length * 10 + (binds ? 15 : 0) + wasted * 5 + over * 3
  return { points: Math.max(0, 100 - lost), moves: scored, off, binds, least, faults: exercise.faults }
}
