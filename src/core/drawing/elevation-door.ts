import type { ShimPoint } from '../fit/plan-shims'
import { point } from '../geometry/point'
import { rightward, upward, valueAt } from '../geometry/polyline'
import { headLine, leftSide, type OpeningPoints, rightSide } from '../opening/opening'
import { inches, negate } from '../units/length'
import { type Box, boxOf, cornersOf, type DoorShape } from './door-shape'
import type { Drawn } from './drawn'
import { leverMarks } from './lever'
import { type Certainty, dimension, figure, type Mark, path } from './scene'

const SHIM_HALF = inches(1)
const BEYOND_STUD = inches(2, 1, 2)
const HINGE_HALF = inches(2)

/** The frame, and where it has one leaf: the leaf, hinges, handle, and the two lines that meet at the hinge side. */
export function doorMarks(shape: DoorShape, hasLeaf = true): readonly Mark[] {
  const { frame, leaf, isChosen } = shape
  const certainty: Certainty = isChosen ? 'sure' : 'assumed'
  return [
    path('frame', 'unit', cornersOf(frame), true, certainty),
    ...(hasLeaf ? [path('leaf', 'leaf', cornersOf(leaf), true, certainty)] : []),
    ...(hasLeaf && shape.hinges ? hingeMarks(shape, shape.hinges) : []),
  ]
}

function hingeMarks({ leaf, hingeCentres, latch }: DoorShape, side: 'left' | 'right'): readonly Mark[] {
  const hingeX = side === 'left' ? leaf.x : leaf.x + leaf.width
  const strikeX = side === 'left' ? leaf.x + leaf.width : leaf.x
  const inward = side === 'left' ? -1 : 1
  const middle = leaf.y + Math.round(leaf.height / 2)
  const knuckle = inches(0, 3, 4)
  return [
    path(
      'swing',
      'swing',
      [point(strikeX, leaf.y), point(hingeX, middle), point(strikeX, leaf.y + leaf.height)],
      false,
    ),
    ...hingeCentres.map((y, i) =>
      path('hinge', `hinge.${i + 1}`, cornersOf(boxOf(hingeX - knuckle / 2, y - HINGE_HALF, knuckle, 2 * HINGE_HALF))),
    ),
    ...leverMarks('handle', strikeX, inward, latch),
  ]
}

/** The unit's own size, and the rough opening it wants. */
export function sizeMarks({ frame }: DoorShape): readonly Mark[] {
  const { x, y, width, height } = frame
  return [
    dimension('unit.width', point(x, y), point(x + width, y), negate(inches(5))),
    dimension('unit.height', point(x, y), point(x, y + height), inches(7)),
  ]
}

/** Where the frame is packed: the packs between frame and stud or head, and the gap each fills. */
export function shimMarks({ shims }: Drawn, { frame }: DoorShape, drawn: OpeningPoints): readonly Mark[] {
  return (shims?.points ?? []).flatMap(one =>
    one.member === 'head' ? headMark(one, frame, drawn) : shimMark(one, frame.x, frame.x + frame.width, frame.y, drawn),
  )
}

function shimMark(one: ShimPoint, left: number, right: number, bottom: number, drawn: OpeningPoints): readonly Mark[] {
  const y = bottom + one.at
  const isLeft = one.member === 'left'
  const stud = valueAt(upward(isLeft ? leftSide(drawn) : rightSide(drawn)), y)
  const [from, to] = isLeft ? [stud, left] : [right, stud]
  const certainty = one.pack ? 'sure' : 'doubtful'
  const labelX = Math.round(isLeft ? Math.min(from, left) - BEYOND_STUD : Math.max(to, right) + BEYOND_STUD)
  return [
    path('shim', `shim.${one.place}`, cornersOf(boxOf(from, y - SHIM_HALF, to - from, 2 * SHIM_HALF)), true, certainty),
    figure(
      'shim',
      `shim.${one.place}`,
      point(labelX, y - inches(0, 3, 4)),
      one.gap,
      isLeft ? 'end' : 'start',
      certainty,
    ),
  ]
}

function headMark(one: ShimPoint, frame: Box, drawn: OpeningPoints): readonly Mark[] {
  const x = frame.x + one.at
  const top = frame.y + frame.height
  const head = valueAt(rightward(headLine(drawn)), x)
  const certainty = one.pack ? 'sure' : 'doubtful'
  return [
    path('shim', `shim.${one.place}`, cornersOf(boxOf(x - SHIM_HALF, top, 2 * SHIM_HALF, head - top)), true, certainty),
    figure(
      'shim',
      `shim.${one.place}`,
      point(Math.round(x), Math.round(head + BEYOND_STUD)),
      one.gap,
      'middle',
      certainty,
    ),
  ]
}
