import type { StepFinding } from '../fit/judge-steps'
import { ledSteps, type StepClock } from '../fit/plan-steps'
import type { PlannedStep, SettingStep, StepPlace } from '../fit/setting-step'
import { hasEnded, type StepFigures } from '../fit/step-verdict'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import type { EdgeRole, SealKind } from '../seal-stock/seal'
import type { Length } from '../units/length'
import type { EdgePlan, SealPlan } from './seal-plan'
import { reasonKey } from './seal-wants'

/** Which seal a step fits, and that its last step is the record that it is in. */
export type StepSeal = {
  readonly edge: string
  readonly id: string
  readonly kind: SealKind
  readonly name: string
  /** The how-manieth of its steps, from 1, of how many. */
  readonly nth: number
  readonly of: number
  /** Of the pieces that are put in; none where nothing is cut. */
  readonly lengths: readonly Length[]
}
export type SealStep = PlannedStep & { readonly seal: StepSeal }
/** Any step of an opening; one that fits a seal says which. */
export type LedStep = PlannedStep & { readonly seal?: StepSeal }

/** How a kind of seal is fitted, as trade data: the minutes are its steps' shares of what the seal takes in all. */
export type SealStepsByKind = Readonly<Record<SealKind, readonly SettingStep[]>>

export type SealStepsGiven = {
  readonly plan: SealPlan | null
  /** Pads or plugs go into the bottom corners. */
  readonly corners: boolean
  /** The steps by which the door is set, as they stand; none of a door that stays. */
  readonly setting: readonly PlannedStep[]
  readonly byKind: SealStepsByKind
  readonly log: readonly LogEntry[]
} & StepClock &
  StepFigures

type Fitting = Omit<StepSeal, 'nth' | 'of'> & {
  readonly role: EdgeRole
  readonly minutes: number
  readonly wantsHead: boolean
}

/** The id of a seal's n-th step. */
export const sealStepId = (edge: string, seal: string, nth: number): string => `${reasonKey(edge, seal)}/${nth}`
/** What a seal's place in a log's code is taken apart to: edge, seal and step. */
export const partsOfSealStep = (id: string): readonly [edge: string, seal: string, nth: number] | null => {
  const [edge, seal, nth] = id.split('/')
  return edge && seal && nth ? [edge, seal, Number(nth)] : null
}

/** The steps of fitting what is planned, after those of setting the door: none before its margins are even and it was tried; a side whose
 *  strip meets the head's after the head, the corners after all that meet there. The last step of each is the record that it is in. */
export function sealSteps(given: SealStepsGiven): {
  readonly steps: readonly SealStep[]
  readonly findings: readonly StepFinding[]
} {
  const { plan, setting, log, byKind } = given
  const fittings = plan ? fittingsOf(plan, given.corners) : []
  if (fittings.length === 0) return { steps: [], findings: [] }
  const trued = setting.filter(one => one.cure === 'tuning' || one.id === 'operation-test').map(one => one.id)
  const own = fittings.flatMap(one => stepsOf(one, fittings, byKind, trued))
  const of = new Map(own.map(one => [one.id, one.seal]))
  const entries = entriesOf(fittings, byKind, log)
  const { steps, findings } = ledSteps([...setting, ...own], entries, given, given)
  return {
    steps: steps.flatMap(one => (of.has(one.id) ? [{ ...one, seal: of.get(one.id)! }] : [])),
    findings: findings.filter(one => of.has(one.place.slice('step.'.length))),
  }
}

const ORDER: readonly EdgeRole[] = ['head', 'hinge', 'latch', 'jamb', 'meeting', 'interlock', 'bottom']

/** What is fitted, in working order: from the head down, the corners last. */
function fittingsOf({ edges }: SealPlan, corners: boolean): readonly Fitting[] {
  const fittings = edges.flatMap(fittingsOn).sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role))
  const bottom = fittings.find(one => one.role === 'bottom')
  if (!corners || !bottom) return fittings
  const pads = { edge: bottom.edge, id: 'corner', kind: 'corner', name: '', lengths: [] } as const
  return [...fittings, { ...pads, role: 'bottom', minutes: CORNER_MINUTES, wantsHead: false }]
}
const CORNER_MINUTES = 10

const fittingsOn = ({ edge, chosen, pieces }: EdgePlan): readonly Fitting[] =>
  chosen.map(({ seal }) => ({
    edge: edge.id,
    id: seal.id,
    kind: seal.kind,
    name: seal.name,
    lengths: pieces.filter(one => one.sealId === seal.id).map(one => one.length),
    role: edge.role,
    minutes: seal.minutes,
    wantsHead: seal.span === 'stops' && edge.role !== 'head' && edge.role !== 'bottom',
  }))

const PLACES: Readonly<Record<EdgeRole, StepPlace>> = {
  head: 'head',
  hinge: 'hinge',
  latch: 'strike',
  jamb: 'leg',
  meeting: 'meeting',
  interlock: 'leaf',
  bottom: 'sill',
}

const lastOf = ({ edge, id, kind }: Fitting, byKind: SealStepsByKind): string =>
  sealStepId(edge, id, byKind[kind].length)

function stepsOf(
  one: Fitting,
  all: readonly Fitting[],
  byKind: SealStepsByKind,
  trued: readonly string[],
): readonly (SettingStep & { readonly seal: StepSeal })[] {
  const { edge, id, kind, name, lengths, role, minutes } = one
  const list = byKind[kind]
  const before = all.filter(other =>
    kind === 'corner' ? other.kind !== 'corner' : one.wantsHead && other.role === 'head' && other.kind === kind,
  )
  const first = [...trued, ...before.map(other => lastOf(other, byKind))]
  const shares = list.reduce((sum, step) => sum + step.minutes, 0)
  const upTo = (n: number) =>
    Math.round((minutes * list.slice(0, n).reduce((sum, step) => sum + step.minutes, 0)) / Math.max(1, shares))
  return list.map((step, i) => ({
    ...step,
    id: sealStepId(edge, id, i + 1),
    needs: i === 0 ? first : [sealStepId(edge, id, i)],
    place: PLACES[role],
    minutes: upTo(i + 1) - upTo(i),
    seal: { edge, id, kind, name, lengths, nth: i + 1, of: list.length },
  }))
}

/** What was noted of steps; that a seal is in is its last step, and all before it. What was noted of an edge alone, before its seals were
 *  named, counts for each of them. */
function entriesOf(
  fittings: readonly Fitting[],
  byKind: SealStepsByKind,
  log: readonly LogEntry[],
): ReadonlyMap<string, LogEntry> {
  const entries = new Map(standingEntries('step', log))
  const records = standingEntries('seal', log)
  for (const one of fittings) {
    const record = records.get(reasonKey(one.edge, one.id)) ?? records.get(one.edge)
    // That its pieces are cut is no step done yet.
    if (!record || record.result === 'cut') continue
    const isIn = record.result === 'fitted'
    // Which piece went in stands in the record; it is no figure of the step's.
    entries.set(lastOf(one, byKind), { ...record, result: isIn ? 'done' : record.result, value: null })
    if (!isIn) continue
    for (let nth = 1; nth < byKind[one.kind].length; nth++) {
      const id = sealStepId(one.edge, one.id, nth)
      if (!hasEnded(entries.get(id))) entries.set(id, { ...record, result: 'done', value: null })
    }
  }
  return entries
}
