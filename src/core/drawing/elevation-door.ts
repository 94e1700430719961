import type { ShimPoint } from '../fit/plan-shims'
import { type Point, point } from '../geometry/point'
import { rightward, upward, valueAt } from '../geometry/polyline'
import { headLine, leftSide, type OpeningPoints, rightSide } from '../opening/opening'
import type { Edge } from '../seal/edge'
import type { EdgePlan } from '../seal/plan-seals'
import { isTight } from '../seal/read-edges'
import type { GapSlot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { inches, magnitude, negate } from '../units/length'
import { type Box, boxOf, cornersOf, type DoorShape } from './door-shape'
import type { Drawn } from './drawn'
import { type Certainty, dimension, dot, figure, label, type Mark, path } from './scene'

const SHIM_HALF = inches(1)
const BEYOND_STUD = inches(2, 1, 2)
const HINGE_HALF = inches(2)
const INSET = inches(5)

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
    path(
      'handle',
      'handle',
      cornersOf(boxOf(strikeX + inward * inches(2, 3, 4) - inches(0, 1, 2), latch - inches(2), inches(1), inches(4))),
    ),
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

/** The seal of each edge along the leaf, and the gaps that were read round it. */
export function sealMarks({ edges, seals, survey }: Drawn, shape: DoorShape): readonly Mark[] {
  const drawn = edges.filter(one => one.slots.length > 0)
  return [
    ...drawn.map(edge =>
      path(
        'seal',
        `seal.${edge.id}`,
        lineOf(edge, shape),
        false,
        sealCertainty(seals?.edges.find(one => one.edge.id === edge.id)),
      ),
    ),
    ...drawn.flatMap(edge => edge.slots).flatMap(slot => gapMarks(slot, readValue(survey, slot), shape.leaf)),
  ]
}

const sealCertainty = (edge: EdgePlan | undefined): Certainty =>
  edge === undefined || edge.isExpected
    ? 'assumed'
    : edge.chosen.length + edge.stays.length > 0 || isTight(edge)
      ? 'sure'
      : 'doubtful'

function lineOf({ side }: Edge, { leaf }: DoorShape): readonly Point[] {
  const [bottomLeft, bottomRight, topRight, topLeft] = cornersOf(leaf) as [Point, Point, Point, Point]
  const middle = Math.round(leaf.x + leaf.width / 2)
  switch (side) {
    case 'head':
      return [topLeft, topRight]
    case 'left':
      return [bottomLeft, topLeft]
    case 'right':
      return [bottomRight, topRight]
    case 'bottom':
      return [bottomLeft, bottomRight]
    case 'middle':
      return [point(middle, leaf.y), point(middle, leaf.y + leaf.height)]
  }
}

/** Where a gap of the closed door is read along the leaf's edge, and what it is. */
export function gapMarks(slot: GapSlot, value: ReturnType<typeof readValue>, leaf: Box): readonly Mark[] {
  const [, side, level] = slot.split('.') as [string, 'head' | 'left' | 'right' | 'bottom', string]
  const share = { left: 0.12, bottom: 0.12, centre: 0.5, middle: 0.5, right: 0.88, top: 0.88 }[level] ?? 0.5
  const along = side === 'head' || side === 'bottom' ? 'x' : 'y'
  const at =
    along === 'x'
      ? point(Math.round(leaf.x + leaf.width * share), side === 'head' ? leaf.y + leaf.height : leaf.y)
      : point(side === 'left' ? leaf.x : leaf.x + leaf.width, Math.round(leaf.y + leaf.height * share))
  const certainty = value === null ? 'assumed' : 'sure'
  const inward = {
    head: [0, -INSET],
    bottom: [0, inches(3)],
    left: [inches(1, 1, 2), 0],
    right: [-inches(1, 1, 2), 0],
  }[side] as [number, number]
  const textAt = point(at.x + inward[0], at.y + inward[1] - (along === 'y' ? inches(0, 3, 4) : 0))
  const anchor = side === 'left' ? 'start' : side === 'right' ? 'end' : 'middle'
  return [
    dot('gap', slot, at, certainty),
    value === null
      ? label(slot, textAt, 'open-reading', anchor)
      : figure('gap', slot, textAt, magnitude(value), anchor),
  ]
}
