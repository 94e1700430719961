import type { CureCode } from '../base/cures'
import type { TestPart } from '../handover/plan-tests'
import type { RevealName } from '../tuning/reveals'
import type { Length } from '../units/length'
import type { Deadline, DeadlineId, DeadlineWhen } from './deadlines'

// What a customer says of a door, what it most likely comes from by what its file shows, and the check to make for each.

export const SYMPTOM_IDS = [
  'rubs-head',
  'sags',
  'wont-latch',
  'rattles',
  'draft-low',
  'water',
  'swings',
  'hard-to-open',
  'slams',
  'slides-hard',
  'lock-stiff',
  'light-or-noise',
] as const
export type SymptomId = (typeof SYMPTOM_IDS)[number]

export const CAUSES = [
  'top-hinge-loose',
  'leaf-swollen',
  'leg-bowed',
  'strike-off',
  'seal-worn',
  'seal-too-hard',
  'contact-low',
  'cap-off',
  'sealant-open',
  'corner-pad-missing',
  'leg-out-of-plumb',
  'closer-off',
  'track-dirty',
  'rollers-off',
  'sill-not-level',
  'sill-bedding',
] as const
export type CauseId = (typeof CAUSES)[number]

/** What of a file speaks for a cause. */
export type EvidenceOf =
  | { readonly of: 'margins'; readonly names: readonly RevealName[] }
  | { readonly of: 'steps'; readonly ids: readonly string[] }
  | { readonly of: 'tests'; readonly ids: readonly string[] }
  | { readonly of: 'upkeep'; readonly ids: readonly DeadlineId[] }

export type CauseOf = { readonly id: CauseId; readonly cure: CureCode; readonly evidence: readonly EvidenceOf[] }
export type SymptomOf = {
  readonly id: SymptomId
  /** What must hold of the door for it to be said at all. */
  readonly when: readonly DeadlineWhen[]
  readonly causes: readonly CauseOf[]
}

/** What a file shows of a door. */
export type AfterFile = {
  readonly holds: ReadonlySet<DeadlineWhen>
  /** Each margin as it stood at hand-over and as it was read at the call-back, with what was wanted. */
  readonly margins: readonly FiledMargin[]
  /** Steps that were left out with a reason, or not right. */
  readonly stepsOut: ReadonlySet<string>
  /** Tests by how they ended; places by themselves. */
  readonly tests: readonly { readonly id: string; readonly verdict: TestPart['verdict']; readonly nearness: number }[]
  readonly due: readonly Deadline[]
  /** The day it is looked at, `YYYY-MM-DD`. */
  readonly today: string
}
export type FiledMargin = {
  readonly name: RevealName
  readonly place: string
  readonly least: Length
  readonly most: Length
  readonly atHandover: Length | null
  readonly now: Length | null
}

/** One thing in the file that speaks for a cause, and how much. */
export type Evidence =
  | { readonly kind: 'margin-off'; readonly place: string; readonly read: Length; readonly points: number }
  | { readonly kind: 'margin-near'; readonly place: string; readonly read: Length; readonly points: number }
  | { readonly kind: 'step-out'; readonly step: string; readonly points: number }
  | { readonly kind: 'test-out' | 'test-near'; readonly test: string; readonly points: number }
  | { readonly kind: 'overdue'; readonly id: DeadlineId; readonly due: string; readonly points: number }

export type RankedCause = {
  readonly id: CauseId
  readonly cure: CureCode
  readonly points: number
  readonly evidence: readonly Evidence[]
}

/** How much each kind of evidence weighs: what was read now before what was left out before what was only near. */
const POINTS = { off: 20, stepOut: 9, testOut: 8, near: 6, overdue: 5, soon: 3 } as const
/** A figure in the last quarter of its room is near its limit. */
const NEAR = 0.75

/** How near a length lies to the end of its room: 0 in its middle, 1 at a limit, beyond 1 outside. */
export function nearness(value: Length, least: Length, most: Length): number {
  const half = (most - least) / 2
  return half <= 0 ? (value === least ? 0 : 2) : Math.abs(value - (most + least) / 2) / half
}

/** What can be said of a door. */
export const symptomsFor = (symptoms: readonly SymptomOf[], holds: ReadonlySet<DeadlineWhen>): readonly SymptomOf[] =>
  symptoms.filter(one => one.when.every(it => holds.has(it)))

/** The causes of a symptom, that for which the file speaks most first; where it says nothing, as they are most often. */
export function rankedCauses({ causes }: SymptomOf, file: AfterFile): readonly RankedCause[] {
  return causes
    .map(({ id, cure, evidence }) => {
      const found = evidence.flatMap(one => evidenceIn(one, file)).sort((a, b) => b.points - a.points)
      return { id, cure, evidence: found, points: found.reduce((sum, one) => sum + one.points, 0) }
    })
    .sort((a, b) => b.points - a.points)
}

function evidenceIn(of: EvidenceOf, file: AfterFile): readonly Evidence[] {
  switch (of.of) {
    case 'margins':
      return file.margins.filter(one => of.names.includes(one.name)).flatMap(marginEvidence)
    case 'steps':
      return of.ids
        .filter(id => file.stepsOut.has(id))
        .map(step => ({ kind: 'step-out', step, points: POINTS.stepOut }) as const)
    case 'tests':
      return file.tests.filter(one => of.ids.includes(one.id)).flatMap(testEvidence)
    case 'upkeep':
      return file.due.filter(one => of.ids.includes(one.id) && !one.isOver).flatMap(one => dueEvidence(one, file.today))
  }
}

function marginEvidence({ place, least, most, atHandover, now }: FiledMargin): readonly Evidence[] {
  if (now !== null)
    return nearness(now, least, most) > 1 ? [{ kind: 'margin-off', place, read: now, points: POINTS.off }] : []
  const isNear = atHandover !== null && nearness(atHandover, least, most) >= NEAR
  return isNear ? [{ kind: 'margin-near', place, read: atHandover, points: POINTS.near }] : []
}

function testEvidence({ id, verdict, nearness: near }: AfterFile['tests'][number]): readonly Evidence[] {
  if (verdict === 'waived' || verdict === 'failed') return [{ kind: 'test-out', test: id, points: POINTS.testOut }]
  return verdict === 'passed' && near >= NEAR ? [{ kind: 'test-near', test: id, points: POINTS.near }] : []
}

/** What is overdue, or of a seal's life near its end. */
function dueEvidence({ id, due }: Deadline, today: string): readonly Evidence[] {
  if (due <= today) return [{ kind: 'overdue', id, due, points: POINTS.overdue }]
  const isSoon = id === 'seal-life' && Date.parse(due) - Date.parse(today) < 366 * 86_400_000
  return isSoon ? [{ kind: 'overdue', id, due, points: POINTS.soon }] : []
}
