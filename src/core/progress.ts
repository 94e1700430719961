import { type Finding, type Severity, worstOf } from './base/finding'
import { STAGES, type Stage } from './base/stages'
import { standingOrders } from './order/revision'
import type { SealOf } from './seal/edge'
import type { SealPlan } from './seal/plan-seals'
import { isFitted, SEALED_BY_SHEET, type Sealed } from './seal/sealed'
import type { Wishes } from './specification/wishes'
import { isAnswered } from './survey/survey'
import { essentialFor } from './survey/survey-of'
import { WAY_READINGS } from './survey/ways'
import type { OpeningRecords } from './terms'
import type { Work } from './work'

/** How far the work on one opening is: the stage where the next thing waits, and the worst mark so far. */
export type Progress = {
  readonly stage: Stage
  readonly done: readonly Stage[]
  readonly worst: Severity
  readonly finished: boolean
}

/** Stages a kind of door has no use for: where nothing is ordered or set; where no opening is read, nothing of it is judged or sealed. */
export function idleStages({ takes, survey }: Work['door']): ReadonlySet<Stage> {
  if (takes.length === 0) return new Set<Stage>(['specify', 'order'])
  const readsNoOpening = survey.ways.every(way => WAY_READINGS[way].length === 0)
  return new Set<Stage>(readsNoOpening ? ['diagnose', 'specify', 'seal'] : [])
}

/** Reads off what is done; diagnosing is done when nothing must be corrected first. */
export function progressOf(work: Work, records: OpeningRecords): Progress {
  const { door, seal, handover, measure, diagnose } = work
  const { wishes } = records
  const isOrdered = door.takes.length > 0
  const complete: Readonly<Record<Stage, boolean>> = {
    measure:
      essentialFor(door.survey, wishes.way).every(question => isAnswered(measure.value.survey, question)) &&
      !measure.findings.some(one => one.severity === 'correct' || one.severity === 'stop'),
    diagnose:
      (measure.value.model !== null || WAY_READINGS[wishes.way].length === 0) && worstOf(diagnose.findings) !== 'stop',
    specify: !isOrdered || isSpecified(work, wishes),
    order: !isOrdered || standingOrders(records.orders).length > 0,
    fit: isSet(work),
    seal: isSealed(seal.value, door.seal),
    handover: handover.value.open === 0 && handover.findings.length === 0,
  }
  const next = STAGES.find(stage => !complete[stage]) ?? 'handover'
  const finished = STAGES.every(stage => complete[stage])
  return {
    stage: next,
    done: STAGES.filter(stage => complete[stage]),
    worst: finished ? 'fine' : worstOf(relevantTo(next, work)),
    finished,
  }
}

/** What must be settled is settled, and the jamb known; of a leaf or a lock for a frame that stays only its own hand. */
function isSpecified({ door, specify, order }: Work, wishes: Wishes): boolean {
  const { of } = order.value
  const { settles, hasJamb } = door.specify
  if (of && !of.isDerived)
    return settles.every(name => !(of.hand as readonly string[]).includes(name) || wishes[name] !== null)
  return settles.every(name => wishes[name] !== null) && (!hasJamb || specify.value.specification.jamb !== null)
}

/** All steps done, or noted as set by its sheet. */
function isSet({ fit }: Work): boolean {
  const { steps, setBySheet } = fit.value
  return setBySheet !== null || (steps.length > 0 && steps.every(step => step.state === 'done'))
}

/** Every edge read, what was chosen for it fitted, and read again where something was put on; or it was noted as sealed by its sheet, as before seals of its kind
 *  were worked out. */
function isSealed({ edges, plan, fitted, proof }: Sealed, { closes }: SealOf): boolean {
  if (fitted.has(SEALED_BY_SHEET)) return true
  const asked = edges.filter(edge => edge.slots.length > 0)
  if (asked.length === 0) return !closes
  if (!plan || plan.edges.length < asked.length || plan.edges.some(one => one.expected !== null)) return false
  const isIn = (one: SealPlan['edges'][number]) =>
    one.chosen.every(({ seal }) => isFitted(fitted, one.edge.id, seal.id))
  return plan.edges.every(isIn) && proof.isWhole
}

/** The findings that matter for what comes next: once a unit is ordered, what was wrong with the readings is settled. */
function relevantTo(
  stage: Stage,
  { measure, diagnose, specify, order, fit, seal, handover }: Work,
): readonly Finding[] {
  switch (stage) {
    case 'measure':
    case 'diagnose':
    case 'specify':
      return [...measure.findings, ...diagnose.findings, ...specify.findings]
    case 'order':
      return [...diagnose.findings, ...specify.findings, ...order.findings]
    case 'fit':
      return fit.findings
    case 'seal':
      return seal.findings
    case 'handover':
      return handover.findings
  }
}
