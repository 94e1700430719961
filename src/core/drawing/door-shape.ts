import { type Point, point } from '../geometry/point'
import type { HingeSide } from '../specification/handing'
import { hingeMiddles } from '../specification/hinge-places'
import { type Length, minus, nearestTick, plus, ZERO } from '../units/length'
import { lightsBeside } from './across'
import type { Drawn } from './drawn'

/** An upright rectangle in ticks, from its lower left corner. */
export type Box = { readonly x: Length; readonly y: Length; readonly width: Length; readonly height: Length }

/** The door as it will stand: its frame, its leaf, and the heights that matter. */
export type DoorShape = {
  readonly frame: Box
  readonly leaf: Box
  readonly jamb: Length
  readonly hinges: HingeSide | null
  /** The middle of each hinge, from the top down. */
  readonly hingeCentres: readonly Length[]
  readonly latch: Length
  /** Whether a real unit was chosen, or this is only the size that was derived. */
  readonly isChosen: boolean
}

/** The chosen unit as placed, a storm door as large as its trim opening; else the derived size in the middle of its hole; an old door
 *  that stays by the leaf that was read; `null` while none is known. */
export function doorShape(drawn: Drawn): DoorShape | null {
  const { specification, standing, lengths, wishes, further } = drawn
  const { unit } = specification
  const { leaf, hingePlaces } = further
  const frame = frameBox(drawn)
  if (!frame) return null
  const known = closedWidth(drawn)
  const lights = lightsBeside(drawn, frame.width, known)
  const between = minus(minus(frame.width, lights.left), lights.right)
  const leafWidth = known ?? (unit ? minus(between, lengths['core-width'].value) : between)
  const leafHeight = leaf?.height.value ?? (unit ? minus(frame.height, lengths['core-height'].value) : frame.height)
  const hangsInFrame = standing === null ? unit !== null : standing.leafBottom !== null || unit !== null
  const bottom = plus(frame.y, hangsInFrame ? (standing?.leafBottom ?? lengths['leaf-bottom'].value) : ZERO)
  const middles = hingePlaces ? hingeMiddles(hingePlaces, leafHeight) : []
  return {
    frame,
    leaf: {
      x: nearestTick(frame.x + lights.left + (between - leafWidth) / 2),
      y: bottom,
      width: leafWidth,
      height: leafHeight,
    },
    jamb: standing?.jamb ?? lengths['jamb-usual'].value,
    hinges: wishes.hinges,
    hingeCentres: middles.map(one => plus(bottom, one)),
    latch: plus(bottom, standing?.strikeHeight ?? lengths['strike-height'].value),
    isChosen: standing !== null,
  }
}

/** How wide what closes is: both leaves of two that meet, else the one leaf; `null` while it is not known. */
function closedWidth({ edges, further: { leaf } }: Drawn): Length | null {
  const both = edges.filter(one => one.role === 'head' && one.leaf !== 'one').map(one => one.length)
  return both.length === 2 ? plus(both[0]!, both[1]!) : (leaf?.width.value ?? null)
}

/** Where the frame stands: as placed, else in the middle of its hole; round a leaf that stays, the leaf itself. */
function frameBox(drawn: Drawn): Box | null {
  const { specification, standing, hole, further, derivesUnit } = drawn
  const { unit } = specification
  const { leaf } = further
  const width = closedWidth(drawn)
  const read = !derivesUnit && leaf && width !== null ? { width, height: leaf.height.value } : null
  const size = standing?.size ?? (unit ? { width: unit.width.value, height: unit.height.value } : read)
  if (!size) return null
  const middle = ((hole?.points.L0.x ?? 0) + (hole?.points.R0.x ?? size.width) - size.width) / 2
  return {
    x: standing?.placement?.left ?? nearestTick(middle),
    y: standing?.placement?.bottom ?? ZERO,
    ...size,
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
