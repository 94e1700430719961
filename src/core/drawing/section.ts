import { point } from '../geometry/point'
import { readValue } from '../survey/survey'
import { readingsFor } from '../survey/survey-of'
import { inches, type Length, plus, ZERO } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import type { Drawn } from './drawn'
import { type Certainty, dimension, label, type Mark, path, readingMark, type Scene } from './scene'

const OUTSIDE = inches(4)
const INSIDE = inches(6)
const LEAF_SHOWN = inches(3, 1, 4)
const LEAF_THICKNESS = inches(1, 3, 4)
const USUAL_SILL = inches(5, 9, 16)
const USUAL_FLOOR = inches(0, 3, 4)
const BELOW = inches(2, 3, 4)

/** A cut through the sill, outside on the left: floor inside, packing, threshold, and how the leaf clears the floor.
 *  A step deeper than the drawing runs on below its edge. */
export function section(result: Drawn): Scene {
  const { survey, specification, standing, lengths } = result
  const [floor, sill] = [readValue(survey, 'floor.highest'), readValue(survey, 'sill.depth')]
  const [stepDown, drop] = [readValue(survey, 'step.outside'), readValue(survey, 'floor.drop')]
  const depth = standing?.sillDepth ?? sill ?? USUAL_SILL
  const pad = standing?.pad ?? specification.floor?.pad.value ?? ZERO
  const leafBottom = plus(standing?.leafBottom ?? lengths['leaf-bottom'].value, pad)
  const ground = -(stepDown ?? BELOW)
  const top = leafBottom + LEAF_SHOWN
  const read = (value: Length | null): Certainty => (value === null ? 'assumed' : 'sure')
  const floorTop = floor ?? USUAL_FLOOR
  const asked = new Set<string>(readingsFor(result.asked, survey.way))
  const marks: readonly Mark[] = [
    path('wall', 'subfloor', cornersOf(boxOf(0, -BELOW, depth + INSIDE, BELOW)), true),
    path('ground', 'step.outside', [point(-OUTSIDE, ground), point(0, ground), point(0, 0)], false, read(stepDown)),
    path('floor', 'floor.highest', cornersOf(boxOf(depth, 0, INSIDE, floorTop)), true, read(floor)),
    ...(pad > 0 ? [path('shim', 'pad', cornersOf(boxOf(0, 0, depth, pad)))] : []),
    threshold(depth, pad, leafBottom),
    path(
      'leaf',
      'leaf',
      cornersOf(boxOf(depth - LEAF_THICKNESS - inches(0, 1, 2), leafBottom, LEAF_THICKNESS, LEAF_SHOWN)),
      true,
      standing ? 'sure' : 'assumed',
    ),
    readingMark(
      'sill.depth',
      point(0, -inches(1, 1, 4)),
      point(sill ?? depth, -inches(1, 1, 4)),
      sill,
      0.45,
      read(sill),
    ),
    upright('step.outside', -inches(2), Math.max(ground, -BELOW), 0, stepDown),
    upright('floor.drop', depth + inches(1, 1, 4), 0, drop ?? inches(0, 1, 4), drop),
    upright('floor.highest', depth + inches(3, 1, 4), 0, floorTop, floor),
    ...(floor === null || result.wishes.swing !== 'in'
      ? []
      : [dimension('floor.clearance', point(depth + inches(5), floor), point(depth + inches(5), leafBottom), ZERO)]),
    label('outside', point(-OUTSIDE, top - inches(1)), 'outside', 'start'),
    label('inside', point(depth + inches(3, 1, 2), top - inches(1)), 'inside'),
  ]
  return {
    name: 'section',
    marks: marks.filter(mark => mark.kind !== 'reading' || asked.has(mark.id)),
    from: point(-OUTSIDE - inches(0, 1, 2), -BELOW - inches(0, 1, 4)),
    to: point(depth + INSIDE + inches(0, 1, 2), top + inches(0, 1, 4)),
  }
}

/** A reading up a vertical, its figure standing level below the floor or beside the step. */
function upright(id: string, x: number, from: number, to: number, value: Length | null): Mark {
  const span = to - from || 1
  const y = id === 'step.outside' ? -inches(1) : -inches(0, 7, 8)
  return readingMark(
    id,
    point(x, Math.round(from)),
    point(x, Math.round(to)),
    value,
    (y - from) / span,
    value === null ? 'assumed' : 'sure',
    { upright: true },
  )
}

function threshold(depth: Length, pad: Length, leafBottom: Length): Mark {
  const rise = Math.max(pad + inches(0, 1, 2), leafBottom - inches(0, 1, 8))
  return path('sill', 'sill', [
    point(-inches(0, 3, 4), pad),
    point(depth, pad),
    point(depth, Math.round(pad + (rise - pad) * 0.8)),
    point(depth - inches(1), rise),
    point(Math.round(depth / 2), rise),
    point(-inches(0, 3, 4), pad + inches(0, 1, 4)),
  ])
}
