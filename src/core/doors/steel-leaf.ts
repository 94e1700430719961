import { judgeLeaf } from '../catalogue/judge-leaf'
import { all, fireLabel, glassAs, madeOf } from '../catalogue/requirements'
import { oldGaps, oldLeaf } from '../catalogue/site-facts'
import type { UnitOf } from '../catalogue/unit'
import { bore, glass, hingePlates } from '../drawing/family-parts'
import { undivided } from '../drawing/opening-box'
import { leafFront } from '../drawing/unit-front'
import { nothingFastened } from '../fit/fastening'
import { detailsWith } from '../order/order-of'
import { NO_SPARES } from '../order/spares'
import { oneLeafEdges } from '../seal/edge'
import { type HungLeaf, type LeafKnown, leafAsRead, leafOfSheet } from '../specification/hung-leaf'
import { hangingLeaf, placeAsks } from '../specification/leaf-rules'
import type { Door, UnitDoor } from './door'
import { asksNothing, HINGES, INSIDE_TESTS, LABEL_TESTS, noFrame } from './shared'

const newLeaf = (known: LeafKnown): HungLeaf | null =>
  known.unit ? leafOfSheet(known.unit, known.lengths) : leafAsRead(known)

/** A hollow-metal leaf for a frame that stays. */
export const STEEL_LEAF: Door = {
  survey: {
    ways: ['core'],
    further: ['leaf.thickness', ...HINGES, 'bore.top', 'backset', 'gap.head.centre', 'gap.bottom.centre'],
    facts: [
      'fact.pins',
      'fact.bore',
      'fact.label',
      'fact.label-legible',
      'fact.closer',
      'fact.exit-device',
      'fact.condition',
    ],
    views: ['door', 'lock-edge', 'label', 'glass', 'threshold'],
    essential: [
      'leaf.thickness',
      'hinge.1',
      'hinge.2',
      'hinge.3',
      'hinge.height',
      'bore.top',
      'backset',
      'fact.bore',
      'fact.label',
    ],
    standsOnTrim: false,
  },
  specify: {
    settles: ['hinges', 'swing'],
    hasJamb: false,
    derivesUnit: false,
    floor: null,
    isExterior: false,
    leaf: newLeaf,
    further: [hangingLeaf, placeAsks],
  },
  site: survey => ({ leaf: oldLeaf(survey), leafGaps: oldGaps(survey) }),
  takes: ['steel-leaf'],
  fit: {
    points: nothingFastened,
    fastener: 'screw',
    steps: 'into-frame',
    isOutside: true,
    hasSill: false,
    tunes: 'leaf',
    form: null,
  },
  seal: { edges: oneLeafEdges, closes: true, isOutside: false, surveyIsOldLeaf: true },
  tests: [...INSIDE_TESTS, 'contact', ...LABEL_TESTS],
  parts: {
    isOneLeaf: false,
    parts: (drawn, extent) => [...hingePlates(drawn, extent), ...bore(drawn, extent), ...glass(drawn, extent)],
    divisions: undivided,
    plan: 'one-leaf',
    surround: null,
    readsOutside: false,
  },
  practices: ['hand-naming'],
}

type Unit = UnitOf<'steel-leaf'>

const LEAF_DETAILS = detailsWith([
  'core',
  'style',
  'colour-outside',
  'hinge-pins',
  'closer',
  'closer-prep',
  'exit-device',
])

export const STEEL_LEAF_UNIT: UnitDoor<'steel-leaf'> = {
  judge: {
    judge: judgeLeaf,
    requires: all<Unit>(fireLabel, madeOf, glassAs),
    isByHole: false,
  },
  order: {
    // Its own sheet says the backset of its bore.
    details: unit => LEAF_DETAILS({ ...unit, bore: null }),
    extras: [],
    hand: ['hinges', 'swing'],
    sizeOf: 'leaf',
    isDerived: true,
    spares: NO_SPARES,
  },
  leaf: unit => ({
    leafWidth: unit.width,
    leafHeight: unit.height,
    leafThickness: unit.leafThickness,
    hingeCount: unit.hingeTops.length,
    hingeTops: unit.hingeTops,
    hingeHeight: unit.hingeHeight,
    strikeHeight: null,
    leafBottom: null,
  }),
  frame: noFrame,
  asks: asksNothing,
  front: leafFront,
  tests: null,
}
