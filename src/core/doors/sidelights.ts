import { lightsOf } from '../catalogue/across'
import { judgeInHole } from '../catalogue/judge-in-hole'
import { withSidelights } from '../catalogue/judge-more'
import { all, boredAs, fireLabel, glassAs, hingeSide, madeOf, swingWay } from '../catalogue/requirements'
import type { UnitOf } from '../catalogue/unit'
import { panels, sidelightGlass } from '../drawing/family-parts'
import { lightsRead } from '../drawing/opening-box'
import { sidelitFront } from '../drawing/unit-front'
import { betweenLights } from '../fit/fastening'
import { type HungLeaf, type LeafKnown, leafOfDerived, leafOfSheet } from '../specification/hung-leaf'
import { hangingLeaf, partsAddUp, placeAsks } from '../specification/leaf-rules'
import { readingLeaf, readValue } from '../survey/survey'
import type { Door, UnitDoor } from './door'
import {
  ANY_UNIT_WAY,
  hungAsks,
  hungSheet,
  ONE_LEAF_OUTSIDE_ORDER,
  ONE_LEAF_OUTSIDE_SEAL,
  OUTSIDE_PRACTICES,
  OUTSIDE_TESTS,
  SILL,
  TRIM_COVERED,
  TWIST,
  trimOnSite,
  WALLS,
} from './shared'

/** The leaf between the lights: the chosen unit's where its sheet says it, else as wide as it was read. A leaf as wide as the whole
 *  frame there is none: without either, nothing is said of it. */
function leafBetween(known: LeafKnown): HungLeaf | null {
  const read = readingLeaf(known.survey, 'leaf.width')
  const whole = known.unit ? leafOfSheet(known.unit, known.lengths) : leafOfDerived(known)
  if (!whole) return null
  if (known.unit?.sheet.leafWidth != null) return whole
  return read ? { ...whole, width: read } : null
}

/** A hinged leaf with fixed panels beside it; a hinged patio door too. */
export const SIDELIGHTS: Door = {
  survey: {
    ways: ANY_UNIT_WAY,
    further: ['leaf.width', 'sidelight.left', 'sidelight.right', ...WALLS, ...TWIST, ...SILL],
    whereTrimComesOff: TRIM_COVERED,
    whereFlushOutside: ['siding.plane'],
    facts: ['fact.condition'],
    views: ['door', 'lock-edge', 'glass', 'threshold', 'corners'],
    essential: ['leaf.width'],
    standsOnTrim: false,
  },
  specify: {
    settles: ['hinges', 'swing', 'bore'],
    hasJamb: true,
    derivesUnit: true,
    floor: 'swings-over',
    isExterior: true,
    leaf: leafBetween,
    further: [hangingLeaf, partsAddUp(['leaf.width', 'sidelight.left', 'sidelight.right']), placeAsks],
  },
  site: survey => ({
    ...trimOnSite(survey),
    sidelights: { left: readValue(survey, 'sidelight.left'), right: readValue(survey, 'sidelight.right') },
  }),
  takes: ['sidelights'],
  fit: {
    points: betweenLights,
    fastener: 'screw',
    steps: 'between-lights',
    isOutside: true,
    hasSill: true,
    tunes: 'leaf',
    form: null,
  },
  seal: ONE_LEAF_OUTSIDE_SEAL,
  tests: OUTSIDE_TESTS,
  parts: {
    isOneLeaf: true,
    hasLights: true,
    parts: (_, extent, at) => [...panels(extent, at, 'leaf'), ...sidelightGlass(extent, at[0]!, at[1]!)],
    divisions: lightsRead,
    plan: 'one-leaf',
    surround: null,
    readsOutside: false,
  },
  practices: ['hand-naming', ...OUTSIDE_PRACTICES.filter(id => id !== 'fastening'), 'header'],
}

type Unit = UnitOf<'sidelights'>

export const SIDELIGHTS_UNIT: UnitDoor<'sidelights'> = {
  judge: {
    judge: (unit, request) => withSidelights(judgeInHole(unit, request, { meetsWall: true }), unit, request),
    requires: all<Unit>(hingeSide, swingWay, fireLabel, madeOf, boredAs, glassAs),
    isByHole: true,
  },
  order: ONE_LEAF_OUTSIDE_ORDER,
  leaf: unit => hungSheet(unit, unit.leafBottom),
  frame: unit => ({
    jamb: unit.jamb,
    legThickness: unit.legThickness,
    legMaterial: unit.legMaterial,
    sidelights: lightsOf(unit),
    passiveLeaf: null,
  }),
  asks: hungAsks,
  front: sidelitFront,
  tests: null,
}
