import type { Length } from '../units/length'

/** Standard gravity as tradespeople reckon with it, m/s². */
const GRAVITY = 9.81

/** The pull at the top hinge in newtons: F = m·g·(w/2)/s, for a leaf of this mass and width on hinges so far apart,
 *  from the top one to the bottom one. @throws RangeError when the spacing is not above zero. */
export function hingePullN(massKg: number, leafWidth: Length, hingeSpacing: Length): number {
  if (hingeSpacing <= 0) throw new RangeError('hinges need a distance above zero')
  return (massKg * GRAVITY * leafWidth) / 2 / hingeSpacing
}
