import type { Stage } from '../base/stage'
import type { TradeLengths } from '../base/trade-lengths'
import type { Answer } from '../survey/answer'
import { judgeSurvey, type SurveyCode } from '../survey/judge-survey'
import type { LockFamily } from '../survey/lock-family'
import type { ReadableCode } from '../survey/readable'
import type { Reading } from '../survey/reading'
import { judgeSecond, type SecondCode } from '../survey/second-reading'
import type { Survey } from '../survey/survey'
import type { SurveyOf } from '../survey/survey-of'
import { surveyTaken } from '../survey/survey-taken'
import { judgeUnchecked, type UncheckedCode } from '../survey/unchecked'
import type { Way } from '../survey/ways'
import { assumedHole, type MeasuringCode, type ModelledOpening, modelOpening } from './model-opening'

export type MeasureCode = MeasuringCode | SurveyCode | SecondCode | UncheckedCode | ReadableCode

/** What was read, and the opening that follows from all of it at once; `model` is `null` until there is a width and a height. */
export type Measured = { readonly survey: Survey; readonly model: ModelledOpening | null }

/** Reads the survey off its rows and adjusts the opening. A row nobody can have read is a finding, and counts for nothing. */
export function measure(
  asked: SurveyOf,
  derivesUnit: boolean,
  way: Way,
  readings: readonly Reading[],
  answers: readonly Answer[],
  lengths: TradeLengths,
  locks: readonly LockFamily[],
): Stage<Measured, MeasureCode> {
  const { survey, own, findings } = surveyTaken(way, readings, answers)
  const seconds = judgeSecond(own, lengths)
  const modelled = modelOpening(survey, lengths, {
    ways: asked.ways,
    confirmed: seconds.filter(one => one.code === 'second-agrees').map(one => one.place),
  })
  const model = modelled.value
  return {
    value: { survey, model },
    findings: [
      ...findings,
      ...modelled.findings,
      ...(model && derivesUnit && !model.isHole ? [assumedHole(model.way)] : []),
      ...seconds,
      ...judgeUnchecked(own, answers),
      ...judgeSurvey(asked, survey, lengths, locks),
    ],
  }
}
