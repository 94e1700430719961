import type { Source } from '../base/rule'
import type { Length } from '../units/length'
import type { Cents } from '../units/quantity'

export const DOOR_SIDES = ['head', 'left', 'right', 'bottom'] as const
export type DoorSide = (typeof DOOR_SIDES)[number]

/** Where a seal may go: latch side and head, hinge side, or the bottom edge. */
export type SealPlace = 'head-latch' | 'hinge' | 'bottom'

/** A seal as its sheet gives it. */
export type Seal = {
  readonly id: string
  readonly places: readonly SealPlace[]
  /** The gaps it can close, smallest and largest. */
  readonly gap: readonly [Length, Length]
  readonly forceNPerMetre: number
  readonly leakM3hPerMetreAt50: number
  readonly leastLeaf: Length
  readonly stock: Length
  readonly holes: { readonly first: Length; readonly pitch: Length; readonly count: number } | null
  readonly centsPerMetre: Cents
  readonly years: number
  readonly minutes: number
  /** Not on an outside leaf of these materials, with the reason's code. */
  readonly never: readonly { readonly material: string; readonly reason: string }[]
  readonly source: Source
}
