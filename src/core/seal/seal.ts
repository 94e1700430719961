import type { Source } from '../base/rule'
import type { FACTS } from '../survey/facts'
import type { Length } from '../units/length'
import type { Cents } from '../units/quantity'
import type { EdgeRole } from './edge'

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

/** A seal as its sheet gives it. */
export type Seal = {
  readonly id: string
  readonly kind: SealKind
  /** The edges it goes on. */
  readonly on: readonly EdgeRole[]
  /** The gaps it can close, smallest and largest. */
  readonly gap: readonly [Length, Length]
  /** What it keeps out. */
  readonly against: readonly SealPurpose[]
  readonly forceNPerMetre: number
  readonly leakM3hPerMetreAt50: number
  readonly leastLeaf: Length
  /** It is pushed into a slot in the stop. */
  readonly needsKerf: boolean
  /** Thresholds and floors it does not close on. */
  readonly notOn: { readonly thresholds: readonly string[]; readonly floors: readonly string[] }
  readonly stock: Length
  readonly holes: { readonly first: Length; readonly pitch: Length; readonly count: number } | null
  readonly centsPerMetre: Cents
  readonly years: number
  readonly minutes: number
  /** Not on an outside leaf of these materials, with the reason's code. */
  readonly never: readonly { readonly material: string; readonly reason: string }[]
  /** On an outside leaf of these materials only where it was said to be bedded and drained: asked, never taken for granted. */
  readonly askedOn: readonly string[]
  readonly source: Source
}
