import type { FurtherRule } from './further'
import type { HungLeaf, LeafKnown } from './hung-leaf'

export const TO_SETTLE = ['hinges', 'swing', 'bore'] as const
export type ToSettle = (typeof TO_SETTLE)[number]

/** What specifying asks of a kind of door. */
export type SpecifyOf = {
  /** What must be settled of it before an order: a slider has no hinges, a screen door no bore. */
  readonly settles: readonly ToSettle[]
  /** Whether its frame's jamb must meet the wall: not a second door on the trim, nor a frame that wraps or slides. */
  readonly hasJamb: boolean
  /** Whether a unit's size follows from the readings; else a leaf or a trim opening is what counts. */
  readonly derivesUnit: boolean
  /** What the floor inside is to it: swung over by a leaf that packing under the sill can lift, stood on by legs that packs lift where a
   *  covering is still to come, or nothing that packing would change. */
  readonly floor: 'swings-over' | 'stands-on' | null
  /** Whether weather stands against it: its hinges get long screws. */
  readonly isExterior: boolean
  /** The leaf that will hang, by what is known. */
  readonly leaf: (known: LeafKnown) => HungLeaf | null
  /** What else follows from its readings, in the order it is worked out. */
  readonly further: readonly FurtherRule[]
}
