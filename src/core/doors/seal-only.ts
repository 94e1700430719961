import { bore } from '../drawing/family-parts'
import { undivided } from '../drawing/opening-box'
import { nothingFastened } from '../fit/fastening'
import { oneLeafEdges } from '../seal/edge'
import { placeAsks, weighedLeaf } from '../specification/leaf-rules'
import { LEAF_GAPS } from '../survey/slots'
import type { Door } from './door'
import { nothingOnSite, stayingLeaf } from './shared'

/** The old door stays and is sealed. */
export const SEAL_ONLY: Door = {
  survey: {
    ways: ['core'],
    further: ['leaf.thickness', ...LEAF_GAPS, 'contact.top', 'contact.middle', 'contact.bottom', 'fall.threshold'],
    facts: ['fact.kerf', 'fact.threshold', 'fact.floor', 'fact.airflow', 'fact.seal-why'],
    views: ['door', 'threshold', 'corners'],
    essential: ['leaf.thickness', 'gap.head.centre', 'gap.left.middle', 'gap.right.middle', 'gap.bottom.centre'],
    standsOnTrim: false,
  },
  specify: {
    settles: [],
    hasJamb: false,
    derivesUnit: false,
    floor: null,
    isExterior: true,
    leaf: stayingLeaf,
    further: [weighedLeaf, placeAsks],
  },
  site: nothingOnSite,
  takes: [],
  fit: { points: nothingFastened, fastener: 'screw', steps: 'made-to-work', hasSill: false, tunes: 'leaf', form: null },
  seal: { edges: oneLeafEdges, closes: true, isOutside: true, surveyIsOldLeaf: false },
  tests: ['latches', 'contact', 'bill', 'no-light', 'air'],
  parts: {
    isOneLeaf: false,
    parts: bore,
    divisions: undivided,
    plan: 'closed',
    surround: null,
    readsOutside: false,
  },
  practices: [],
}
