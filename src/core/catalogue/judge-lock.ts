import { type Length, magnitude, minus } from '../units/length'
import { because, type Judged, NO_SHAPE, notRead, type Work } from './offer'
import type { Request } from './request'

export type LockSheet = {
  readonly height: Length
  readonly lockKind: string
  readonly lockBackset: Length
  readonly lockCase: Length | null
}

/** A lock set in the leaf that stays: another kind of case is chopped in, or the old one filled; a bolt is bored in below a latch that
 *  stays. */
export function judgeLock(unit: LockSheet, { site }: Request): Judged {
  if (!site.lock) return notRead('lock')
  if (unit.lockKind === 'bolt-below') return fits(unit, [['bore-bolt', 'lock', unit.lockBackset, unit.height]])
  const changes = site.lock.kind !== null && site.lock.kind !== unit.lockKind
  const isChopped = unit.lockKind === 'mortise-case'
  const depth = unit.lockCase ?? unit.lockBackset
  return fits(unit, changes ? [[isChopped ? 'chop-case' : 'fill-edge', 'lock', depth, unit.height]] : [])
}

const fits = (unit: LockSheet, work: readonly Work[]): Judged => ({
  ...NO_SHAPE,
  verdict: 'fits',
  reasons: [because('lock-fits', 'fine', { backset: { length: unit.lockBackset } }, 'backset-near')],
  work,
})

/** A unit whose leaf is of another thickness than the old one: the old lock does not go over with it. */
export function withOldLock(
  judged: Judged,
  { leafThickness }: { readonly leafThickness: Length | null },
  { site, lengths }: Request,
): Judged {
  const made = leafThickness ?? lengths['leaf-thickness'].value
  const limit = lengths['leaf-exact']
  if (!site.lock || magnitude(minus(made, site.lock.thickness)) <= limit.value) return judged
  const facts = { made: { length: made }, read: { length: site.lock.thickness } }
  return { ...judged, reasons: [...judged.reasons, because('old-lock-thickness', 'watch', facts, limit.id)] }
}
