import { rightward, upward, valueAt, valuesOver } from '../geometry/polyline'
import type { Size } from '../units/call-size'
import { type Length, nearestTick, ticks, ZERO } from '../units/length'
import { headLine, leftSide, type OpeningPoints, rightSide, sillLine } from './opening'

const MOST_ROUNDS = 50

export type PlaceOptions = {
  readonly unit: Size
  /** Packing under the sill. */
  readonly pad?: Length
  /** How far the user moves the unit off the middle, + to the right; held so that the least gap stays on either side. */
  readonly shift?: Length
  /** What must stay at a side when the unit is moved. */
  readonly leastGap?: Length
}

export type SideGaps = { readonly height: Length; readonly left: Length; readonly right: Length }

/** A unit standing plumb, level and square in an opening. Gaps may be negative where it does not fit. */
export type Placement = {
  readonly left: Length
  readonly bottom: Length
  readonly sideRoom: Length
  readonly headGap: Length
  /** Gap under the sill at left, centre and right. */
  readonly sillSupport: readonly [Length, Length, Length]
}

type Standing = { readonly left: number; readonly bottom: number; readonly sideRoom: number }

/** Stands the unit on the highest point of the sill under it and centres it between the tightest points of the sides.
 *  Position and height depend on each other, so it is repeated until both stand. */
export function placeUnit(points: OpeningPoints, options: PlaceOptions): Placement {
  const { unit } = options
  const stand = standing(points, options)
  const left = nearestTick(stand.left)
  const bottom = nearestTick(stand.bottom)
  const head = Math.min(...valuesOver(rightward(headLine(points)), left, left + unit.width))
  const sill = rightward(sillLine(points))
  const support = (x: number) => nearestTick(bottom - valueAt(sill, x))
  return {
    left,
    bottom,
    sideRoom: nearestTick(stand.sideRoom),
    headGap: nearestTick(head - bottom - unit.height),
    sillSupport: [support(left), support(left + unit.width / 2), support(left + unit.width)],
  }
}

/** What is left on either side of a placed unit at heights above its bottom. */
export function sideGapsAt(
  points: OpeningPoints,
  { left, bottom }: Placement,
  width: Length,
  heights: readonly Length[],
): readonly SideGaps[] {
  const sides = { left: upward(leftSide(points)), right: upward(rightSide(points)) }
  return heights.map(height => ({
    height,
    left: nearestTick(left - valueAt(sides.left, bottom + height)),
    right: nearestTick(valueAt(sides.right, bottom + height) - left - width),
  }))
}

/** What is left over a placed unit at distances from its left end. */
export function headGapsAt(
  points: OpeningPoints,
  { left, bottom }: Placement,
  height: Length,
  along: readonly Length[],
): readonly Length[] {
  const head = rightward(headLine(points))
  return along.map(at => nearestTick(valueAt(head, left + at) - bottom - height))
}

/** Whether a unit goes in at all: the physical least, not the comfortable room one orders for. */
export const goesThrough = (
  { sideRoom, headGap }: Pick<Placement, 'sideRoom' | 'headGap'>,
  least: { readonly gap: Length; readonly head: Length },
): boolean => sideRoom >= 2 * least.gap && headGap >= least.head

function standing(points: OpeningPoints, { unit, pad = ZERO, shift = ZERO, leastGap = ZERO }: PlaceOptions): Standing {
  const lines = { left: upward(leftSide(points)), right: upward(rightSide(points)), sill: rightward(sillLine(points)) }
  let left = (points.L0.x + points.R0.x - unit.width) / 2
  let stand: Standing = { left, bottom: 0, sideRoom: 0 }
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const bottom = Math.max(...valuesOver(lines.sill, left, left + unit.width)) + pad
    const from = Math.max(...valuesOver(lines.left, bottom, bottom + unit.height))
    const to = Math.min(...valuesOver(lines.right, bottom, bottom + unit.height))
    const sideRoom = to - from - unit.width
    const most = Math.max(0, sideRoom / 2 - leastGap)
    const held = Math.max(-most, Math.min(most, shift))
    const next = (from + to - unit.width) / 2 + held
    stand = { left: next, bottom, sideRoom }
    if (Math.abs(next - left) < 0.01) break
    left = next
  }
  return stand
}

/** The largest rectangle, plumb and level, of a given height that stands in the opening: its width, and its height above the highest sill point. */
export function plumbRectangle(points: OpeningPoints, unit: Size): { readonly width: Length; readonly height: Length } {
  const placed = placeUnit(points, { unit })
  return {
    width: ticks(placed.sideRoom + unit.width),
    height: ticks(placed.headGap + unit.height),
  }
}
