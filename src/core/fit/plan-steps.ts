import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import { asLedThen } from './former-steps'
import { judgeSteps, type StepFinding } from './judge-steps'
import type { PlannedStep, SettingStep, StepState } from './setting-step'
import { conditionHolds, type StepFacts } from './step-facts'
import { hasEnded, missesLimit, type StepFigures } from './step-verdict'
import { type EndedAt, endedAt, waitEnds } from './step-waits'

/** The steps that belong to an opening, in order, each needing only steps that are among them; what one that is left out needed is needed
 *  in its stead. */
export function stepsFor(steps: readonly SettingStep[], facts: StepFacts): readonly SettingStep[] {
  const here = steps.filter(one => one.by === null || conditionHolds(one.by, facts))
  const own = here.filter(one => one.when.every(condition => conditionHolds(condition, facts)))
  const ids = new Set(own.map(one => one.id))
  const left = new Map(here.filter(one => !ids.has(one.id)).map(one => [one.id, one]))
  const known = new Map<string, readonly string[]>()
  const needs = (id: string): readonly string[] => {
    if (ids.has(id)) return [id]
    const found = known.get(id) ?? [...new Set((left.get(id)?.needs ?? []).flatMap(needs))]
    known.set(id, found)
    return found
  }
  return own.map(one => ({
    ...one,
    needs: [...new Set(one.needs.flatMap(needs))],
    minutes: one.minutes + minutesOf(one, facts),
  }))
}

/** A preparation takes as long as it was priced. */
const minutesOf = ({ id }: SettingStep, { preparations }: StepFacts): number =>
  preparations.reduce((sum, one) => (prepareStep(one.id) === id ? sum + one.minutes : sum), 0)
/** The step in which a preparation is done. */
export const prepareStep = (id: string): string => `prepare-${id}`

/** The steps of an opening as they stand: each blocked until all it needs is done and waited for, failed when what was read misses its
 *  limit, and to be looked at again when something under it was done anew since. */
export function planSteps(
  steps: readonly SettingStep[],
  facts: StepFacts,
  log: readonly LogEntry[],
  figures: StepFigures,
): { readonly steps: readonly PlannedStep[]; readonly findings: readonly StepFinding[] } {
  const entries = standingEntries('step', log)
  return ledSteps(stepsFor(asLedThen(steps, entries), facts), entries, facts, figures)
}

/** What decides whether a step may begin: the clock and the zone it goes by, and whether the new unit is there. */
export type StepClock = Pick<StepFacts, 'isAccepted' | 'now' | 'zone'>

/** The same of steps that belong to the opening for sure. */
export function ledSteps(
  own: readonly SettingStep[],
  entries: ReadonlyMap<string, LogEntry>,
  facts: StepClock,
  figures: StepFigures,
): { readonly steps: readonly PlannedStep[]; readonly findings: readonly StepFinding[] } {
  const ended = endedAt(new Map(own.map(one => [one.id, one])), entries)
  const planned = new Map<string, PlannedStep>()
  const last = new Map<string, string>()
  for (const one of own) {
    last.set(one.id, lastDone(one, { planned, entries, ended, last }))
    planned.set(one.id, planStep(one, { planned, entries, ended, last, facts, figures }))
  }
  const all = [...planned.values()]
  return { steps: all, findings: judgeSteps(all, entries, figures) }
}

const isDone = (step: PlannedStep | undefined): boolean => step === undefined || step.state === 'done'

type Known = {
  readonly planned: ReadonlyMap<string, PlannedStep>
  readonly entries: ReadonlyMap<string, LogEntry>
  readonly ended: EndedAt
  /** By step: when it or anything it rests on was done last. */
  readonly last: ReadonlyMap<string, string>
  readonly facts: StepClock
  readonly figures: StepFigures
}

function planStep(one: SettingStep, known: Known): PlannedStep {
  const { planned, entries, facts } = known
  const entry = entries.get(one.id)
  const missing = [
    ...(one.wantsUnit && !facts.isAccepted ? ['unit-accepted'] : []),
    ...one.needs.filter(id => !isDone(planned.get(id))),
  ]
  const until = missing.length ? null : waitsUntil(one, known)
  const state = stateOf(one, entry, missing, known, until)
  return { ...one, state, missing, until: state === 'waiting' ? until : null }
}

function stateOf(
  one: SettingStep,
  entry: LogEntry | undefined,
  missing: readonly string[],
  known: Known,
  until: string | null,
): StepState {
  if (entry && hasEnded(entry)) {
    if (missesLimit(one, entry, known.figures)) return 'failed'
    if (one.reads?.isNeeded && entry.result === 'done' && entry.value === null) return 'doing'
    // Something it rests on was done again after it.
    const stale = one.needs.some(id => (known.last.get(id) ?? '') > entry.at)
    return (missing.some(id => id !== 'unit-accepted') || stale) && !one.irreversible ? 'look-again' : 'done'
  }
  if (entry?.result === 'failed') return 'failed'
  if (missing.length) return 'blocked'
  if (until !== null && until > known.facts.now) return 'waiting'
  return entry?.result === 'started' ? 'doing' : 'ready'
}

/** When a step, or the last of all it rests on, was done; the empty text where nothing of it was. */
function lastDone({ id, needs }: SettingStep, { entries, last }: Omit<Known, 'facts' | 'figures'>): string {
  const entry = entries.get(id)
  const own = entry && hasEnded(entry) ? entry.at : ''
  return needs.reduce((latest, one) => later(latest, last.get(one) ?? ''), own)
}
const later = (a: string, b: string): string => (a > b ? a : b)

/** When the last wait of what a step needs is over; `null` without one. A step that was left out is not waited for. */
function waitsUntil({ needs }: SettingStep, { planned, entries, ended, facts }: Known): string | null {
  const ends = needs.flatMap(id => {
    const [wait, entry, at] = [planned.get(id)?.wait, entries.get(id), ended(id)]
    if (!wait || !at || entry?.result !== 'done') return []
    const celsius = entry.value && 'number' in entry.value ? entry.value.number : null
    return [waitEnds(wait, at, celsius, facts.zone)]
  })
  return ends.sort().at(-1) ?? null
}
