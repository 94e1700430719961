import type { TradeNumber } from '../base/figure'
import type { Stage } from '../base/stage'
import type { TradeLengths } from '../base/trade-lengths'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import type { HungLeaf } from '../specification/hung-leaf'
import type { Answer } from '../survey/answer'
import type { Reading } from '../survey/reading'
import { isGapSlot } from '../survey/slots'
import { type Survey, standingReadings, surveyOf } from '../survey/survey'
import type { Edge, SealOf } from './edge'
import { planSeals, type SealCode, type SealPlan } from './plan-seals'
import type { Seal } from './seal'
import type { SealChoice } from './seal-choice'
import { type SoundThrough, soundThrough } from './sound-through'

/** What is sealed: the edges of the closed door, the seals planned on them, and which are fitted. */
export type Sealed = {
  readonly edges: readonly Edge[]
  /** The gaps that choose: those read of the door that stays, or of the new one as set. */
  readonly survey: Survey
  /** `null` until a gap is read, or where sealing is not worked out for this kind. */
  readonly plan: SealPlan | null
  readonly isWorkedOut: boolean
  /** Sound through it with its gaps as they were read; `null` while no gap was read or its construction is not said. */
  readonly sound: SoundThrough | null
  /** Ids of edges whose seal is noted as fitted. */
  readonly fitted: ReadonlySet<string>
}

/** The entry of a kind whose seals are not worked out: sealed by its maker's sheet. */
export const SEALED_BY_SHEET = 'by-sheet'

export type SealGiven = {
  readonly of: SealOf
  readonly survey: Survey
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly leaf: HungLeaf | null
  readonly hinges: 'left' | 'right' | null
  /** Of the chosen unit, else as wished or as the old leaf is. */
  readonly material: string | null
  readonly purposes: readonly string[]
  readonly choice: SealChoice
  readonly log: readonly LogEntry[]
  readonly seals: readonly Seal[]
  readonly latchLimitN: TradeNumber
  readonly lengths: TradeLengths
  /** What a leaf so built keeps out by itself, Rw in dB; `null` while nobody said how it is built. */
  readonly leafRw: number | null
}

/** Plans the seals of a door from the gaps of its own occasion. */
export function sealOpening(given: SealGiven): Stage<Sealed, SealCode> {
  const { of, leaf, choice } = given
  const edges = leaf
    ? of.edges({
        width: leaf.width.value,
        height: leaf.height.value,
        thickness: leaf.thickness.value,
        hinges: given.hinges ?? 'left',
      })
    : []
  const survey = gapSurvey(given)
  const { value: plan, findings } = of.isWorkedOut
    ? planSeals({
        survey,
        edges,
        material: given.material,
        isOutside: of.isOutside,
        purposes: given.purposes,
        climate: choice,
        choice: choice.edges,
        seals: given.seals,
        latchLimitN: given.latchLimitN,
        lengths: given.lengths,
      })
    : { value: null, findings: [] }
  const fitted = [...standingEntries('seal', given.log)].flatMap(([code, entry]) =>
    entry.result === 'fitted' ? [code] : [],
  )
  const sound =
    leaf && given.leafRw !== null
      ? soundThrough({ width: leaf.width.value, height: leaf.height.value }, edges, survey, given.leafRw)
      : null
  return { value: { edges, survey, plan, sound, isWorkedOut: of.isWorkedOut, fitted: new Set(fitted) }, findings }
}

/** The gaps of an old leaf choose nothing for the new one: only what was read since it stands counts there. */
function gapSurvey({ of, survey, readings, answers }: SealGiven): Survey {
  const since = standingReadings(readings, answers).filter(
    one => one.occasion !== 'survey' && one.occasion !== 'old-door' && isGapSlot(one.slot),
  )
  const own = of.surveyIsOldLeaf ? [...survey.bySlot].filter(([slot]) => !isGapSlot(slot)) : [...survey.bySlot]
  const later = surveyOf(survey.way, since).bySlot
  return { ...survey, bySlot: new Map([...own, ...later]) }
}
