import { meetingHandle, oldLeaf, panelArrow, panels } from '../drawing/family-parts'
import { leavesRead, undivided } from '../drawing/opening-box'
import { nothingFastened } from '../fit/fastening'
import { oneLeafEdges, slidingEdges, twoLeafEdges } from '../seal/edge'
import type { HungLeaf, LeafKnown } from '../specification/hung-leaf'
import { partsAddUp, placeAsks, weighedLeaf } from '../specification/leaf-rules'
import { LEAF_GAPS } from '../survey/slots'
import { readingLeaf } from '../survey/survey'
import type { Door } from './door'
import { halved, nothingOnSite, stayingLeaf } from './shared'

/** What old doors that stay answer alike: nothing is ordered or set, they are made to work and sealed. */
const STAYS = {
  specify: {
    settles: [],
    hasJamb: false,
    derivesUnit: false,
    floor: null,
    isExterior: true,
  },
  site: nothingOnSite,
  takes: [],
  fit: { points: nothingFastened, fastener: 'screw', isOutside: true, hasSill: false, form: null },
  seal: { closes: true, isOutside: true, surveyIsOldLeaf: false },
  parts: { plan: 'closed', surround: null, readsOutside: false },
  practices: [],
} as const

/** The old door stays and is sealed. */
export const SEAL_ONLY: Door = {
  ...STAYS,
  survey: {
    ways: ['core'],
    further: ['leaf.thickness', ...LEAF_GAPS, 'contact.top', 'contact.middle', 'contact.bottom', 'fall.threshold'],
    facts: ['fact.kerf', 'fact.threshold', 'fact.floor', 'fact.airflow', 'fact.seal-why'],
    views: ['door', 'threshold', 'corners'],
    essential: ['leaf.thickness', 'gap.head.centre', 'gap.left.middle', 'gap.right.middle', 'gap.bottom.centre'],
    standsOnTrim: false,
  },
  specify: { ...STAYS.specify, leaf: stayingLeaf, further: [weighedLeaf, placeAsks] },
  fit: { ...STAYS.fit, steps: 'made-to-work', tunes: 'leaf' },
  seal: { ...STAYS.seal, edges: oneLeafEdges },
  tests: ['latches', 'contact', 'bill', 'no-light', 'air'],
  parts: { ...STAYS.parts, isOneLeaf: false, parts: oldLeaf, divisions: undivided },
}

/** The active leaf of two that stay: as it was read, else half of both together. */
function activeStays(known: LeafKnown): HungLeaf | null {
  const both = stayingLeaf(known)
  if (!both) return null
  const active = readingLeaf(known.survey, 'leaf.active')
  return active ? { ...both, width: active } : halved(both)
}

/** Two old leaves stay and are sealed; what is read of their width is both together. */
export const SEAL_PAIR: Door = {
  ...STAYS,
  survey: {
    ways: ['core'],
    further: ['leaf.active', 'leaf.passive', 'leaf.thickness'],
    facts: ['fact.active-leaf', 'fact.seal-why'],
    views: ['door', 'lock-edge', 'threshold', 'corners'],
    essential: ['fact.active-leaf', 'leaf.active', 'leaf.passive', 'leaf.thickness'],
    standsOnTrim: false,
  },
  specify: {
    ...STAYS.specify,
    leaf: activeStays,
    further: [partsAddUp(['leaf.active', 'leaf.passive']), weighedLeaf, placeAsks],
  },
  fit: { ...STAYS.fit, steps: 'leaves-made-to-work', tunes: 'leaves' },
  seal: { ...STAYS.seal, edges: twoLeafEdges },
  tests: ['latches', 'bolt-print', 'contact', 'bill', 'no-light', 'air'],
  parts: {
    ...STAYS.parts,
    isOneLeaf: false,
    parts: (drawn, extent, at) => [...panels(extent, at, 'leaf'), ...meetingHandle(drawn, extent, at)],
    divisions: leavesRead,
  },
}

/** An old sliding panel stays and is sealed; what is read is the panel that moves. */
export const SEAL_SLIDER: Door = {
  ...STAYS,
  survey: {
    ways: ['core'],
    further: ['leaf.thickness'],
    facts: ['fact.moving-panel', 'fact.seal-why'],
    views: ['door', 'lock-edge', 'threshold', 'corners'],
    essential: ['fact.moving-panel', 'leaf.thickness'],
    standsOnTrim: false,
  },
  specify: { ...STAYS.specify, leaf: stayingLeaf, further: [weighedLeaf, placeAsks] },
  fit: { ...STAYS.fit, steps: 'panel-made-to-work', tunes: 'panel' },
  seal: { ...STAYS.seal, edges: slidingEdges },
  tests: ['rolls', 'locks', 'keeper', 'no-light', 'air'],
  parts: {
    ...STAYS.parts,
    isOneLeaf: false,
    parts: (drawn, extent, at) => [...panels(extent, at, 'glass'), ...panelArrow(drawn, extent)],
    divisions: undivided,
  },
}
