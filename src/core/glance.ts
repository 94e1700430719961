import type { Finding, Severity } from './base/finding'
import type { Stage } from './base/stages'
import { idleStages, type Progress, progressOf } from './progress'
import type { SurveyOf } from './survey/survey-of'
import type { OpeningRecords } from './terms'
import type { FindingCode, Work } from './work'

/** What the row of stages and the list of readings show of the work. Plain data: a page brings it along, so that one can read and type before the work itself is there. */
export type Glance = {
  /** What is asked of this kind of door. */
  readonly asked: SurveyOf
  /** Stages this kind has no use for. */
  readonly idle: readonly Stage[]
  /** Whether anything is ordered for it. */
  readonly isOrdered: boolean
  readonly progress: Progress
  /** The worst mark of each question something is found about. */
  readonly doubts: Readonly<Record<string, Severity>>
  /** The reading that disagrees with the others; `null` where none does. */
  readonly suspect: string | null
}

export const glanceOf = (work: Work, records: OpeningRecords): Glance => ({
  asked: work.door.survey,
  idle: [...idleStages(work.door)],
  isOrdered: work.door.takes.length > 0,
  progress: progressOf(work, records),
  doubts: doubtsOf(work.measure.findings),
  suspect: work.measure.findings.find(one => one.code === 'reading-suspect')?.place ?? null,
})

/** The mark of each reading that a finding is about; one finding may be about several. */
function doubtsOf(findings: readonly Finding<FindingCode>[]): Readonly<Record<string, Severity>> {
  const marks: Record<string, Severity> = {}
  for (const { code, severity, place, facts } of [...findings].reverse()) {
    // What nothing else checks is said beside the list: it would turn every row amber.
    if (severity === 'fine' || code === 'reading-unchecked') continue
    for (const one of [place, ...String(facts.slot ?? '').split(' ')]) if (one) marks[one] = severity
  }
  return marks
}
