import { type Point, point, shifted } from '../geometry/point'
import type { JobResult } from '../job'
import { assumedOpening } from '../opening/model-opening'
import { headLine, leftSide, type OpeningPoints, outline, POINT_NAMES, rightSide } from '../opening/opening'
import { waySlot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { WAY_READINGS } from '../survey/ways'
import { inches } from '../units/length'
import { type DoorShape, doorShape } from './door-shape'
import { doorMarks, sealMarks, shimMarks, sizeMarks } from './elevation-door'
import { exaggerate, type Frame, meanFrame } from './exaggerate'
import { readingSpan } from './reading-spans'
import { type Certainty, dot, type Mark, path, readingMark, type Scene } from './scene'
import type { Stage } from './stage'

const STUD = inches(1, 1, 2)
const HEADER = inches(3, 1, 2)
const MARGIN = inches(11)
const BEYOND = inches(6)
const USUAL = { width: inches(38), height: inches(82) }

type View = { readonly points: OpeningPoints; readonly frame: Frame; readonly certainty: Certainty }

/** The opening as seen from outside, true to scale; with a `factor`, deviations are drawn so many times larger.
 *  Ids: `point.L0`, a reading's slot, `shim.hinge.top`, `seal.head`, `gap.head.left`, `unit`, `leaf`. */
export function elevation(result: JobResult, stage: Stage, factor = 1): Scene {
  const shape = stage === 'measure' || stage === 'diagnose' ? null : doorShape(result)
  const view = viewOf(result, stage, shape, factor)
  const marks = [
    ...surroundings(view),
    path('hole', 'hole', outline(view.points), true, view.certainty),
    ...(shape ? doorMarks(shape) : []),
    ...stageMarks(result, stage, view, shape),
    ...POINT_NAMES.map(name => dot('point', `point.${name}`, view.points[name], view.certainty)),
  ]
  return { name: 'elevation', marks, ...bounds(view.points) }
}

function stageMarks(result: JobResult, stage: Stage, view: View, shape: DoorShape | null): readonly Mark[] {
  switch (stage) {
    case 'measure':
      return readingMarks(result, view.points)
    case 'diagnose':
      return trueRectangle(view)
    case 'specify':
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

/** While it is measured, what is measured is drawn: the old frame may still stand in the hole. */
function viewOf(result: JobResult, stage: Stage, shape: DoorShape | null, factor: number): View {
  const early = stage === 'measure' || stage === 'diagnose'
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
  return { from: point(left - MARGIN, bottom - inches(9)), to: point(right + MARGIN, top + inches(10)) }
}

/** Studs and header, which follow the hole as it is, and the ground. */
function surroundings({ points, certainty }: View): readonly Mark[] {
  const side = (line: readonly Point[], out: number) => [...line, ...[...line].reverse().map(p => shifted(p, out, 0))]
  const head = headLine(points)
  const ground = Math.min(points.L0.y, points.R0.y, points.S.y)
  return [
    path('stud', 'stud.left', side(leftSide(points), -STUD), true, certainty),
    path('stud', 'stud.right', side(rightSide(points), STUD), true, certainty),
    path('stud', 'header', [...head, ...[...head].reverse().map(p => shifted(p, 0, HEADER))], true, certainty),
    path('ground', 'ground', [point(points.L0.x - BEYOND, ground), point(points.R0.x + BEYOND, ground)], false),
  ]
}

function readingMarks({ model, survey }: JobResult, points: OpeningPoints): readonly Mark[] {
  const suspect = model?.adjusted.suspect
  const isShown = model?.way === survey.way
  const doubtful = new Set(isShown ? [suspect?.reading, ...(suspect?.alternatives ?? [])] : [])
  const unchecked = new Set(isShown ? model?.adjusted.unchecked : [])
  return WAY_READINGS[survey.way].map(name => {
    const { from, to, along } = readingSpan(name, points)
    const value = readValue(survey, waySlot(survey.way, name))
    const certainty =
      value === null ? 'assumed' : doubtful.has(name) ? 'doubtful' : unchecked.has(name) ? 'unchecked' : 'sure'
    return readingMark(waySlot(survey.way, name), from, to, value, along, certainty)
  })
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
