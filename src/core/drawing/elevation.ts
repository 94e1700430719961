import type { Stage } from '../base/stages'
import { type Point, point, shifted } from '../geometry/point'
import type { Bucks } from '../opening/bucks'
import { assumedOpening } from '../opening/model-opening'
import { headLine, leftSide, type OpeningPoints, outline, POINT_NAMES, rightSide } from '../opening/opening'
import { inches, ZERO } from '../units/length'
import { divisionsIn, extentOfBox, lightsBeside } from './across'
import { sealMarks } from './closed-door'
import { type DoorShape, doorShape } from './door-shape'
import type { Drawn } from './drawn'
import { doorMarks, shimMarks, sizeMarks } from './elevation-door'
import { exaggerate, type Frame, meanFrame } from './exaggerate'
import { SURROUND_THICKNESS, sidelightGlass } from './family-parts'
import { extentIn, leafDress } from './leaf-dress'
import { leafWithLock, lockFace } from './lock-face'
import { extentOf } from './opening-box'
import { furtherMarks, readingMarks } from './reading-marks'
import { type Certainty, dot, label, type Mark, path, type Scene } from './scene'
import { type Surrounded, wallTexture } from './wall-texture'

const HEADER = inches(3, 1, 2)
const MARGIN = inches(11)
const ASIDE_SHARE = 0.33
const BEYOND = inches(6)
const USUAL = { width: inches(38), height: inches(82) }

/** The door as it will stand, without figures: for a row of doors. */
export const wholeDoor = (result: Drawn): Scene =>
  result.parts.isLock ? leafWithLock(result) : elevation(result, 'handover')

type View = { readonly points: OpeningPoints; readonly frame: Frame; readonly certainty: Certainty }

/** The opening as seen from outside, true to scale; with a `factor`, deviations are drawn so many times larger.
 *  Ids: `point.L0`, a reading's slot, `shim.hinge.top`, `seal.head`, `gap.head.left`, `unit`, `leaf`. */
export function elevation(result: Drawn, stage: Stage, factor = 1): Scene {
  if (result.parts.isLock) return lockFace(result, stage === 'measure')
  const shape = stage === 'measure' || stage === 'diagnose' ? null : doorShape(result)
  const view = viewOf(result, stage, shape, factor)
  const limits = bounds(view.points)
  const surround = surroundOf(result, stage)
  const marks = [
    ...wallTexture(result.wall, roundOf(view.points, surround), limits),
    ...surroundings(view, surround, isEarly(stage) ? null : (result.standing?.bucks ?? null)),
    path('hole', 'hole', outline(view.points), true, view.certainty),
    ...dressedLeaves(result, [
      ...(shape ? doorMarks(shape, result.parts.isOneLeaf) : []),
      ...partsIn(result, shape, view.points),
    ]),
    ...stageMarks(result, stage, view, shape),
    ...POINT_NAMES.map(name => dot('point', `point.${name}`, view.points[name], view.certainty)),
  ]
  return { name: 'elevation', marks, ...limits }
}

/** Leaves as the chosen unit's sheet says they look; what they look like is not drawn while it is still to be chosen. */
function dressedLeaves({ standing }: Drawn, marks: readonly Mark[]): readonly Mark[] {
  if (!standing) return marks
  return marks.flatMap(one =>
    one.kind === 'path' && one.closed && one.role === 'leaf'
      ? [one, ...leafDress(standing.look, one.id, extentIn(one.points)).map(({ paint: _, ...it }) => it)]
      : [one],
  )
}

/** What stands round the hole, as an upright box: the wall is behind it. */
function roundOf(p: OpeningPoints, surround: Surround): Surrounded {
  const thick = SURROUND_THICKNESS[surround]
  return {
    left: Math.min(p.L0.x, p.L1.x, p.L2.x) - thick,
    right: Math.max(p.R0.x, p.R1.x, p.R2.x) + thick,
    top: Math.max(p.L2.y, p.R2.y, p.T.y) + (surround === 'stud' ? HEADER : thick),
    ground: Math.min(p.L0.y, p.R0.y, p.S.y),
  }
}

function stageMarks(result: Drawn, stage: Stage, view: View, shape: DoorShape | null): readonly Mark[] {
  switch (stage) {
    case 'measure':
      return [...readingMarks(result, view.points), ...furtherMarks(result, view.points)]
    case 'diagnose':
      return trueRectangle(view)
    case 'specify':
      return [...(shape ? sizeMarks(shape) : []), ...handMarks(result, view, shape)]
    case 'order':
      return shape ? sizeMarks(shape) : []
    case 'fit':
      return shape ? shimMarks(result, shape, view.points) : []
    case 'seal':
      return shape ? sealMarks(result, shape) : []
    case 'handover':
      return []
  }
}

/** Where the hinges can be: a word on each side to be tapped, while it is settled what is wanted. */
function handMarks({ settles, wishes }: Drawn, { frame }: View, shape: DoorShape | null): readonly Mark[] {
  if (!settles.includes('hinges')) return []
  const { left, right } = shape ? extentOfBox(shape.leaf) : frame
  const y = Math.round(frame.bottom + (frame.top - frame.bottom) * 0.3)
  const word = (side: 'left' | 'right') =>
    wishes.hinges === side ? 'hinges-here' : wishes.hinges === null ? 'hinges-maybe' : 'hinges-other'
  return [
    label('hand.left', point(Math.round(left) + inches(3), y), word('left'), 'start'),
    // Lower than the left one: side by side the two words overlap on a narrow door.
    label('hand.right', point(Math.round(right) - inches(3), y - inches(7)), word('right'), 'end'),
  ]
}

/** The kind's own parts: inside what is measured, and once a unit is known inside its frame. */
function partsIn(result: Drawn, shape: DoorShape | null, points: OpeningPoints): readonly Mark[] {
  const { isOneLeaf, parts, divisions } = result.parts
  const measured = extentOf(points)
  if (!shape) return parts(result, measured, divisions(result, measured))
  if (isOneLeaf) return lightsIn(result, shape)
  return parts(result, extentOfBox(shape.leaf), divisionsIn(result, shape.leaf))
}

/** The glass of the lights beside the leaf of a unit. */
function lightsIn(result: Drawn, { frame, leaf }: DoorShape): readonly Mark[] {
  const { left, right } = lightsBeside(result, frame.width, leaf.width)
  const extent = extentOfBox(frame)
  return sidelightGlass(extent, extent.left + left, extent.right - right)
}

const isEarly = (stage: Stage): boolean => stage === 'measure' || stage === 'diagnose'

/** While it is measured, what is measured is drawn: the old frame may still stand in the hole. */
function viewOf(result: Drawn, stage: Stage, shape: DoorShape | null, factor: number): View {
  const early = isEarly(stage)
  const unmeasured = () => assumedOpening(USUAL.width, USUAL.height, result.lengths)
  const measured = result.model?.adjusted
  const shown = (early ? (measured ?? result.hole) : (result.hole ?? measured)) ?? unmeasured()
  const assumed = early ? result.model === null : result.holeIsAssumed
  const frame = shape ? frameOf(shape) : meanFrame(shown.points)
  return {
    points: factor === 1 ? shown.points : exaggerate(shown.points, frame, factor),
    frame,
    certainty: assumed ? 'assumed' : 'sure',
  }
}

const frameOf = ({ frame: { x, y, width, height } }: DoorShape): Frame => ({
  left: x,
  right: x + width,
  bottom: y,
  top: y + height,
})

function bounds(p: OpeningPoints): { readonly from: Point; readonly to: Point } {
  const left = Math.min(p.L0.x, p.L1.x, p.L2.x)
  const right = Math.max(p.R0.x, p.R1.x, p.R2.x)
  const bottom = Math.min(p.L0.y, p.R0.y, p.S.y)
  const top = Math.max(p.L2.y, p.R2.y, p.T.y)
  // A wide door is drawn smaller, its figures are not: what stands beside it takes a share of its width.
  const aside = Math.max(MARGIN, Math.round((right - left) * ASIDE_SHARE))
  return { from: point(left - aside, bottom - inches(9)), to: point(right + aside, top + inches(10)) }
}

type Surround = keyof typeof SURROUND_THICKNESS

/** What stands round what is drawn: while measuring, what the way reads against; later the hole the unit stands in. */
function surroundOf({ survey, model, parts, derivesUnit }: Drawn, stage: Stage): Surround {
  if (parts.surround) return parts.surround
  const way = isEarly(stage) ? (model?.way ?? survey.way) : model?.way
  if (way === 'masonry') return 'masonry'
  return way === 'core' && (isEarly(stage) || !derivesUnit) ? 'frame' : 'stud'
}

const ROLES = { stud: 'stud', masonry: 'wall', trim: 'trim', frame: 'frame' } as const

const NO_BUCKS: Pick<Bucks, 'left' | 'right'> = { left: ZERO, right: ZERO }

/** Studs and header, masonry with its bucks, trim or frame, which follow the hole as it is, and the ground. */
function surroundings({ points, certainty }: View, surround: Surround, bucks: Bucks | null): readonly Mark[] {
  const side = (line: readonly Point[], out: number) => [...line, ...[...line].reverse().map(p => shifted(p, out, 0))]
  const { left, right } = bucks ?? NO_BUCKS
  const [first, ...rest] = headLine(points)
  const head = [shifted(first!, -left, 0), ...rest.slice(0, -1), shifted(rest.at(-1)!, right, 0)]
  const blocks = {
    left: leftSide(points).map(p => shifted(p, -left, 0)),
    right: rightSide(points).map(p => shifted(p, right, 0)),
  }
  const ground = Math.min(points.L0.y, points.R0.y, points.S.y)
  const [role, thick] = [ROLES[surround], SURROUND_THICKNESS[surround]]
  const over = surround === 'stud' ? HEADER : thick
  return [
    path(role, 'stud.left', side(blocks.left, -thick), true, certainty),
    path(role, 'stud.right', side(blocks.right, thick), true, certainty),
    ...(left > 0 ? [path('stud', 'buck.left', side(leftSide(points), -left), true, certainty)] : []),
    ...(right > 0 ? [path('stud', 'buck.right', side(rightSide(points), right), true, certainty)] : []),
    path(role, 'header', [...head, ...[...head].reverse().map(p => shifted(p, 0, over))], true, certainty),
    path('ground', 'ground', [point(points.L0.x - BEYOND, ground), point(points.R0.x + BEYOND, ground)], false),
  ]
}

/** What the opening would be if it were true, and its two diagonals. */
function trueRectangle({ points, frame }: View): readonly Mark[] {
  const at = (x: number, y: number) => point(Math.round(x), Math.round(y))
  const corners = [
    at(frame.left, frame.bottom),
    at(frame.right, frame.bottom),
    at(frame.right, frame.top),
    at(frame.left, frame.top),
  ]
  return [
    path('dimension', 'true-rectangle', corners, true, 'assumed'),
    path('reading', 'diagonals', [points.L0, points.R2], false),
    path('reading', 'diagonals', [points.R0, points.L2], false),
  ]
}
