import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { point } from '../geometry/point'
import { kindOf, NETWORK_READINGS, type NetworkReading } from '../survey/network'
import { type Slot, waySlot } from '../survey/slots'
import { readValue, type Survey } from '../survey/survey'
import { readsTheHole, WAY_READINGS, WAYS, type Way } from '../survey/ways'
import { type Length, minus, nearestTick } from '../units/length'
import { adjustOpening } from './adjust-opening'
import { deviationsOf, observationsOf } from './observe-survey'
import type { AdjustedOpening, Observations, PointDeviations } from './opening'

export type MeasuringCode =
  | 'reading-contradicts'
  | 'reading-suspect'
  | 'reading-unchecked'
  | 'hole-assumed'
  | 'readings-apart'

/** The hole the unit will stand in, from the readings of one way. */
export type ModelledOpening = {
  readonly way: Way
  /** The four-sided shape the readings were taken of. */
  readonly adjusted: AdjustedOpening
  /** Measured, but neither another reading nor a second hand would show a blunder in it. */
  readonly unchecked: readonly NetworkReading[]
  /** Whether that shape is the hole itself; else an old frame or leaf still fills it. */
  readonly isHole: boolean
}

/** Of `ways`, the one whose readings tell the most about the hole: one that reads it, else the chosen one, else any that was read. */
export function bestWay(survey: Survey, ways: readonly Way[] = WAYS): Way {
  const read = ways.filter(way => hasSize(survey, way))
  return read.find(readsTheHole) ?? (read.includes(survey.way) ? survey.way : (read[0] ?? survey.way))
}

const hasSize = (survey: Survey, way: Way): boolean =>
  ['widths.', 'heights.'].every(kind =>
    NETWORK_READINGS.some(name => name.startsWith(kind) && readValue(survey, waySlot(way, name)) !== null),
  )

export type ModelOptions = {
  /** The ways the opening can be modelled by; all of them unless said. */
  readonly ways?: readonly Way[]
  /** Readings a second hand or instrument agreed with: they are checked, whatever the network says. */
  readonly confirmed?: readonly Slot[]
}

/** Adjusts the readings of the best way; `null` until there is a width and a height. */
export function modelOpening(
  survey: Survey,
  lengths: TradeLengths,
  { ways = WAYS, confirmed = [] }: ModelOptions = {},
): {
  readonly value: ModelledOpening | null
  readonly findings: readonly Finding<MeasuringCode>[]
} {
  const way = bestWay(survey, ways)
  const observations = observationsOf(survey, way, lengths)
  const outcome = adjustOpening(observations, deviationsOf(lengths))
  if (!outcome.ok) return { value: null, findings: hasSize(survey, way) ? [apart(way)] : [] }
  const unchecked = outcome.value.unchecked.filter(name => !confirmed.includes(waySlot(way, name)))
  const value = { way, adjusted: outcome.value, unchecked, isHole: readsTheHole(way) }
  return { value, findings: doubts(value, observations) }
}

const apart = (way: Way): Finding<MeasuringCode> => ({
  code: 'readings-apart',
  place: waySlot(way, 'widths.bottom'),
  severity: 'stop',
  facts: {},
  rule: 'network',
  cures: [cure('reading.take-again')],
})

/** The hole behind an old frame was not seen: it is taken as tight, plumb and level. */
export const assumedHole = (way: Way): Finding<MeasuringCode> => ({
  code: 'hole-assumed',
  place: waySlot(way, 'widths.bottom'),
  severity: 'watch',
  facts: { way },
  rule: 'network',
  cures: [cure('hole.measure-on-the-day')],
})

function doubts(
  { way, adjusted, unchecked }: ModelledOpening,
  observations: Observations,
): readonly Finding<MeasuringCode>[] {
  const { suspect } = adjusted
  const open = (name: NetworkReading) =>
    checksFor(name)
      .filter(one => !observations[one] && (WAY_READINGS[way] as readonly NetworkReading[]).includes(one))
      .map(one => waySlot(way, one))
      .join(' ')
  const suspects: Finding<MeasuringCode>[] = suspect
    ? [
        {
          code: 'reading-suspect',
          place: waySlot(way, suspect.reading),
          severity: 'correct',
          facts: {
            read: { length: observations[suspect.reading]!.value },
            likely: { length: suspect.likely },
            off: { length: nearestTick(Math.abs(observations[suspect.reading]!.value - suspect.likely)) },
            others: suspect.alternatives.map(name => waySlot(way, name)).join(' '),
            checkedBy: open(suspect.reading),
            test: suspect.test.toFixed(1),
          },
          rule: 'network',
          cures: [cure('reading.take-again')],
        },
      ]
    : []
  return [
    ...suspects,
    ...adjusted.contradicting.map(
      ({ reading, test }): Finding<MeasuringCode> => ({
        code: 'reading-contradicts',
        place: waySlot(way, reading),
        severity: 'correct',
        facts: {
          read: { length: observations[reading]!.value },
          checkedBy: open(reading),
          test: test.toFixed(1),
        },
        rule: 'network',
        cures: [cure('reading.take-again')],
      }),
    ),
    ...groupsOf(unchecked, open).map(([checkedBy, names]) => uncheckedFinding(way, names, checkedBy)),
  ]
}

/** Readings that the same further readings would check, together. */
function groupsOf(
  names: readonly NetworkReading[],
  keyOf: (name: NetworkReading) => string,
): readonly (readonly [key: string, names: readonly NetworkReading[]])[] {
  const keys = [...new Set(names.map(keyOf))]
  return keys.map(key => [key, names.filter(name => keyOf(name) === key)])
}

const uncheckedFinding = (way: Way, names: readonly NetworkReading[], checkedBy: string): Finding<MeasuringCode> => ({
  code: 'reading-unchecked',
  place: waySlot(way, names[0]!),
  severity: 'watch',
  facts: { slot: names.map(name => waySlot(way, name)).join(' '), checkedBy },
  rule: 'network',
  cures: [cure('reading.take-check')],
})

/** The further readings that together would show a blunder in this one. */
export function checksFor(name: NetworkReading): readonly NetworkReading[] {
  switch (kindOf(name)) {
    case 'widths':
      return name === 'widths.middle'
        ? ['bow.left', 'bow.right']
        : ['lean.left', 'lean.right', 'widths.top', 'widths.bottom']
    case 'heights':
      return name === 'heights.centre'
        ? ['crown.sill', 'crown.head']
        : ['fall.sill', 'fall.head', 'diagonals.risingRight', 'diagonals.risingLeft']
    case 'diagonals':
    case 'lean':
      return ['lean.left', 'lean.right', 'diagonals.risingRight', 'diagonals.risingLeft', 'widths.top']
    case 'fall':
      return ['heights.left', 'heights.right', 'fall.sill', 'fall.head']
    case 'bow':
      return ['widths.middle', 'bow.left', 'bow.right']
    case 'crown':
      return ['heights.centre', 'crown.sill', 'crown.head']
  }
}

/** A hole nobody has seen yet: as wide and high as the rough opening wants it, plumb and level, and not to be trusted. */
export function assumedOpening(width: Length, height: Length, lengths: TradeLengths): AdjustedOpening {
  const middle = nearestTick(width / 2)
  const half = nearestTick(height / 2)
  const wide = { x: lengths['assumed-lean'].value, y: lengths['assumed-fall'].value }
  const deviations: PointDeviations = {
    L0: { x: 0, y: 0 },
    L1: wide,
    L2: wide,
    R0: wide,
    R1: wide,
    R2: wide,
    S: wide,
    T: wide,
  }
  return {
    points: {
      L0: point(0, 0),
      L1: point(0, half),
      L2: point(0, height),
      R0: point(width, 0),
      R1: point(width, half),
      R2: point(width, height),
      S: point(middle, 0),
      T: point(middle, height),
    },
    deviations,
    suspect: null,
    contradicting: [],
    unchecked: [],
    assumed: NETWORK_READINGS,
    residuals: {},
  }
}

/** By how much two figures for one size differ. */
export const apartBy = (a: Length, b: Length): Length => nearestTick(Math.abs(minus(a, b)))
