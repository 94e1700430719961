import type { TradeLengths } from '../base/trade-lengths'
import type { Lights } from '../catalogue/across'
import type { ShimPlan } from '../fit/plan-shims'
import type { Bucks } from '../opening/bucks'
import type { ModelledOpening } from '../opening/model-opening'
import type { AdjustedOpening } from '../opening/opening'
import type { Placement } from '../opening/place-unit'
import type { Edge } from '../seal/edge'
import type { SealPlan } from '../seal/plan-seals'
import type { Further } from '../specification/further'
import type { Specification } from '../specification/specify'
import type { ToSettle } from '../specification/specify-of'
import type { Survey } from '../survey/survey'
import type { SurveyOf } from '../survey/survey-of'
import type { Size } from '../units/call-size'
import type { Length } from '../units/length'
import type { Mark } from './scene'
import type { WallFace } from './wall-texture'

/** What a sheet says of how a leaf looks. */
export type LeafLook = {
  /** In the maker's words: `six panels`, `boarded`, `full glass`, `flush`. */
  readonly style: string
  readonly hasGlass: boolean
}

/** The chosen unit as it stands: its size as drawn, where, and what of its sheet shows. */
export type StandingUnit = {
  readonly size: Size
  readonly placement: Placement | null
  readonly pad: Length
  readonly leafBottom: Length | null
  readonly sillDepth: Length | null
  readonly jamb: Length | null
  readonly strikeHeight: Length | null
  /** How its leaf looks, as its sheet says or it was settled; plain where it is still to be chosen. */
  readonly look: LeafLook
  /** The wood between masonry and its frame; `null` where the wall is none. */
  readonly bucks: Bucks | null
  /** The fixed lights beside its leaf. */
  readonly lights: Lights
}

/** What of the work on an opening is drawn. */
export type Drawn = {
  readonly asked: SurveyOf
  readonly parts: PartsOf
  readonly settles: readonly ToSettle[]
  readonly derivesUnit: boolean
  readonly wishes: { readonly hinges: 'left' | 'right' | null; readonly swing: 'in' | 'out' | null }
  /** What one sees of the wall round it. */
  readonly wall: WallFace
  readonly survey: Survey
  readonly lengths: TradeLengths
  readonly model: ModelledOpening | null
  /** The hole the unit stands in: as read, or as large as the rough opening wants it. */
  readonly hole: AdjustedOpening | null
  readonly holeIsAssumed: boolean
  readonly specification: Specification
  readonly further: Further
  /** `null` while no unit is chosen, and for one that hangs no door. */
  readonly standing: StandingUnit | null
  readonly shims: ShimPlan | null
  /** The edges of the closed door, and the seals planned on them. */
  readonly edges: readonly Edge[]
  readonly seals: SealPlan | null
  /** What was read of the closed door that is there now. */
  readonly closed: Survey
}

/** The upright box that an opening or leaf roughly fills, real-valued ticks: what parts and readings are laid out in. */
export type Extent = {
  readonly left: number
  readonly right: number
  readonly bottom: number
  readonly top: number
  readonly width: number
  readonly height: number
}

/** What drawing asks of a kind of door. */
export type PartsOf = {
  /** Of a leaf that stays only the edge round its lock is looked at. */
  readonly isLock?: true
  /** Whether its unit is a frame with one hinged leaf, drawn from the unit's sizes; the others show their own parts in the frame. */
  readonly isOneLeaf: boolean
  /** Whether fixed lights stand beside that leaf. */
  readonly hasLights?: true
  /** Its own parts, seen from outside, inside what is measured or what closes its frame; `at` is where that is divided. */
  readonly parts: (drawn: Drawn, extent: Extent, at: readonly number[]) => readonly Mark[]
  /** The meeting lines of several panels: x of each, from the left. */
  readonly divisions: (drawn: Drawn, extent: Extent) => readonly number[]
  /** What the plan shows of its leaves. */
  readonly plan: 'one-leaf' | 'two-leaves' | 'panels' | 'closed'
  /** What stands round what is measured, where the way of measuring does not say it. */
  readonly surround: 'trim' | null
  /** Whether readings outside the wall want room on the plan. */
  readonly readsOutside: boolean
}
