import { shimHeights } from '../fit/plan-shims'
import { type Point, point } from '../geometry/point'
import type { JobResult } from '../job'
import type { HingeSide } from '../specification/handing'
import { inches, type Length, minus, nearestTick, plus, ZERO } from '../units/length'

/** An upright rectangle in ticks, from its lower left corner. */
export type Box = { readonly x: Length; readonly y: Length; readonly width: Length; readonly height: Length }

/** The door as it will stand: its frame, its leaf, and the heights that matter. */
export type DoorShape = {
  readonly frame: Box
  readonly leaf: Box
  readonly jamb: Length
  readonly hinges: HingeSide | null
  readonly hingeCentres: readonly Length[]
  readonly latch: Length
  /** Whether a real unit was chosen, or this is only the size that was derived. */
  readonly isChosen: boolean
}

const USUAL_JAMB = inches(4, 9, 16)

/** The chosen unit as placed, a storm door as large as its trim opening; else the derived size in the middle of its hole; `null` while neither is known. */
export function doorShape(result: JobResult): DoorShape | null {
  const { specification, hole, lengths, wishes } = result
  const { unit } = specification
  const chosen = result.chosen?.unit.lock ? null : result.chosen
  if (!chosen && !unit) return null
  const governing = chosen?.storm?.fit.governing
  const width = governing?.width ?? chosen?.unit.width ?? unit!.width.value
  const height = governing?.height ?? chosen?.unit.height ?? unit!.height.value
  const x =
    chosen?.placement?.left ?? nearestTick(((hole?.points.L0.x ?? 0) + (hole?.points.R0.x ?? width) - width) / 2)
  const y = chosen?.placement?.bottom ?? ZERO
  const leafWidth = governing?.width ?? chosen?.unit.leafWidth ?? minus(width, lengths['core-width'].value)
  const leafHeight = governing?.height ?? chosen?.unit.leafHeight ?? minus(height, lengths['core-height'].value)
  const leafBottom = chosen?.unit.leafBottom ?? lengths['leaf-bottom'].value
  const heights = shimHeights({ width, height, leafHeight, leafBottom, jamb: USUAL_JAMB }, lengths)
  return {
    frame: { x, y, width, height },
    leaf: { x: nearestTick(x + (width - leafWidth) / 2), y: plus(y, leafBottom), width: leafWidth, height: leafHeight },
    jamb: chosen?.unit.jamb || USUAL_JAMB,
    hinges: wishes.hinges,
    hingeCentres: [heights['hinge.top'], heights['hinge.middle'], heights['hinge.bottom']].map(one => plus(y, one)),
    latch: plus(y, heights['strike.latch']),
    isChosen: chosen !== null,
  }
}

/** The corners of a box, from the lower left round by the right. */
export const cornersOf = ({ x, y, width, height }: Box): readonly Point[] => [
  point(x, y),
  point(x + width, y),
  point(x + width, y + height),
  point(x, y + height),
]

export const boxOf = (x: number, y: number, width: number, height: number): Box => ({
  x: nearestTick(x),
  y: nearestTick(y),
  width: nearestTick(width),
  height: nearestTick(height),
})
