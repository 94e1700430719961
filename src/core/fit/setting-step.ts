import type { Limit, ReadUnit } from '../base/limit'
import type { SchoolAnswer, SchoolId } from '../base/schools'
import type { PreparationId } from '../catalogue/preparation'
import type { FRAME_FORMS, Hanging, SLIDER_FORMS } from '../catalogue/unit-values'
import type { Cavity, SillSystem } from '../specification/bedding'

/** What is taken in hand at a step. */
export const STEP_TOOLS = [
  'tape',
  'level',
  'long-level',
  'square',
  'gauge',
  'pencil',
  'knife',
  'pry-bar',
  'hammer',
  'nail-punch',
  'reciprocating-saw',
  'handsaw',
  'hacksaw',
  'plane',
  'chisel',
  'router',
  'snips',
  'file',
  'driver',
  'drill',
  'masonry-bit',
  'hole-saw',
  'screwdriver',
  'wedges',
  'cards',
  'caulk-gun',
  'foam-gun',
  'tape-roller',
  'paper-strip',
  'spring-scale',
  'thermometer',
  'brush',
  'drop-sheet',
  'eye-protection',
  'gloves',
] as const
export type StepTool = (typeof STEP_TOOLS)[number]

export const CAUTIONS = [
  'lift',
  'old-paint',
  'vapour',
  'clip',
  'ladder',
  'wires',
  'structure',
  'spring',
  'glass',
] as const
export type Caution = (typeof CAUTIONS)[number]

/** How a unit comes: a frame of steel welded or in pieces, a slider assembled or in parts. */
export type UnitForm = (typeof FRAME_FORMS | typeof SLIDER_FORMS)[number]

type Of<Id extends SchoolId> = `${Id}:${SchoolAnswer<Id>}`

/** When a step belongs to an opening; all that a step names must hold. */
export type StepCondition =
  | 'in-swing'
  | 'out-swing'
  | 'pad'
  | 'old-door'
  | 'hole-unread'
  | 'cap'
  | 'obstacles'
  | 'bell-wire'
  | 'floor-stays'
  | 'siding-stays'
  | 'hardware'
  | 'inside-casing'
  | 'old-screws'
  | 'old-nails'
  | 'structure'
  | 'trim-kept'
  | 'trim-off'
  | 'masonry'
  | 'framed'
  | 'flange'
  | 'no-flange'
  | 'leg-packed'
  | 'header-held'
  | 'mortise-case'
  | 'tubular-latch'
  | 'bolt-below'
  | 'whole-lock'
  | `hanging:${Hanging}`
  | `form:${UnitForm}`
  | 'closer'
  | `prep:${PreparationId}`
  | Of<'fresh-unit' | 'fastening' | 'shims-and-screws' | 'foam-trim' | 'mould-screw'>
  | SillSystem
  | Cavity

/** Where on the door a step is done, so that the drawing shows it: points of the frame, one of its legs (of a pair the
 *  passive leaf's is set first, of a frame with lights or panels the fixed side's), or the leaf. */
export type StepPlace =
  | 'whole'
  | 'hinge'
  | 'strike'
  | 'leg'
  | 'first-leg'
  | 'other-leg'
  | 'head'
  | 'sill'
  | 'leaf'
  | 'lock'
  | 'meeting'
  | 'mullion'

/** What of the plan is due at a step: packs, screws, the pan's pieces, the pad, what lies under the sill, or the work that was priced. */
export type StepShows = 'packs' | 'screws' | 'pan' | 'pad' | 'supports' | 'preparation'

/** How long what follows waits: so many hours, or until work begins on the next working day, but never less than an hour. */
export type StepWait = { readonly hours: number; readonly untilMorning: boolean; readonly longerInCold: boolean }

/** What is read when a step is done, and what it is held against; without a limit it is kept and decides how long is waited.
 *  Where it is needed, the step is not done without. */
export type StepReading = { readonly unit: ReadUnit; readonly limit: Limit | null; readonly isNeeded: boolean }

/** One step of the work, as trade data: what must have been done before, how long it takes, whether it can be undone. */
export type SettingStep = {
  readonly id: string
  readonly when: readonly StepCondition[]
  /** The practice that puts it at this place in the order; `null` where it stands there by every one. */
  readonly by: StepCondition | null
  /** Steps to be done first. Of one that does not belong to the opening, what it needs itself. */
  readonly needs: readonly string[]
  readonly place: StepPlace
  readonly shows: StepShows | null
  readonly minutes: number
  readonly crew: 1 | 2
  readonly tools: readonly StepTool[]
  readonly reads: StepReading | null
  readonly irreversible: boolean
  readonly wait: StepWait | null
  readonly caution: Caution | null
  /** Whether the new unit must have been received and accepted before. */
  readonly wantsUnit: boolean
  /** Where one that failed leads: a step that is done again; `tuning` to the margins; `null` where it is put right on the spot. */
  readonly cure: string | null
}

export const STEP_STATES = ['blocked', 'ready', 'doing', 'failed', 'waiting', 'done', 'look-again'] as const
export type StepState = (typeof STEP_STATES)[number]
export type PlannedStep = SettingStep & {
  readonly state: StepState
  /** Ids of steps to be done first; `unit-accepted` where the unit is missing. */
  readonly missing: readonly string[]
  /** Until when it waits; `null` while it does not. ISO 8601. */
  readonly until: string | null
}
