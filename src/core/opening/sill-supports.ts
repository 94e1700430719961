import { rightward, valueAt } from '../geometry/polyline'
import { type Length, nearestTick } from '../units/length'
import { type OpeningPoints, sillLine } from './opening'
import type { Placement } from './place-unit'

/** What stands under a sill at one place: how far from the unit's left end, and how thick. */
export type SillSupport = { readonly at: Length; readonly thickness: Length }

/** Supports under a placed unit: ⌈width / every⌉ + 1 at equal distances, the first and the last under its legs, each as thick as the unit's
 *  bottom stands over the sill there. Lengths in ticks; a thickness below 0 is a sill that stands higher than the unit. */
export function sillSupports(
  points: OpeningPoints,
  { left, bottom }: Placement,
  width: Length,
  every: Length,
): readonly SillSupport[] {
  const sill = rightward(sillLine(points))
  const spans = Math.max(1, Math.ceil(width / every))
  return Array.from({ length: spans + 1 }, (_, i) => {
    const at = nearestTick((width * i) / spans)
    return { at, thickness: nearestTick(bottom - valueAt(sill, left + at)) }
  })
}
