import { judgeLock } from '../catalogue/judge-lock'
import { all, fitsLeaf } from '../catalogue/requirements'
import type { UnitOf } from '../catalogue/unit'
import { NO_SPARES } from '../order/spares'
import type { UnitDoor } from './door'
import { asksNothing, noFrame } from './shared'

type Unit = UnitOf<'lock-set'>

/** A lock set: it goes into the leaf that stays, and brings neither leaf nor frame. */
export const LOCK_SET_UNIT: UnitDoor<'lock-set'> = {
  judge: { judge: judgeLock, requires: all<Unit>(fitsLeaf), isByHole: false },
  order: {
    details: () => ['hinge-finish'],
    extras: [],
    hand: ['hinges', 'swing'],
    sizeOf: 'faceplate',
    isDerived: false,
    spares: NO_SPARES,
  },
  leaf: () => null,
  frame: noFrame,
  asks: asksNothing,
  tests: ['latches', 'deadbolt', 'rattle'],
}
