import { type Length, nearestTick } from '../units/length'

/** How far a head stands to the side of square over its foot, + to the right, from both diagonals and the width of a parallelogram:
 *  (risingRight² − risingLeft²)/(4·width), and not half the diagonals' difference. */
export const rackFromDiagonals = (width: Length, risingRight: Length, risingLeft: Length): Length =>
  nearestTick((risingRight ** 2 - risingLeft ** 2) / (4 * width))

/** By how much two diagonals disagree with width and side: √((risingRight² + risingLeft²)/2) − √(width² + side²). `side` is measured
 *  along the side, not plumb. */
export const closureOfDiagonals = (width: Length, side: Length, risingRight: Length, risingLeft: Length): Length =>
  nearestTick(Math.sqrt((risingRight ** 2 + risingLeft ** 2) / 2) - Math.hypot(width, side))
