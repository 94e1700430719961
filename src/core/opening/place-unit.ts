import { rightward, upward, valueAt, valuesOver } from '../geometry/polyline'
import type { Size } from '../units/call-size'
import { type Length, nearestTick, ticks, ZERO } from '../units/length'
import { headLine, leftSide, type OpeningPoints, rightSide, sillLine } from './opening'

const MOST_ROUNDS = 50

export type PlaceOptions = {
  readonly unit: Size
  /** Packing under the sill. */
  readonly pad?: Length
  /** Heights above the unit's bottom at which the side gaps are asked for. */
  readonly shimHeights?: readonly Length[]
  /** How far the user moves the unit off the middle, + to the right; held within the room. */
  readonly shift?: Length
}

export type SideGaps = { readonly height: Length; readonly left: Length; readonly right: Length }

/** A unit standing plumb, level and square in an opening. Gaps may be negative where it does not fit. */
export type Placement = {
  readonly left: Length
  readonly bottom: Length
  readonly sideRoom: Length
  readonly headGap: Length
  readonly gaps: readonly SideGaps[]
  /** Gap under the sill at left, centre and right. */
  readonly sillSupport: readonly [Length, Length, Length]
}

type Standing = { readonly left: number; readonly bottom: number; readonly sideRoom: number }

/** Stands the unit on the highest point of the sill under it and centres it between the tightest points of the sides.
 *  Position and height depend on each other, so it is repeated until both stand. */
export function placeUnit(points: OpeningPoints, options: PlaceOptions): Placement {
  const { unit, pad = ZERO, shimHeights = [] } = options
  const stand = standing(points, unit, pad, options.shift ?? ZERO)
  const left = nearestTick(stand.left)
  const bottom = nearestTick(stand.bottom)
  const sides = { left: upward(leftSide(points)), right: upward(rightSide(points)) }
  const head = Math.min(...valuesOver(rightward(headLine(points)), left, left + unit.width))
  const sideRoom = nearestTick(stand.sideRoom)
  const headGap = nearestTick(head - bottom - unit.height)
  const sill = rightward(sillLine(points))
  const support = (x: number) => nearestTick(bottom - valueAt(sill, x))
  return {
    left,
    bottom,
    sideRoom,
    headGap,
    gaps: shimHeights.map(height => ({
      height,
      left: nearestTick(left - valueAt(sides.left, bottom + height)),
      right: nearestTick(valueAt(sides.right, bottom + height) - left - unit.width),
    })),
    sillSupport: [support(left), support(left + unit.width / 2), support(left + unit.width)],
  }
}

/** Whether a unit goes in at all: the physical least, not the comfortable room one orders for. */
export const goesThrough = (
  { sideRoom, headGap }: Pick<Placement, 'sideRoom' | 'headGap'>,
  least: { readonly gap: Length; readonly head: Length },
): boolean => sideRoom >= 2 * least.gap && headGap >= least.head

function standing(points: OpeningPoints, unit: Size, pad: Length, shift: Length): Standing {
  const lines = { left: upward(leftSide(points)), right: upward(rightSide(points)), sill: rightward(sillLine(points)) }
  let left = (points.L0.x + points.R0.x - unit.width) / 2
  let stand: Standing = { left, bottom: 0, sideRoom: 0 }
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const bottom = Math.max(...valuesOver(lines.sill, left, left + unit.width)) + pad
    const from = Math.max(...valuesOver(lines.left, bottom, bottom + unit.height))
    const to = Math.min(...valuesOver(lines.right, bottom, bottom + unit.height))
    const sideRoom = to - from - unit.width
    const held = Math.max(-Math.abs(sideRoom) / 2, Math.min(Math.abs(sideRoom) / 2, shift))
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
