import { judgeInHole } from '../catalogue/judge-in-hole'
import { all, boredAs, fireLabel, glassAs, hingeSide, madeOf, swingWay } from '../catalogue/requirements'
import type { UnitOf } from '../catalogue/unit'
import { undivided } from '../drawing/opening-box'
import { framedFront } from '../drawing/unit-front'
import { oneLeaf } from '../fit/fastening'
import { hangingLeaf, placeAsks } from '../specification/leaf-rules'
import type { Door, UnitDoor } from './door'
import {
  ANY_UNIT_WAY,
  framedLeaf,
  hungAsks,
  hungSheet,
  ONE_LEAF_OUTSIDE_ORDER,
  ONE_LEAF_OUTSIDE_SEAL,
  OUTSIDE_PRACTICES,
  OUTSIDE_TESTS,
  plainFrame,
  SILL,
  TRIM_COVERED,
  TWIST,
  trimOnSite,
  WALLS,
} from './shared'

/** One leaf in a prehung frame outside, in- or out-swing. */
export const HINGED_OUTSIDE: Door = {
  survey: {
    ways: ANY_UNIT_WAY,
    further: [...WALLS, ...TWIST, ...SILL],
    whereTrimComesOff: TRIM_COVERED,
    whereFlushOutside: ['siding.plane'],
    facts: ['fact.old-door'],
    views: ['door', 'lock-edge', 'glass', 'threshold', 'corners'],
    essential: [],
    standsOnTrim: false,
  },
  specify: {
    settles: ['hinges', 'swing', 'bore'],
    hasJamb: true,
    derivesUnit: true,
    floor: 'swings-over',
    isExterior: true,
    leaf: framedLeaf,
    further: [hangingLeaf, placeAsks],
  },
  site: trimOnSite,
  takes: ['hinged-outside'],
  fit: {
    points: oneLeaf,
    fastener: 'screw',
    steps: 'prehung-outside',
    isOutside: true,
    hasSill: true,
    tunes: 'leaf',
    form: null,
  },
  seal: ONE_LEAF_OUTSIDE_SEAL,
  tests: OUTSIDE_TESTS,
  parts: {
    isOneLeaf: true,
    parts: () => [],
    divisions: undivided,
    plan: 'one-leaf',
    surround: null,
    readsOutside: false,
  },
  practices: ['hand-naming', ...OUTSIDE_PRACTICES],
}

type Unit = UnitOf<'hinged-outside'>

export const HINGED_OUTSIDE_UNIT: UnitDoor<'hinged-outside'> = {
  judge: {
    judge: (unit, request) => judgeInHole(unit, request, { meetsWall: true }),
    requires: all<Unit>(hingeSide, swingWay, fireLabel, madeOf, boredAs, glassAs),
    isByHole: true,
  },
  order: ONE_LEAF_OUTSIDE_ORDER,
  leaf: unit => hungSheet(unit, unit.leafBottom),
  frame: plainFrame,
  asks: hungAsks,
  front: framedFront,
  tests: null,
}
