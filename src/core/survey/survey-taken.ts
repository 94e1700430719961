import type { Finding } from '../base/finding'
import type { Answer } from './answer'
import { impossibleReadings, type ReadableCode } from './readable'
import type { Reading } from './reading'
import { type Survey, standingReadings, surveyOf } from './survey'
import type { Way } from './ways'

/** The survey, the readings it stands on, and the rows that count for nothing. */
export type SurveyTaken = {
  readonly survey: Survey
  readonly own: readonly Reading[]
  readonly findings: readonly Finding<ReadableCode>[]
}

/** Reads the survey off all rows of an opening: without what was struck, what nobody can have read, and what was read on another occasion. */
export function surveyTaken(way: Way, readings: readonly Reading[], answers: readonly Answer[]): SurveyTaken {
  const { possible, findings } = impossibleReadings(standingReadings(readings, answers))
  const own = possible.filter(one => one.occasion === 'survey')
  return { survey: surveyOf(way, own, answers), own, findings }
}
