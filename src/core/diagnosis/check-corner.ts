import { done, type Outcome, refused } from '../outcome'
import { type Length, nearestTick } from '../units/length'

/** A corner by its two legs and the diagonal between their ends. `runOut` is how far the side leaves square over the height, never negative. */
export type CornerCheck = { readonly angleDeg: number; readonly runOut: Length }

/** The corner's angle by the law of cosines. Only a check of squareness: it says nothing about plumb.
 *  Issue code `corner.impossible` when the three lengths make no triangle. */
export function checkCorner(legA: Length, legB: Length, diagonal: Length, height: Length): Outcome<CornerCheck> {
  if (!(legA > 0 && legB > 0 && diagonal > 0)) return refused('corner.impossible', { legA, legB, diagonal }, 'diagonal')
  const cosine = (legA * legA + legB * legB - diagonal * diagonal) / (2 * legA * legB)
  if (Math.abs(cosine) >= 1) return refused('corner.impossible', { legA, legB, diagonal }, 'diagonal')
  const angle = Math.acos(cosine)
  const runOut = Math.abs(height * Math.tan(angle - Math.PI / 2))
  if (runOut > 64_000_000) return refused('corner.impossible', { legA, legB, diagonal }, 'diagonal')
  return done({ angleDeg: (angle * 180) / Math.PI, runOut: nearestTick(runOut) })
}
