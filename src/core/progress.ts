import { type Finding, type Severity, worstOf } from './base/finding'
import { STAGES, type Stage } from './drawing/stage'
import type { FindingCode, JobResult, OpeningRecords } from './job'
import { standingOrders } from './order/revision'
import { essentialFor, FAMILY_RULES } from './survey/families'
import { isAnswered } from './survey/survey'

/** How far the work on one opening is: the stage where the next thing waits, and the worst mark so far. */
export type Progress = {
  readonly stage: Stage
  readonly done: readonly Stage[]
  readonly worst: Severity
  readonly finished: boolean
}

/** Reads off what is done; diagnosing is done when nothing must be corrected first. */
export function progressOf(result: JobResult, records: OpeningRecords): Progress {
  const { family, findings, survey, wishes } = result
  const { isOrdered, settles, hasJamb } = FAMILY_RULES[family]
  const complete: Readonly<Record<Stage, boolean>> = {
    measure:
      essentialFor(family, wishes.way).every(question => isAnswered(survey, question)) &&
      !findings.measure.some(one => one.severity === 'correct' || one.severity === 'stop'),
    diagnose: result.model !== null && worstOf(findings.diagnose) !== 'stop',
    specify:
      !isOrdered || (settles.every(name => wishes[name] !== null) && (!hasJamb || result.specification.jamb !== null)),
    order: !isOrdered || standingOrders(records.orders).length > 0,
    fit: !isOrdered || (result.steps.length > 0 && result.steps.every(step => step.state === 'done')),
    seal: result.seals !== null && result.seals.sides.length === 4,
    handover: result.handover.open === 0 && result.handover.findings.length === 0,
  }
  const next = STAGES.find(stage => !complete[stage]) ?? 'handover'
  const finished = STAGES.every(stage => complete[stage])
  return {
    stage: next,
    done: STAGES.filter(stage => complete[stage]),
    worst: finished ? 'fine' : worstOf(relevantTo(next, result)),
    finished,
  }
}

/** The findings that matter for what comes next: once a unit is ordered, what was wrong with the readings is settled. */
function relevantTo(stage: Stage, { findings }: JobResult): readonly Finding<FindingCode>[] {
  switch (stage) {
    case 'measure':
    case 'diagnose':
    case 'specify':
      return [...findings.measure, ...findings.diagnose, ...findings.specify]
    case 'order':
      return [...findings.diagnose, ...findings.specify, ...findings.order]
    case 'fit':
      return findings.fit
    case 'seal':
      return findings.seal
    case 'handover':
      return findings.handover
  }
}
