import type { Schools } from '../base/schools'
import type { Preparation } from '../catalogue/preparation'
import type { Hanging, LockKind } from '../catalogue/unit-values'
import type { Cavity, SillSystem } from '../specification/bedding'
import type { Visit } from '../specification/visit'
import type { StepCondition, UnitForm } from './setting-step'

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
  /** Whether the casing outside stays. */
  readonly trim: 'keep' | 'strip'
  readonly wall: 'masonry' | 'framed'
  readonly hasFlange: boolean
  /** Whether packs go behind the hinge leg; behind a mullion none do. */
  readonly packsHingeLeg: boolean
  /** Whether anything is screwed into the header. */
  readonly holdsHeader: boolean
  /** How a storm door's rail is hung; `null` where nothing says it. */
  readonly hanging: Hanging | null
  /** How it comes; `null` where that makes no difference. */
  readonly form: UnitForm | null
  readonly hasCloser: boolean
  /** The lock that goes in; where none is chosen, one like the old. */
  readonly lockKind: LockKind
  /** What the opening needs for the chosen unit, as it was priced. */
  readonly preparations: readonly Preparation[]
  readonly schools: Schools['answers']
  /** What was said at the first look. */
  readonly visit: Visit
  /** ISO 8601; and the place's zone, by which a morning comes. */
  readonly now: string
  readonly zone: string
}

type Holds = (facts: StepFacts) => boolean
const isOld: Holds = ({ oldDoor }) => oldDoor === 'in-place'
const PLAIN = {
  'in-swing': ({ swing }) => swing === 'in',
  'out-swing': ({ swing }) => swing === 'out',
  pad: ({ hasPad }) => hasPad,
  'old-door': isOld,
  'hole-unread': ({ isHoleRead }) => !isHoleRead,
  cap: ({ hasCap }) => hasCap,
  obstacles: ({ visit }) => visit.obstacles.length > 0,
  'floor-stays': ({ visit }) => visit.stays?.includes('floor') ?? false,
  'siding-stays': ({ visit }) => visit.stays?.includes('siding') ?? false,
  'bell-wire': ({ visit }) => visit.stays?.includes('bell-wire') ?? false,
  hardware: ({ visit }) => visit.stays?.includes('hardware') ?? false,
  'inside-casing': facts => isOld(facts) && (facts.visit.stays?.includes('inside-casing') ?? false),
  'old-screws': facts => isOld(facts) && (facts.visit.fixings === 'screws' || facts.visit.fixings === 'mixed'),
  'old-nails': facts => isOld(facts) && (facts.visit.fixings === 'nails' || facts.visit.fixings === 'mixed'),
  structure: ({ visit }) => visit.structure !== 'as-it-is',
  'trim-kept': ({ trim, oldDoor }) => trim === 'keep' && oldDoor !== 'new-wall',
  'trim-off': ({ trim, oldDoor }) => trim === 'strip' || oldDoor === 'new-wall',
  masonry: ({ wall }) => wall === 'masonry',
  framed: ({ wall }) => wall === 'framed',
  flange: ({ hasFlange }) => hasFlange,
  'no-flange': ({ hasFlange }) => !hasFlange,
  'leg-packed': ({ packsHingeLeg }) => packsHingeLeg,
  'header-held': ({ holdsHeader }) => holdsHeader,
  'mortise-case': ({ lockKind }) => lockKind === 'mortise-case',
  'tubular-latch': ({ lockKind }) => lockKind === 'tubular-latch',
  'bolt-below': ({ lockKind }) => lockKind === 'bolt-below',
  'whole-lock': ({ lockKind }) => lockKind !== 'bolt-below',
  closer: ({ hasCloser }) => hasCloser,
  pan: ({ sill }) => sill === 'pan',
  membrane: ({ sill }) => sill === 'membrane',
  beads: ({ sill }) => sill === 'beads',
  foam: ({ cavity }) => cavity === 'foam',
  fibre: ({ cavity }) => cavity === 'fibre',
  'backer-rod': ({ cavity }) => cavity === 'backer-rod',
} as const satisfies Readonly<Record<Exclude<StepCondition, `${string}:${string}`>, Holds>>

const isPlain = (condition: StepCondition): condition is keyof typeof PLAIN => Object.hasOwn(PLAIN, condition)

/** Whether a condition holds for an opening: one that stands by itself, or `what:value` of the unit's sheet, the preparations or a practice. */
export function conditionHolds(condition: StepCondition, facts: StepFacts): boolean {
  if (isPlain(condition)) return PLAIN[condition](facts)
  const [what, value] = condition.split(':') as [string, string]
  if (what === 'hanging') return facts.hanging === value
  if (what === 'form') return facts.form === value
  if (what === 'prep') return facts.preparations.some(one => one.id === value)
  return facts.schools[what as keyof StepFacts['schools']] === value
}
