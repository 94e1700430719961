import { type Length, plus, TICKS_PER_INCH, times } from '../units/length'
import { roundedUp } from './rounded-up'

/** The joint that foam fills: both sides and the head of the rough opening; there is none under a sill. */
export const foamPerimeter = (width: Length, height: Length): Length => plus(times(height, 2), width)

const inchesOf = (length: Length): number => length / TICKS_PER_INCH

/** The cavity between frame and rough opening, in³: how far round, how wide the gap is on the mean, how deep it is filled. */
export const foamIn3 = (perimeter: Length, gap: Length, depth: Length): number =>
  inchesOf(perimeter) * inchesOf(gap) * inchesOf(depth)

/** Whole cans that fill so many in³: a can yields `yieldIn3`, of which `share` comes to rest where it is wanted. */
export const cansFor = (volumeIn3: number, yieldIn3: number, share: number): number =>
  roundedUp(volumeIn3 / (yieldIn3 * share))
