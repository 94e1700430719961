import { judgeLock } from '../catalogue/judge-lock'
import { all, fitsLeaf } from '../catalogue/requirements'
import { lockRead } from '../catalogue/site-facts'
import type { UnitOf } from '../catalogue/unit'
import { noFront } from '../drawing/unit-front'
import { nothingFastened } from '../fit/fastening'
import { NOTHING_ASKED } from '../fit/fit-of'
import { NO_SPARES } from '../order/spares'
import { locks } from '../specification/wall-rules'
import type { Door, UnitDoor } from './door'
import { BORED_LEAF, noFrame } from './shared'

/** A lock for a leaf that stays: of the door only its edge is read. */
export const LOCK_SET: Door = {
  survey: {
    ways: ['lock-edge'],
    further: ['leaf.thickness', 'backset', 'case.depth'],
    facts: ['fact.lock-case', 'fact.lock-function'],
    views: ['door', 'lock-edge'],
    essential: ['leaf.thickness', 'backset', 'fact.lock-case', 'fact.lock-function'],
    standsOnTrim: false,
  },
  specify: {
    settles: [],
    hasJamb: false,
    derivesUnit: false,
    floor: null,
    isExterior: false,
    leaf: () => null,
    further: [locks],
  },
  site: survey => ({ lock: lockRead(survey) }),
  takes: ['lock-set'],
  fit: {
    points: nothingFastened,
    fastener: 'screw',
    steps: 'into-leaf',
    isOutside: true,
    hasSill: false,
    tunes: null,
    form: null,
  },
  seal: { edges: () => [], closes: false, isOutside: false, surveyIsOldLeaf: true },
  tests: ['latches', 'strike', 'deadbolt', 'rattle'],
  parts: { ...BORED_LEAF, isLock: true },
  practices: [],
}

type Unit = UnitOf<'lock-set'>

/** A lock set: it goes into the leaf that stays, and brings neither leaf nor frame. */
export const LOCK_SET_UNIT: UnitDoor<'lock-set'> = {
  judge: { judge: judgeLock, requires: all<Unit>(fitsLeaf), isByHole: false },
  order: {
    details: () => ['hinge-finish'],
    extras: [],
    hand: [],
    sizeOf: 'faceplate',
    isDerived: false,
    spares: NO_SPARES,
  },
  leaf: () => null,
  frame: noFrame,
  asks: unit => ({ ...NOTHING_ASKED, lock: unit.lockKind }),
  front: noFront,
  tests: ['latches', 'strike', 'deadbolt', 'rattle'],
}
