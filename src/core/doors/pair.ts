import { leavesOf, NO_LIGHTS } from '../catalogue/across'
import { judgeInHole } from '../catalogue/judge-in-hole'
import { all, boredAs, fireLabel, glassAs, madeOf, swingWay } from '../catalogue/requirements'
import type { UnitOf } from '../catalogue/unit'
import { meetingHandle, panels } from '../drawing/family-parts'
import { leavesRead } from '../drawing/opening-box'
import { pairFront } from '../drawing/unit-front'
import { twoLeaves } from '../fit/fastening'
import { detailsWith } from '../order/order-of'
import { outsideSpares } from '../order/spares'
import { twoLeafEdges } from '../seal/edge'
import { type HungLeaf, type LeafKnown, leafOfDerived, leafOfSheet } from '../specification/hung-leaf'
import { hangingLeaf, partsAddUp, placeAsks } from '../specification/leaf-rules'
import { EXTRAS } from '../specification/wish-values'
import { readingLeaf } from '../survey/survey'
import type { Door, UnitDoor } from './door'
import {
  ANY_UNIT_WAY,
  halved,
  hungAsks,
  hungSheet,
  OUTSIDE_DETAILS,
  OUTSIDE_PRACTICES,
  OUTSIDE_TESTS,
  SILL,
  TRIM_COVERED,
  TWIST,
  trimOnSite,
  WALLS,
} from './shared'

/** One of the two leaves: the chosen unit's active one; else as the old active one was read, or half of what the derived frame leaves. */
function activeLeaf(known: LeafKnown): HungLeaf | null {
  if (known.unit) {
    const leaf = leafOfSheet(known.unit, known.lengths)
    return known.unit.sheet.leafWidth === null ? halved(leaf) : leaf
  }
  const derived = leafOfDerived(known)
  const read = readingLeaf(known.survey, 'leaf.active')
  if (!derived) return null
  return read ? { ...derived, width: read } : halved(derived)
}

/** Two hinged leaves that meet. */
export const PAIR: Door = {
  survey: {
    ways: ANY_UNIT_WAY,
    further: ['leaf.active', 'leaf.passive', ...WALLS, ...TWIST, ...SILL],
    whereTrimComesOff: TRIM_COVERED,
    whereFlushOutside: ['siding.plane'],
    facts: ['fact.active-leaf', 'fact.condition'],
    views: ['door', 'lock-edge', 'glass', 'threshold', 'corners'],
    essential: ['fact.active-leaf'],
    standsOnTrim: false,
  },
  specify: {
    settles: ['swing', 'bore'],
    hasJamb: true,
    derivesUnit: true,
    floor: 'swings-over',
    isExterior: true,
    leaf: activeLeaf,
    further: [hangingLeaf, partsAddUp(['leaf.active', 'leaf.passive']), placeAsks],
  },
  site: trimOnSite,
  takes: ['pair'],
  fit: {
    points: twoLeaves,
    fastener: 'screw',
    steps: 'two-leaves',
    isOutside: true,
    hasSill: true,
    tunes: 'leaves',
    form: null,
  },
  seal: {
    edges: twoLeafEdges,
    closes: true,
    isOutside: true,
    surveyIsOldLeaf: false,
  },
  tests: [...OUTSIDE_TESTS, 'bolt-print'],
  parts: {
    isOneLeaf: false,
    parts: (drawn, extent, at) => [...panels(extent, at, 'leaf'), ...meetingHandle(drawn, extent, at)],
    divisions: leavesRead,
    plan: 'two-leaves',
    surround: null,
    readsOutside: false,
  },
  practices: [...OUTSIDE_PRACTICES.filter(id => id !== 'fastening'), 'header'],
}

type Unit = UnitOf<'pair'>

export const PAIR_UNIT: UnitDoor<'pair'> = {
  judge: {
    judge: (unit, request) => judgeInHole(unit, request, { meetsWall: true }),
    requires: all<Unit>(swingWay, fireLabel, madeOf, boredAs, glassAs),
    isByHole: true,
  },
  order: {
    details: detailsWith(OUTSIDE_DETAILS),
    extras: EXTRAS,
    hand: ['swing', 'activeLeaf'],
    sizeOf: 'frame',
    isDerived: true,
    spares: outsideSpares(2),
  },
  leaf: unit => hungSheet(unit, unit.leafBottom),
  frame: unit => ({
    jamb: unit.jamb,
    legThickness: unit.legThickness,
    legMaterial: unit.legMaterial,
    sidelights: NO_LIGHTS,
    passiveLeaf: leavesOf(unit, 'left').right,
  }),
  asks: hungAsks,
  front: pairFront,
  tests: null,
}
