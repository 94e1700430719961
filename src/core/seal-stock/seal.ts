import type { Source } from '../base/rule'
import type { FACTS } from '../survey/facts'
import { type Length, metresOf } from '../units/length'
import { type Cents, priceOf } from '../units/quantity'

/** What an edge of the closed door does. */
export const EDGE_ROLES = ['head', 'hinge', 'latch', 'meeting', 'bottom', 'interlock', 'jamb'] as const
export type EdgeRole = (typeof EDGE_ROLES)[number]

/** How a seal works: what it closes and how it is fixed. */
export const SEAL_KINDS = [
  'push-in',
  'bulb',
  'foam',
  'bronze',
  'brush',
  'fin',
  'magnetic',
  'drop',
  'u-shoe',
  'threshold-cap',
  'bottom-stop',
  'corner',
  'acoustic',
  'intumescent',
  'smoke',
] as const
export type SealKind = (typeof SEAL_KINDS)[number]

/** What a door is sealed against. */
export type SealPurpose = (typeof FACTS)['fact.seal-why'][number]

/** What a label lets it be: not listed, listed against smoke, or against fire and smoke. */
export const LISTINGS = ['none', 'smoke', 'fire'] as const
export type Listing = (typeof LISTINGS)[number]

/** Where a strip's length comes from: the leaf's edge, the rebate round it, between the stops, or from jamb to jamb. */
export const SPANS = ['leaf', 'rebate', 'stops', 'jambs'] as const
export type Span = (typeof SPANS)[number]

/** A seal as its sheet gives it. */
export type Seal = {
  readonly id: string
  readonly name: string
  readonly kind: SealKind
  /** The edges it goes on. */
  readonly on: readonly EdgeRole[]
  /** Whether it is for leaves that swing, panels that slide, or both. */
  readonly moves: readonly ('swings' | 'slides')[]
  /** Which gap it closes: in the plane of the door, or between face and stop. */
  readonly closes: 'edge' | 'stop'
  /** The gaps it can close, smallest and largest. */
  readonly gap: readonly [Length, Length]
  /** What it keeps out. */
  readonly against: readonly SealPurpose[]
  readonly forceNPerMetre: number
  readonly leakM3hPerMetreAt50: number
  /** What its joint keeps out, dB in every band; `null` where its sheet is silent. */
  readonly soundDb: number | null
  readonly listing: Listing
  /** Whether weather may stand against it. */
  readonly standsWeather: boolean
  readonly leastLeaf: Length
  /** It is pushed into a slot in the stop. */
  readonly needsKerf: boolean
  /** Thresholds and floors it does not close on. */
  readonly notOn: { readonly thresholds: readonly string[]; readonly floors: readonly string[] }
  readonly span: Span
  readonly stock: Length
  readonly holes: { readonly first: Length; readonly pitch: Length; readonly count: number } | null
  /** It is cut from one end only, the other holds its button or its clip. */
  readonly isCutFromFreeEnd: boolean
  /** By how much its rubber is left longer than its metal. */
  readonly overlength: Length
  readonly centsPerMetre: Cents
  readonly centsPerPiece: Cents
  readonly years: number
  readonly minutes: number
  readonly tools: readonly string[]
  /** How hard it is to fit well: 1 to 3. */
  readonly difficulty: 1 | 2 | 3
  /** Not on an outside leaf of these materials, with the reason's code. */
  readonly never: readonly { readonly material: string; readonly reason: string }[]
  /** On an outside leaf of these materials only where it is bedded, its joint sealed, and draining. */
  readonly askedOn: readonly string[]
  readonly source: Source
}

/** What a length of it costs, its share of the bars it is cut from, and what it takes to fit it. */
export const materialCents = ({ centsPerMetre, centsPerPiece }: Seal, length: Length): Cents =>
  (priceOf(length, centsPerMetre) + centsPerPiece) as Cents

/** What it lets through at 50 Pa when it is pressed, m³/h. */
export const leakAt50 = ({ leakM3hPerMetreAt50 }: Seal, length: Length): number =>
  leakM3hPerMetreAt50 * metresOf(length)
