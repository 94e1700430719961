import { judgeInHole } from '../catalogue/judge-in-hole'
import { all, fireLabel, glassAs, madeOf, movesPanel } from '../catalogue/requirements'
import type { UnitOf } from '../catalogue/unit'
import { panels, slidingArrow } from '../drawing/family-parts'
import { halves } from '../drawing/opening-box'
import { panelsFront } from '../drawing/unit-front'
import { slidingLegs } from '../fit/fastening'
import { detailsWith } from '../order/order-of'
import { NO_SPARES } from '../order/spares'
import { slidingEdges } from '../seal/edge'
import { placeAsks, weighedLeaf } from '../specification/leaf-rules'
import { panelsSaid, slides } from '../specification/wall-rules'
import { readValue } from '../survey/survey'
import type { Door, UnitDoor } from './door'
import { plainFrame, sillAsks, WALLS } from './shared'

/** Panels that slide past each other. */
export const SLIDER: Door = {
  survey: {
    ways: ['trim-off', 'masonry', 'outside-face'],
    further: ['siding.plane', ...WALLS, 'sill.depth', 'step.outside'],
    facts: ['fact.moving-panel', 'fact.frame-kind', 'fact.condition'],
    views: ['door', 'lock-edge', 'glass', 'threshold', 'corners'],
    essential: ['fact.moving-panel'],
    standsOnTrim: false,
  },
  specify: {
    settles: [],
    hasJamb: false,
    derivesUnit: true,
    floor: null,
    isExterior: true,
    leaf: () => null,
    further: [weighedLeaf, slides, placeAsks],
  },
  site: survey => ({ siding: readValue(survey, 'siding.plane'), panels: panelsSaid(survey) }),
  takes: ['slider'],
  fit: {
    points: slidingLegs,
    fastener: 'screw',
    steps: 'sliding',
    isOutside: true,
    hasSill: true,
    tunes: 'panel',
    form: 'assembled',
  },
  seal: { edges: slidingEdges, closes: true, isOutside: true, surveyIsOldLeaf: false },
  tests: ['plumb', 'rolls', 'clear-width', 'locks', 'keeper', 'no-light', 'air', 'hose'],
  parts: {
    isOneLeaf: false,
    parts: (drawn, extent, at) => [...panels(extent, at, 'glass'), ...slidingArrow(drawn, extent, at)],
    divisions: halves,
    plan: 'panels',
    surround: null,
    readsOutside: true,
  },
  practices: ['rough-opening', 'bucks', 'outside-trim', 'sill', 'cavity', 'foam-trim'],
}

type Unit = UnitOf<'slider'>

export const SLIDER_UNIT: UnitDoor<'slider'> = {
  judge: {
    judge: (unit, request) => judgeInHole(unit, request, { meetsWall: false }),
    requires: all<Unit>(movesPanel, fireLabel, madeOf, glassAs),
    isByHole: true,
  },
  order: {
    details: detailsWith(['style', 'colour-outside', 'colour-inside', 'sill', 'frame-material', 'frame-kind']),
    extras: ['energy'],
    hand: ['panels'],
    sizeOf: 'frame',
    isDerived: true,
    spares: NO_SPARES,
  },
  leaf: () => null,
  frame: plainFrame,
  asks: unit => ({ ...sillAsks(unit), hasCap: false, form: unit.sliderForm }),
  front: panelsFront,
  tests: null,
}
