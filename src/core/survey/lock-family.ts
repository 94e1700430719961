import { type Length, magnitude, minus } from '../units/length'

/** Locks of one backset (leaf edge to spindle), and the depth of the case they sit in; `null` where several are made. */
export type LockFamily = { readonly backset: Length; readonly case: Length | null }

/** The lock family whose backset is nearest to the one read, and whether it is near enough to be meant; `null` without families. */
export function nearestLockFamily(
  read: Length,
  families: readonly LockFamily[],
  limit: Length,
): { readonly nearest: LockFamily; readonly isNear: boolean } | null {
  const [first, ...others] = families
  if (!first) return null
  const apart = (one: LockFamily) => magnitude(minus(one.backset, read))
  const nearest = others.reduce((best, one) => (apart(one) < apart(best) ? one : best), first)
  return { nearest, isNear: apart(nearest) <= limit }
}
