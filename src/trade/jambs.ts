import type { LockFamily } from '@/core/survey/lock-family'
import { inches, type Length, mm } from '@/core/units/length'

/** Widths of jamb that are stocked: for a 2x4 and for a 2x6 wall. Source: common trade sizes; a maker's list overrides them. */
export const JAMB_STANDARDS = [inches(4, 9, 16), inches(6, 9, 16)]

/** Thicknesses of flat packers that are stocked. Source: common trade sizes; a maker's list overrides them. */
export const FLAT_PACKERS = [inches(0, 1, 32), inches(0, 1, 16), inches(0, 1, 8), inches(0, 1, 4)]

/** Backsets locks are made in, with their case. Source: common trade sizes; a lock's sheet overrides them. */
export const LOCK_FAMILIES: readonly LockFamily[] = [
  { backset: mm(45), case: inches(2, 1, 2) },
  { backset: mm(57), case: inches(3) },
  { backset: mm(60), case: null },
  { backset: inches(2, 3, 8), case: null },
  { backset: inches(2, 3, 4), case: null },
]

/** Thicknesses that fillers and padding are made of: plywood, PVC strip, lumber. Source: common trade sizes. */
export const FILLER_STOCK: readonly Length[] = [
  inches(0, 1, 4),
  inches(0, 1, 2),
  inches(0, 5, 8),
  inches(0, 3, 4),
  inches(1, 1, 2),
]
