import type { Length } from '../units/length'
import { because, type Judged, NO_SHAPE, notRead } from './offer'
import type { Request } from './request'

export type LockSheet = {
  readonly height: Length
  readonly lockKind: string
  readonly lockBackset: Length
  readonly lockCase: Length | null
}

/** A lock set in the leaf that stays: another kind of case is chopped in, or the old one filled. */
export function judgeLock(unit: LockSheet, { site }: Request): Judged {
  if (!site.lock) return notRead('lock')
  const changes = site.lock.kind !== null && site.lock.kind !== unit.lockKind
  const isChopped = unit.lockKind === 'mortise-case'
  const depth = unit.lockCase ?? unit.lockBackset
  return {
    ...NO_SHAPE,
    verdict: 'fits',
    reasons: [because('lock-fits', 'fine', { backset: { length: unit.lockBackset } }, 'backset-near')],
    work: changes ? [[isChopped ? 'chop-case' : 'fill-edge', 'lock', depth, unit.height]] : [],
  }
}
