import { point } from '../geometry/point'
import type { JobResult } from '../job'
import { valueOf } from '../survey/survey'
import { inches, type Length, plus, ZERO } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { type Certainty, dimension, label, type Mark, path, readingMark, type Scene } from './scene'

const REACH = inches(8)
const LEAF_SHOWN = inches(6)
const LEAF_THICKNESS = inches(1, 3, 4)
const USUAL_SILL = inches(5, 9, 16)
const DEEP = inches(3)

/** A cut through the sill, outside on the left: floor inside, packing, threshold, and how the leaf clears the floor. */
export function section(result: JobResult): Scene {
  const { survey, specification, chosen, lengths } = result
  const floor = valueOf(survey, 'floor.highest')
  const sill = valueOf(survey, 'sill.depth')
  const stepDown = valueOf(survey, 'step.outside')
  const drop = valueOf(survey, 'floor.drop')
  const depth = chosen?.unit.sillDepth ?? sill ?? USUAL_SILL
  const pad = chosen?.pad ?? specification.floor?.pad.value ?? ZERO
  const leafBottom = plus(chosen?.unit.leafBottom ?? lengths['leaf-bottom'].value, pad)
  const ground = -(stepDown ?? inches(4))
  const read = (value: Length | null): Certainty => (value === null ? 'assumed' : 'sure')
  return {
    name: 'section',
    marks: [
      path('ground', 'step.outside', [point(-REACH, ground), point(0, ground), point(0, -DEEP)], false, read(stepDown)),
      path('wall', 'subfloor', cornersOf(boxOf(0, -DEEP, depth + REACH, DEEP)), true),
      path('floor', 'floor.highest', cornersOf(boxOf(depth, 0, REACH, floor ?? inches(0, 3, 4))), true, read(floor)),
      ...(pad > 0 ? [path('shim', 'pad', cornersOf(boxOf(0, 0, depth, pad)))] : []),
      ...threshold(depth, pad, leafBottom),
      path('leaf', 'leaf', cornersOf(boxOf(depth - LEAF_THICKNESS - inches(0, 1, 2), leafBottom, LEAF_THICKNESS, LEAF_SHOWN)), true, chosen ? 'sure' : 'assumed'),
      readingMark('floor.highest', point(depth + inches(5), 0), point(depth + inches(5), floor ?? inches(0, 3, 4)), floor, 1.9, read(floor)),
      readingMark('sill.depth', point(0, -inches(1, 1, 2)), point(sill ?? depth, -inches(1, 1, 2)), sill, 0.5, read(sill)),
      readingMark('step.outside', point(-inches(5), ground), point(-inches(5), 0), stepDown, 0.5, read(stepDown)),
      readingMark('floor.drop', point(depth + inches(1, 1, 2), 0), point(depth + inches(1, 1, 2), drop ?? inches(0, 1, 4)), drop, 1.9, read(drop)),
      ...(floor === null || result.wishes.swing !== 'in' ? [] : [clearance(depth, floor, leafBottom)]),
      label('outside', point(-inches(4), leafBottom + inches(4)), 'outside'),
      label('inside', point(depth + inches(4), leafBottom + inches(4)), 'inside'),
    ],
    from: point(-REACH - inches(1), Math.min(ground, -DEEP) - inches(1)),
    to: point(depth + REACH + inches(1), leafBottom + LEAF_SHOWN + inches(1)),
  }
}

function threshold(depth: Length, pad: Length, leafBottom: Length): readonly Mark[] {
  const rise = Math.max(pad + inches(0, 1, 2), leafBottom - inches(0, 1, 8))
  return [path('sill', 'sill', [
    point(-inches(0, 3, 4), pad), point(depth, pad), point(depth, Math.round(pad + (rise - pad) * 0.8)),
    point(depth - inches(1), rise), point(Math.round(depth / 2), rise), point(-inches(0, 3, 4), pad + inches(0, 1, 4)),
  ])]
}

const clearance = (depth: Length, floor: Length, leafBottom: Length): Mark =>
  dimension('floor.clearance', point(depth + inches(7), floor), point(depth + inches(7), leafBottom), ZERO)
