import { allowanceLeaf, step } from '../base/trace'
import { judgeStorm } from '../catalogue/judge-storm'
import { all, glassAs, hingeSideOrReversed, madeOf, opensFromInside, swingWay } from '../catalogue/requirements'
import { trimRead } from '../catalogue/site-facts'
import type { UnitOf } from '../catalogue/unit'
import { entryDoor } from '../drawing/family-parts'
import { undivided } from '../drawing/opening-box'
import { leafFront } from '../drawing/unit-front'
import { nothingFastened } from '../fit/fastening'
import { NOTHING_ASKED } from '../fit/fit-of'
import { detailsWith } from '../order/order-of'
import { NO_SPARES } from '../order/spares'
import { oneLeafEdges } from '../seal/edge'
import { SILENT_HINGES } from '../specification/hinge-places'
import { type HungLeaf, type LeafKnown, SILENT_LEAF } from '../specification/hung-leaf'
import { hangingLeaf, placeAsks, weighedLeaf } from '../specification/leaf-rules'
import { closers, trimOpening } from '../specification/trim-rules'
import { sizesRead } from '../survey/survey'
import type { Door, UnitDoor } from './door'
import { noFrame } from './shared'

/** A storm door is as large as the trim opening it is cut to. */
function inTrim({ survey, lengths }: LeafKnown): HungLeaf | null {
  const [widths, heights] = [sizesRead(survey, 'brickmould', 'widths'), sizesRead(survey, 'brickmould', 'heights')]
  if (widths.length === 0 || heights.length === 0) return null
  return {
    width: step('unit.smallest-width', 'smallest', widths),
    height: step('unit.smallest-height', 'smallest', heights),
    thickness: allowanceLeaf(lengths['storm-thickness']),
    hinges: SILENT_HINGES,
  }
}

/** A second door on the outside trim: brickmould to brickmould. */
export const STORM: Door = {
  survey: {
    ways: ['brickmould'],
    further: [
      'mould.face',
      'mould.proud',
      'strings.gap',
      'handle.height',
      'handle.proud',
      'lock.height',
      'lock.proud',
      'doors.space',
      'step.outside',
    ],
    facts: ['fact.mould-face', 'fact.condition'],
    views: ['door', 'lock-edge', 'threshold', 'corners'],
    essential: ['mould.face', 'mould.proud', 'handle.height', 'handle.proud'],
    standsOnTrim: true,
  },
  specify: {
    settles: ['hinges', 'swing'],
    hasJamb: false,
    derivesUnit: false,
    floor: null,
    isExterior: true,
    leaf: inTrim,
    further: [hangingLeaf, weighedLeaf, trimOpening, closers, placeAsks],
  },
  site: (survey, lengths) => ({ trim: trimRead(survey, lengths) }),
  takes: ['storm'],
  fit: {
    points: nothingFastened,
    fastener: 'screw',
    steps: 'on-trim',
    isOutside: true,
    hasSill: false,
    tunes: null,
    form: null,
    bringsCloser: true,
  },
  seal: { edges: oneLeafEdges, closes: true, isOutside: true, surveyIsOldLeaf: false },
  tests: ['latches', 'rattle', 'sweep', 'closes-slowly'],
  parts: {
    isOneLeaf: false,
    parts: entryDoor,
    divisions: undivided,
    plan: 'closed',
    surround: 'trim',
    readsOutside: true,
  },
  practices: ['hand-naming', 'storm-head-gap', 'closer-place', 'storm-judged-by'],
}

type Unit = UnitOf<'storm'>

export const STORM_UNIT: UnitDoor<'storm'> = {
  judge: {
    judge: judgeStorm,
    requires: all<Unit>(hingeSideOrReversed, swingWay, madeOf, glassAs, opensFromInside),
    isByHole: false,
  },
  order: {
    details: detailsWith(['style', 'colour-outside', 'closer', 'sweep']),
    extras: ['pet-flap'],
    hand: ['hinges', 'swing'],
    sizeOf: 'door',
    isDerived: true,
    spares: NO_SPARES,
  },
  leaf: () => SILENT_LEAF,
  frame: noFrame,
  asks: unit => ({ ...NOTHING_ASKED, hanging: unit.hanging }),
  front: leafFront,
  tests: null,
}
