import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import { limitFacts } from '../base/limit'
import type { LogEntry } from '../log/log'
import type { PlannedStep } from './setting-step'
import { hasEnded, missesLimit, type StepFigures } from './step-verdict'

export type StepCode = 'step-under-irreversible' | 'step-out-of-order' | 'step-failed' | 'step-against-limit'
export type StepFinding = Finding<StepCode>

/** What is wrong with how steps were done: one that failed, one whose figure misses its limit, one done before what it needs. */
export function judgeSteps(
  steps: readonly PlannedStep[],
  entries: ReadonlyMap<string, LogEntry>,
  figures: StepFigures,
): readonly StepFinding[] {
  const all = new Map(steps.map(one => [one.id, one]))
  return steps.flatMap(one => judgeStep(one, all, entries, figures))
}

function judgeStep(
  one: PlannedStep,
  all: ReadonlyMap<string, PlannedStep>,
  entries: ReadonlyMap<string, LogEntry>,
  figures: StepFigures,
): readonly StepFinding[] {
  const entry = entries.get(one.id)
  if (!entry) return []
  if (one.state === 'failed') return [judgeFailed(one, entry, figures)]
  const open = one.needs.filter(id => all.get(id)?.state !== 'done')
  if (!hasEnded(entry) || open.length === 0) return []
  const facts = { step: one.id, missing: open.join(' '), text: entry.text }
  const wasBefore = open.some(id => entries.get(id)?.result === 'reopened')
  if (one.irreversible) return [found(wasBefore ? 'step-under-irreversible' : 'step-out-of-order', 'stop', one, facts)]
  // What was done and opened again since is to be looked at again; what was never done was left out on the way.
  return open.some(id => !entries.has(id)) ? [found('step-out-of-order', 'watch', one, facts)] : []
}

function judgeFailed(one: PlannedStep, entry: LogEntry, figures: StepFigures): StepFinding {
  const cures = one.cure === null ? [] : [cure(one.cure === 'tuning' ? 'margins.tune' : 'step.again')]
  const { limit } = one.reads ?? {}
  if (!limit || !entry.value || !missesLimit(one, entry, figures))
    return { ...found('step-failed', 'correct', one, { step: one.id, text: entry.text }), cures }
  const facts = { step: one.id, text: entry.text, ...limitFacts(entry.value, limit, figures) }
  return { ...found('step-against-limit', 'correct', one, facts), cures, rule: limit.figure }
}

const found = (
  code: StepCode,
  severity: Finding['severity'],
  { id }: PlannedStep,
  facts: Finding['facts'],
): StepFinding => ({ code, place: `step.${id}`, severity, facts, rule: 'step-order', cures: [] })
