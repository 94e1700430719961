import { judgeInHole } from '../catalogue/judge-in-hole'
import { withThroat } from '../catalogue/judge-more'
import { all, boredAs, fireLabel, glassAs, goesRoundWall, hingeSide, madeOf, swingWay } from '../catalogue/requirements'
import type { UnitOf } from '../catalogue/unit'
import { wrappedLeaf } from '../drawing/family-parts'
import { undivided } from '../drawing/opening-box'
import { framedFront } from '../drawing/unit-front'
import { oneLeaf } from '../fit/fastening'
import { NOTHING_ASKED } from '../fit/fit-of'
import { detailsWith } from '../order/order-of'
import { cardSpares } from '../order/spares'
import { oneLeafEdges } from '../seal/edge'
import { hangingLeaf, placeAsks } from '../specification/leaf-rules'
import { wrapsWall } from '../specification/wall-rules'
import { EXTRAS } from '../specification/wish-values'
import type { Door, UnitDoor } from './door'
import { framedLeaf, hungSheet, INSIDE_TESTS, LABEL_TESTS, nothingOnSite, plainFrame, screwsOf, WALLS } from './shared'

/** Hollow metal with its frame round the wall. */
export const STEEL_FRAME: Door = {
  survey: {
    ways: ['trim-off', 'masonry'],
    further: [...WALLS, 'throat', 'return', 'strings.gap'],
    facts: ['fact.wall-state', 'fact.wall-kind', 'fact.label'],
    views: ['door', 'label', 'corners'],
    essential: ['wall.left', 'wall.head', 'wall.right', 'fact.wall-state'],
    standsOnTrim: false,
  },
  specify: {
    settles: ['hinges', 'swing'],
    hasJamb: false,
    derivesUnit: true,
    floor: null,
    isExterior: false,
    leaf: framedLeaf,
    further: [hangingLeaf, wrapsWall, placeAsks],
  },
  site: nothingOnSite,
  takes: ['steel-frame'],
  fit: {
    points: oneLeaf,
    fastener: 'anchor',
    steps: 'round-wall',
    isOutside: true,
    hasSill: false,
    tunes: 'leaf',
    form: 'knock-down',
  },
  seal: { edges: oneLeafEdges, closes: true, isOutside: false, surveyIsOldLeaf: false },
  tests: ['plumb', ...INSIDE_TESTS, 'contact', ...LABEL_TESTS],
  parts: {
    isOneLeaf: true,
    parts: wrappedLeaf,
    divisions: undivided,
    plan: 'one-leaf',
    surround: null,
    readsOutside: false,
  },
  practices: ['hand-naming', 'rough-opening', 'throat-too-big'],
}

type Unit = UnitOf<'steel-frame'>

export const STEEL_FRAME_UNIT: UnitDoor<'steel-frame'> = {
  judge: {
    // Its floor clearance is what its legs are cut to: nothing is packed under a sill it has not.
    judge: ({ leafBottom: _, ...unit }, request) =>
      withThroat(judgeInHole(unit, request, { meetsWall: false }), unit, request),
    requires: all<Unit>(hingeSide, swingWay, fireLabel, madeOf, boredAs, glassAs, goesRoundWall),
    isByHole: false,
  },
  order: {
    details: detailsWith(['core', 'style', 'colour-outside', 'hinge-size', 'hinge-finish', 'anchors']),
    extras: EXTRAS,
    hand: ['hinges', 'swing'],
    sizeOf: 'frame',
    isDerived: true,
    spares: cardSpares,
  },
  leaf: unit => hungSheet(unit, unit.leafBottom),
  frame: plainFrame,
  asks: unit => ({
    ...NOTHING_ASKED,
    form: unit.frameForm,
    hingeScrews: screwsOf(unit, { turnedAlike: true }),
  }),
  front: framedFront,
  tests: null,
}
