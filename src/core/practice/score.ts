import type { TradeLengths } from '../base/trade-lengths'
import { adjustOpening } from '../opening/adjust-opening'
import { decidingReadings } from '../opening/deciding-readings'
import { checksFor } from '../opening/model-opening'
import { deviationsOf } from '../opening/observe-survey'
import type { Observations } from '../opening/opening'
import { kindOf, type NetworkReading } from '../survey/network'
import { inches, type Length, magnitude, minus, nearestTick, smallestOf, times } from '../units/length'
import { EXERCISE_READINGS, type Exercise, type Fault, spanOf, truthOf } from './exercise'

/** One reading of the learner; `level` where it is the gap at the end of a level of this length. */
export type Attempt = { readonly name: NetworkReading; readonly value: Length; readonly level: Length | null }

/** What became of a reading: right, misread, left out though it mattered, taken though it told nothing, or rightly not taken. */
export type Mark = 'right' | 'misread' | 'left-out' | 'redundant' | 'not-needed'

export type ScoredReading = {
  readonly name: NetworkReading
  readonly mark: Mark
  /** As it truly is, over the whole side. */
  readonly truth: Length
  /** As read, over the whole side; `null` when it was not read. */
  readonly read: Length | null
  readonly times: number
}

export type Score = {
  readonly readings: readonly ScoredReading[]
  readonly faults: readonly Fault[]
  /** 100 less 6 for each misread, 4 for each left out, 1 for each redundant; never below 0. */
  readonly points: number
}

/** How far a reading may be off and still be right: one mark of a tape. */
const ONE_MARK = inches(0, 1, 16)
/** A reading that could still change the margin by this much matters. */
const MATTERS = inches(0, 1, 32)
const COST: Readonly<Record<Mark, number>> = { right: 0, misread: 6, 'left-out': 4, redundant: 1, 'not-needed': 0 }

/** Scores a learner's readings of a made-up opening with the same core that judges a real survey: the latest attempt at each reading counts. */
export function scoreExercise(exercise: Exercise, attempts: readonly Attempt[], lengths: TradeLengths): Score {
  const latest = new Map(attempts.map(one => [one.name, one]))
  const observations: Observations = Object.fromEntries(
    [...latest.values()].map(one => [one.name, { value: wholeOf(exercise, one) }]),
  )
  const needed = neededReadings(observations, lengths)
  const readings = EXERCISE_READINGS.map((name): ScoredReading => {
    const read = observations[name]?.value ?? null
    const count = attempts.filter(one => one.name === name).length
    const truth = truthOf(exercise, name)
    return { name, truth, read, times: count, mark: markOf(name, read, truth, count, needed, observations, lengths) }
  })
  const lost = readings.reduce((sum, one) => sum + COST[one.mark], 0)
  return { readings, faults: exercise.faults, points: Math.max(0, 100 - lost) }
}

/** A gap at the end of a level, over the whole side; anything else as it was read. */
function wholeOf(exercise: Exercise, { name, value, level }: Attempt): Length {
  const isLevelled = kindOf(name) === 'lean' || kindOf(name) === 'fall'
  return isLevelled && level ? nearestTick((value * spanOf(exercise, name)) / level) : value
}

function markOf(
  name: NetworkReading,
  read: Length | null,
  truth: Length,
  count: number,
  needed: ReadonlySet<NetworkReading>,
  observations: Observations,
  lengths: TradeLengths,
): Mark {
  if (read === null) return needed.has(name) ? 'left-out' : 'not-needed'
  if (magnitude(minus(read, truth)) > ONE_MARK) return 'misread'
  if (count > 1) return 'redundant'
  const { [name]: _, ...others } = observations
  return neededReadings(others, lengths).has(name) ? 'right' : 'redundant'
}

/** What still matters beside these readings: a size that is missing, a check for one that nothing else would show, and what
 *  could still change the verdict for the unit the smallest width asks for. */
function neededReadings(observations: Observations, lengths: TradeLengths): ReadonlySet<NetworkReading> {
  const sizes = EXERCISE_READINGS.filter(name => kindOf(name) === 'widths' || kindOf(name) === 'heights')
  const deviations = deviationsOf(lengths)
  const adjusted = adjustOpening(observations, deviations)
  if (!adjusted.ok) return new Set(sizes)
  const read = (kind: 'widths' | 'heights') =>
    smallestOf(sizes.filter(name => kindOf(name) === kind).flatMap(name => observations[name]?.value ?? []))
  const unit = {
    width: minus(read('widths'), lengths['room-width'].value),
    height: minus(read('heights'), lengths['room-height'].value),
  }
  const least = { sides: times(lengths['gap-least'].value, 2), head: lengths['head-least'].value }
  const deciding = decidingReadings(observations, deviations, EXERCISE_READINGS, { unit }, least)
  return new Set([
    ...sizes.filter(name => !observations[name]),
    ...adjusted.value.unchecked.flatMap(checksFor).filter(name => !observations[name]),
    ...deciding.filter(one => !one.isTaken && one.swing >= MATTERS).map(one => one.name),
  ])
}
