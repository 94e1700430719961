import { upward, valueAt } from '../geometry/polyline'
import type { Size } from '../units/call-size'
import { type Length, nearestTick } from '../units/length'
import { leftSide, type OpeningPoints, rightSide } from './opening'
import type { Placement } from './place-unit'

/** Where an opening is tightest for a unit: which point of which side, and how much gap is left there. */
export type Pinch = {
  readonly place: 'left.bottom' | 'left.middle' | 'left.top' | 'right.bottom' | 'right.middle' | 'right.top'
  readonly gap: Length
}

/** The tightest of the six side points beside the placed unit. */
export function pinchOf(points: OpeningPoints, unit: Size, { left, bottom }: Placement): Pinch {
  const heights = {
    bottom,
    middle: Math.max(bottom, Math.min(bottom + unit.height, points.L1.y)),
    top: bottom + unit.height,
  }
  const sides = { left: upward(leftSide(points)), right: upward(rightSide(points)) }
  const gaps = (['bottom', 'middle', 'top'] as const).flatMap((level): Pinch[] => [
    { place: `left.${level}`, gap: nearestTick(left - valueAt(sides.left, heights[level])) },
    { place: `right.${level}`, gap: nearestTick(valueAt(sides.right, heights[level]) - left - unit.width) },
  ])
  return gaps.reduce((tightest, one) => (one.gap < tightest.gap ? one : tightest))
}
