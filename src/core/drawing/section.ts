import { point } from '../geometry/point'
import { readValue, type Survey } from '../survey/survey'
import { readingsFor } from '../survey/survey-of'
import { inches, type Length, largestOf, plus, ZERO } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import type { Drawn } from './drawn'
import { type Certainty, dimension, label, type Mark, path, readingMark, type Scene } from './scene'

const OUTSIDE = inches(4)
const INSIDE = inches(7, 1, 2)
/** Where the floor begins to rise, and where a rug lies, from the sill's inner edge. */
const RISE = inches(2, 1, 2)
const RUG = inches(5)
const LEAF_SHOWN = inches(3, 1, 4)
const LEAF_THICKNESS = inches(1, 3, 4)
const USUAL_SILL = inches(5, 9, 16)
const USUAL_FLOOR = inches(0, 3, 4)
const BELOW = inches(3, 1, 2)
/** Their figures stand in two rows, so that none lies on the next one's. */
const [ROW, LOWER_ROW] = [-inches(0, 7, 8), -inches(2, 5, 8)] as const

/** A cut through the sill, outside on the left: floor inside, packing, threshold, and how the leaf clears the floor.
 *  A step deeper than the drawing runs on below its edge. */
export function section(result: Drawn): Scene {
  const { survey, specification, standing, lengths } = result
  const asked = new Set<string>(readingsFor(result.asked, survey.way))
  if (asked.has('floor.covering') && !asked.has('sill.depth')) return footOfLeg(survey)
  const sill = readValue(survey, 'sill.depth')
  const stepDown = readValue(survey, 'step.outside')
  const depth = standing?.sillDepth ?? sill ?? USUAL_SILL
  const pad = standing?.pad ?? specification.floor?.pad.value ?? ZERO
  const leafBottom = plus(standing?.leafBottom ?? lengths['leaf-bottom'].value, pad)
  const ground = -(stepDown ?? BELOW)
  const top = leafBottom + LEAF_SHOWN
  const floor = floorMarks(survey, depth)
  const marks: readonly Mark[] = [
    path('wall', 'subfloor', cornersOf(boxOf(0, -BELOW, depth + INSIDE, BELOW)), true),
    path('ground', 'step.outside', [point(-OUTSIDE, ground), point(0, ground), point(0, 0)], false, read(stepDown)),
    ...floor.layers,
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
    upright('step.outside', -inches(2), Math.max(ground, -BELOW), 0, stepDown, -inches(1)),
    ...floor.readings,
    ...(floor.over === null || result.wishes.swing !== 'in'
      ? []
      : [
          dimension(
            'floor.clearance',
            point(depth + inches(7, 1, 4), floor.over),
            point(depth + inches(7, 1, 4), leafBottom),
            ZERO,
          ),
        ]),
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

const FOOT = {
  width: inches(18),
  leg: inches(5),
  thickness: inches(0, 3, 4),
  rises: inches(6),
  leafAt: inches(5, 7, 8),
}
const UNDERCUT = inches(0, 1, 2)

/** Where there is no sill: the foot of a leg on the floor, on its packs where a covering is still to come, and the leaf beside it. */
function footOfLeg(survey: Survey): Scene {
  const covering = readValue(survey, 'floor.covering')
  const under = covering ?? ZERO
  const { width, leg, thickness, rises, leafAt } = FOOT
  return {
    name: 'foot',
    marks: [
      path('wall', 'subfloor', cornersOf(boxOf(0, -BELOW, width, BELOW)), true),
      ...(under > 0 ? [path('floor', 'floor.covering', cornersOf(boxOf(0, 0, width, under)), true)] : []),
      ...(under > 0 ? [path('shim', 'pad', cornersOf(boxOf(leg, 0, thickness, under)))] : []),
      path('frame', 'leg', cornersOf(boxOf(leg, under, thickness, rises - under))),
      path(
        'leaf',
        'leaf',
        cornersOf(boxOf(leafAt, under + UNDERCUT, width - leafAt, rises - under - UNDERCUT)),
        true,
        'assumed',
      ),
      upright('floor.covering', inches(2, 1, 2), 0, plus(ZERO, covering ?? inches(0, 1, 4)), covering, ROW),
      label('floor', point(width - inches(1), ROW - inches(0, 1, 2)), 'floor', 'end'),
    ],
    from: point(-inches(0, 1, 2), -BELOW - inches(0, 1, 4)),
    to: point(width + inches(0, 1, 2), rises + inches(0, 1, 4)),
  }
}

const read = (value: Length | null): Certainty => (value === null ? 'assumed' : 'sure')

/** The floor inside as far as it was read: what lies there or will, its readings, and the highest the leaf swings over; `null` while that
 *  was not read. */
function floorMarks(survey: Survey, depth: Length) {
  const [finished, highest] = [readValue(survey, 'floor.finished'), readValue(survey, 'floor.highest')]
  const [covering, rug] = [readValue(survey, 'floor.covering'), readValue(survey, 'floor.rug')]
  const drop = readValue(survey, 'floor.drop')
  const atDoor = finished ?? highest ?? USUAL_FLOOR
  const bare = largestOf([atDoor, highest ?? ZERO])
  const covered = plus(bare, covering ?? ZERO)
  const shown = (value: Length | null) => value ?? inches(0, 1, 4)
  const at = (x: Length) => depth + x
  return {
    over: (highest ?? finished) === null ? null : plus(covered, rug ?? ZERO),
    layers: [
      path('floor', 'floor.finished', cornersOf(boxOf(depth, 0, RISE, atDoor)), true, read(finished)),
      path('floor', 'floor.highest', cornersOf(boxOf(depth + RISE, 0, INSIDE - RISE, bare)), true, read(highest)),
      ...layer('floor.covering', depth + RISE, bare, covering),
      ...layer('floor.rug', depth + RUG, covered, rug),
    ],
    readings: [
      upright('floor.drop', at(inches(0, 3, 4)), 0, shown(drop), drop, ROW),
      upright('floor.finished', at(inches(2)), 0, atDoor, finished, LOWER_ROW),
      upright('floor.highest', at(inches(3, 1, 4)), 0, bare, highest, ROW),
      upright('floor.covering', at(inches(4, 1, 2)), bare, plus(bare, shown(covering)), covering, LOWER_ROW),
      upright('floor.rug', at(inches(5, 3, 4)), covered, plus(covered, shown(rug)), rug, ROW),
    ],
  }
}

/** A layer on the floor that was said to be there, or to come. */
const layer = (id: string, from: number, on: Length, thickness: Length | null): readonly Mark[] =>
  thickness === null || thickness === 0
    ? []
    : [path('floor', id, cornersOf(boxOf(from, on, INSIDE - (id === 'floor.rug' ? RUG : RISE), thickness)), true)]

/** A reading up a vertical, its figure standing level at a height below the floor or beside the step. */
function upright(id: string, x: number, from: number, to: number, value: Length | null, y: number): Mark {
  const span = to - from || 1
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
