import type { Finding } from '../base/finding'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import type { Cavity, SillSystem } from '../specification/bedding'
import type { Visit } from '../specification/visit'

/** When a step belongs to an opening. */
export type StepCondition =
  | 'always'
  | 'in-swing'
  | 'out-swing'
  | 'pad'
  | 'old-door'
  | 'hole-unread'
  | 'cap'
  | 'obstacles'
  | 'bell-wire'
  | 'hardware'
  | 'inside-casing'
  | 'old-screws'
  | 'old-nails'
  | SillSystem
  | Cavity

/** One step of setting a unit, as trade data: what must have been done before, how long it takes, whether it can be undone. */
export type SettingStep = {
  readonly id: string
  readonly when: StepCondition
  readonly needs: readonly string[]
  readonly minutes: number
  readonly irreversible: boolean
  /** Hours to wait before what needs this step. */
  readonly waitHours: number
  readonly caution: string | null
  /** Whether the new unit must have been received and accepted before. */
  readonly wantsUnit: boolean
}

export const STEP_STATES = ['blocked', 'ready', 'doing', 'failed', 'waiting', 'done', 'look-again'] as const
export type StepState = (typeof STEP_STATES)[number]
export type PlannedStep = SettingStep & {
  readonly state: StepState
  /** Ids of steps to be done first; `unit-accepted` where the unit is missing. */
  readonly missing: readonly string[]
  /** Until when it waits; `null` while it does not. */
  readonly until: string | null
}

/** What decides which steps there are and whether they may begin. */
export type StepFacts = {
  readonly swing: 'in' | 'out' | null
  readonly hasPad: boolean
  readonly oldDoor: 'in-place' | 'out' | 'new-wall'
  readonly isHoleRead: boolean
  readonly isAccepted: boolean
  readonly hasCap: boolean
  /** What lies under the sill, and what fills the gap round the frame. */
  readonly sill: SillSystem
  readonly cavity: Cavity
  /** What was said at the first look. */
  readonly visit: Visit
  /** ISO 8601. */
  readonly now: string
}

export type StepCode = 'step-under-irreversible' | 'step-out-of-order' | 'step-failed'

const HOLDS: Readonly<Record<StepCondition, (facts: StepFacts) => boolean>> = {
  always: () => true,
  'in-swing': ({ swing }) => swing === 'in',
  'out-swing': ({ swing }) => swing === 'out',
  pad: ({ hasPad }) => hasPad,
  'old-door': ({ oldDoor }) => oldDoor === 'in-place',
  'hole-unread': ({ isHoleRead }) => !isHoleRead,
  cap: ({ hasCap }) => hasCap,
  obstacles: ({ visit }) => visit.obstacles.length > 0,
  'bell-wire': ({ visit }) => visit.stays?.includes('bell-wire') ?? false,
  hardware: ({ visit }) => visit.stays?.includes('hardware') ?? false,
  'inside-casing': ({ visit }) => visit.stays?.includes('inside-casing') ?? false,
  'old-screws': ({ oldDoor, visit }) =>
    oldDoor === 'in-place' && (visit.fixings === 'screws' || visit.fixings === 'mixed'),
  'old-nails': ({ oldDoor, visit }) =>
    oldDoor === 'in-place' && (visit.fixings === 'nails' || visit.fixings === 'mixed'),
  pan: ({ sill }) => sill === 'pan',
  membrane: ({ sill }) => sill === 'membrane',
  beads: ({ sill }) => sill === 'beads',
  foam: ({ cavity }) => cavity === 'foam',
  fibre: ({ cavity }) => cavity === 'fibre',
  'backer-rod': ({ cavity }) => cavity === 'backer-rod',
}

/** The steps that belong to this opening, in order: each blocked until all it needs is done and waited for, and to be looked at again
 *  when something under it was reopened since. */
export function planSteps(
  steps: readonly SettingStep[],
  facts: StepFacts,
  log: readonly LogEntry[],
): { readonly steps: readonly PlannedStep[]; readonly findings: readonly Finding<StepCode>[] } {
  const entries = standingEntries('step', log)
  const own = steps.filter(one => HOLDS[one.when](facts))
  const planned = new Map<string, PlannedStep>()
  for (const one of own) planned.set(one.id, planStep(one, planned, entries, facts))
  const all = [...planned.values()]
  return { steps: all, findings: all.flatMap(one => judgeStep(one, planned, entries)) }
}

const isDone = (step: PlannedStep | undefined): boolean => step === undefined || step.state === 'done'
const hasEnded = (entry: LogEntry | undefined): boolean => entry?.result === 'done' || entry?.result === 'waived'

function planStep(
  one: SettingStep,
  before: ReadonlyMap<string, PlannedStep>,
  entries: ReadonlyMap<string, LogEntry>,
  facts: StepFacts,
): PlannedStep {
  const entry = entries.get(one.id)
  const missing = [
    ...(one.wantsUnit && !facts.isAccepted ? ['unit-accepted'] : []),
    ...one.needs.filter(id => !isDone(before.get(id))),
  ]
  const stale = one.needs.some(id => wasDoneAfter(id, entry, before, entries))
  if (hasEnded(entry)) {
    const isShaken = (missing.some(id => id !== 'unit-accepted') || stale) && !one.irreversible
    return asPlanned(one, isShaken ? 'look-again' : 'done', missing)
  }
  if (entry?.result === 'failed') return asPlanned(one, 'failed', missing)
  if (missing.length) return asPlanned(one, 'blocked', missing)
  const until = waitsUntil(one, before, entries)
  if (until !== null && until > facts.now) return asPlanned(one, 'waiting', missing, until)
  return asPlanned(one, entry?.result === 'started' ? 'doing' : 'ready', missing)
}

const asPlanned = (
  { id, when, needs, minutes, irreversible, waitHours, caution, wantsUnit }: SettingStep,
  state: StepState,
  missing: readonly string[],
  until: string | null = null,
): PlannedStep => ({ id, when, needs, minutes, irreversible, waitHours, caution, wantsUnit, state, missing, until })

/** Whether something a step rests on was done again after it. */
function wasDoneAfter(
  id: string,
  entry: LogEntry | undefined,
  before: ReadonlyMap<string, PlannedStep>,
  entries: ReadonlyMap<string, LogEntry>,
): boolean {
  const under = before.get(id)
  const done = entries.get(id)
  if (!under || !entry) return false
  if (done && hasEnded(done) && done.at > entry.at) return true
  return under.needs.some(one => wasDoneAfter(one, entry, before, entries))
}

/** When the last wait of what a step needs is over; `null` without one. */
function waitsUntil(
  { needs }: SettingStep,
  before: ReadonlyMap<string, PlannedStep>,
  entries: ReadonlyMap<string, LogEntry>,
): string | null {
  const ends = needs.flatMap(id => {
    const [step, entry] = [before.get(id), entries.get(id)]
    return step && entry && step.waitHours > 0 ? [Date.parse(entry.at) + step.waitHours * 3_600_000] : []
  })
  return ends.length ? new Date(Math.max(...ends)).toISOString() : null
}

function judgeStep(
  one: PlannedStep,
  all: ReadonlyMap<string, PlannedStep>,
  entries: ReadonlyMap<string, LogEntry>,
): readonly Finding<StepCode>[] {
  const make = (code: StepCode, severity: Finding['severity'], facts: Finding['facts']): Finding<StepCode> => ({
    code,
    place: `step.${one.id}`,
    severity,
    facts,
    rule: 'step-order',
    cures: [],
  })
  const open = one.needs.filter(id => !isDone(all.get(id)))
  const entry = entries.get(one.id)
  if (one.state === 'failed') return [make('step-failed', 'correct', { step: one.id, text: entry?.text ?? '' })]
  if (!hasEnded(entry) || open.length === 0) return []
  const facts = { step: one.id, missing: open.join(' ') }
  const wasBefore = open.some(id => entries.get(id)?.result === 'reopened')
  if (one.irreversible) return [make(wasBefore ? 'step-under-irreversible' : 'step-out-of-order', 'stop', facts)]
  // What was done and opened again since is to be looked at again; what was never done was left out on the way.
  return open.some(id => !entries.has(id)) ? [make('step-out-of-order', 'watch', facts)] : []
}
