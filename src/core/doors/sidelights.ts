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
import { type Length, minus, split, ZERO } from '../units/length'
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

/** The lights of a unit: by its sheet; where that is silent, what frame and leaf leave is shared alike. */
function lightsOf(unit: UnitOf<'sidelights'>): { readonly left: Length; readonly right: Length } {
  const { sidelightLeft: left, sidelightRight: right } = unit
  const rest = unit.leafWidth === null ? ZERO : minus(unit.width, unit.leafWidth)
  const share = (other: Length | null) => (other === null ? halfOf(rest) : minus(rest, other))
  return { left: left ?? share(right), right: right ?? share(left) }
}
const halfOf = (length: Length): Length => split(length, 2)[0]!

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
    isOneLeaf: false,
    parts: (drawn, extent) => [...panels(drawn, extent, 'leaf'), ...sidelightGlass(drawn, extent)],
    divisions: lightsRead,
    plan: 'closed',
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
