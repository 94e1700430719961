import { judgeInHole } from '../catalogue/judge-in-hole'
import { withOldLock } from '../catalogue/judge-lock'
import { all, boredAs, fireLabel, glassAs, hingeSide, madeOf, swingWay } from '../catalogue/requirements'
import { lockRead } from '../catalogue/site-facts'
import type { UnitOf } from '../catalogue/unit'
import { framedFront } from '../drawing/unit-front'
import { oneLeaf } from '../fit/fastening'
import { NOTHING_ASKED } from '../fit/fit-of'
import { detailsWith } from '../order/order-of'
import { cardSpares } from '../order/spares'
import { oneLeafEdges } from '../seal/edge'
import { hangingLeaf, placeAsks, thickerPlates } from '../specification/leaf-rules'
import { locks } from '../specification/wall-rules'
import type { Door, UnitDoor } from './door'
import {
  BORED_LEAF,
  framedLeaf,
  hungSheet,
  INSIDE_PRACTICES,
  INSIDE_TESTS,
  LABEL_TESTS,
  plainFrame,
  screwsOf,
  WALLS,
} from './shared'

/** Inside the house: a leaf in flat jambs, or a lock set for the leaf that stays. */
export const INTERIOR: Door = {
  survey: {
    ways: ['pocket', 'trim-off', 'core'],
    further: ['leaf.thickness', 'backset', 'case.depth', ...WALLS, 'floor.covering'],
    whereFlushOutside: ['siding.plane'],
    facts: ['fact.lock-case', 'fact.lock-function', 'fact.weight'],
    views: ['door', 'lock-edge'],
    essential: ['leaf.thickness', 'backset', 'fact.lock-function'],
    standsOnTrim: false,
  },
  specify: {
    settles: ['hinges', 'swing'],
    hasJamb: true,
    derivesUnit: true,
    floor: 'stands-on',
    isExterior: false,
    leaf: framedLeaf,
    further: [hangingLeaf, thickerPlates, locks, placeAsks],
  },
  site: survey => ({ lock: lockRead(survey) }),
  takes: ['interior', 'lock-set'],
  fit: {
    points: oneLeaf,
    fastener: 'screw',
    steps: 'inside-wall',
    isOutside: false,
    hasSill: false,
    tunes: 'leaf',
    form: null,
  },
  seal: { edges: oneLeafEdges, closes: true, isOutside: false, surveyIsOldLeaf: false },
  tests: ['plumb', ...INSIDE_TESTS, 'rattle', ...LABEL_TESTS],
  parts: BORED_LEAF,
  practices: ['hand-naming', ...INSIDE_PRACTICES],
}

type Unit = UnitOf<'interior'>

export const INTERIOR_UNIT: UnitDoor<'interior'> = {
  judge: {
    judge: (unit, request) => withOldLock(judgeInHole(unit, request, { meetsWall: true }), unit, request),
    requires: all<Unit>(hingeSide, swingWay, fireLabel, madeOf, boredAs, glassAs),
    isByHole: true,
  },
  order: {
    details: detailsWith(['core', 'style', 'colour-inside', 'hinge-size', 'hinge-finish']),
    extras: ['pet-flap'],
    hand: ['hinges', 'swing'],
    sizeOf: 'frame',
    isDerived: true,
    spares: cardSpares,
  },
  leaf: unit => hungSheet(unit, null),
  frame: plainFrame,
  asks: unit => ({ ...NOTHING_ASKED, hingeScrews: screwsOf(unit, { turnedAlike: false }) }),
  front: framedFront,
  tests: null,
}
