import { type Cure, cure } from '../base/cures'
import type { Finding, RuleId, Severity } from '../base/finding'
import type { Bucks } from '../opening/bucks'
import type { OpeningPoints } from '../opening/opening'
import type { Pinch } from '../opening/pinch'
import type { Placement } from '../opening/place-unit'
import type { BeddingCode } from '../specification/bedding'
import type { JambOption } from '../specification/choose-jamb'
import type { LeafMatch } from '../specification/match-leaf'
import { type Length, ZERO } from '../units/length'
import type { Cents } from '../units/quantity'
import type { RoomCode, RoomVerdict } from './judge-room'
import type { Preparation, PreparationId } from './preparation'
import type { StormCut } from './storm-cut'
import type { CatalogueUnit } from './unit'

export type HardCode =
  | 'hand-not-made'
  | 'swing-not-made'
  | 'label-too-low'
  | 'material-other'
  | 'bore-other'
  | 'glass-not-safe'
  | 'glass-not-impact'
  | 'no-glass-for-light'
  | 'key-inside'
  | 'panels-other'
  | 'welded-for-finished-wall'
  | 'lock-function'
  | 'lock-backset'
  | 'lock-thickness'
  | 'bolt-without-latch'
export type ShapeCode =
  | RoomCode
  | BeddingCode
  | 'not-read'
  | 'label-floor'
  | 'threshold-low'
  | 'trim-short'
  | 'sill-short'
  | 'sill-long'
  | 'old-lock-thickness'
  | 'throat-takes-wall'
  | 'throat-strips'
  | 'throat-too-small'
  | 'throat-too-large'
  | 'storm-in-range'
  | 'storm-packed'
  | 'storm-edge'
  | 'storm-out-of-range'
  | 'storm-handle'
  | 'storm-trim'
  | 'storm-screen'
  | 'storm-heat'
  | 'leaf-matches'
  | 'leaf-differs'
  | 'leaf-gaps'
  | 'lock-fits'
  | 'jamb-too-deep'
  | 'sidelights-differ'
  | 'horns-in-casing'
  | 'sheet-silent'
export type OfferCode = HardCode | ShapeCode

/** `dropped` when a hard requirement is missed, whatever its size. */
export type OfferVerdict = RoomVerdict | 'dropped'

/** Flat stock behind the legs, thickest first, before anything is packed. */
export type Filler = { readonly left: readonly Length[]; readonly right: readonly Length[] }

/** What follows from a unit's shape alone, whatever it costs. */
export type Shape = {
  readonly verdict: OfferVerdict
  readonly reasons: readonly Finding<ShapeCode>[]
  /** Where it stands in the hole; `null` for what stands in none. */
  readonly placement: Placement | null
  /** The hole it stands in: between its bucks, where the wall is masonry. */
  readonly hole: OpeningPoints | null
  readonly bucks: Bucks | null
  /** Flat filler of the room that is too much, behind each leg. */
  readonly filler: Filler | null
  readonly pinch: Pinch | null
  /** Packing under the sill that the floor inside asks for with this unit. */
  readonly pad: Length
  readonly jamb: JambOption | null
  /** How a storm door is packed, cut and closed. */
  readonly storm: StormCut | null
  readonly leaf: LeafMatch | null
  readonly preparations: readonly Preparation[]
  readonly minutes: number
}

/** A piece of preparation before it is priced. */
export type Work = readonly [id: PreparationId, place: string, amount: Length, run: Length]

/** What was judged of a shape, before its work is priced. */
export type Judged = Omit<Shape, 'preparations' | 'minutes'> & { readonly work: readonly Work[] }

export const NO_SHAPE: Omit<Judged, 'verdict' | 'reasons' | 'work'> = {
  placement: null,
  hole: null,
  bucks: null,
  filler: null,
  pinch: null,
  pad: ZERO,
  jamb: null,
  storm: null,
  leaf: null,
}

/** One unit judged for one opening. */
export type Offer = Omit<Shape, 'reasons'> & {
  readonly unit: CatalogueUnit
  readonly reasons: readonly Finding<OfferCode>[]
  readonly cents: {
    readonly unit: Cents
    readonly freight: Cents
    /** What it comes without and needs. */
    readonly hardware: Cents
    readonly material: Cents
    readonly work: Cents
    readonly disposal: Cents
    readonly total: Cents
  }
  readonly days: number
}

/** A part of the site without which nothing of this kind can be judged. */
export const notRead = (what: string): Judged => ({
  ...NO_SHAPE,
  verdict: 'dropped',
  reasons: [because('not-read', 'stop', { what }, 'completeness')],
  work: [],
})

/** A member the sheet is silent on and the judgement rests on: what the trade has stands in for it. */
export const silent = (member: string): Finding<ShapeCode> =>
  because('sheet-silent', 'watch', { member }, 'completeness', [cure('maker.ask')])

export function because<Code extends OfferCode>(
  code: Code,
  severity: Severity,
  facts: Finding['facts'],
  rule: RuleId,
  cures: readonly Cure[] = [],
): Finding<Code> {
  return { code, place: 'unit', severity, facts, rule, cures }
}
