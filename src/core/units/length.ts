// Lengths, exact. One tick is 1/3200 mm: the coarsest unit in which 1/128 in (half the finest
// tape mark) and 0.01 mm (a caliper's last digit) are both whole.

declare const unit: unique symbol

/** A length in whole ticks of 1/3200 mm. Signed where a reading has a direction. */
export type Length = number & { readonly [unit]: 'tick' }

export const TICKS_PER_MM = 3200
export const TICKS_PER_INCH = 81_280

const LIMIT = 20_000 * TICKS_PER_MM

/** Brands a whole count of ticks.
 *  @throws RangeError if `n` is not whole or beyond 20 m: a bug in the caller, never a bad reading. */
export function ticks(n: number): Length {
  if (!isLength(n)) throw new RangeError(`not a length in ticks: ${n} (whole, at most ${LIMIT} either way)`)
  return (n === 0 ? 0 : n) as Length
}

/** Whether `n` is a whole count of ticks within 20 m. */
export function isLength(n: unknown): n is Length {
  return typeof n === 'number' && Number.isInteger(n) && Math.abs(n) <= LIMIT
}

export const ZERO = ticks(0)

/** `whole` inches and `numerator`/`denominator` of one; the denominator must divide an inch into ticks evenly.
 *  @throws RangeError if the fraction does not land on a tick. */
export function inches(whole: number, numerator = 0, denominator = 1): Length {
  return ticks(whole * TICKS_PER_INCH + (numerator * TICKS_PER_INCH) / denominator)
}

/** Millimetres in steps of 0.01. @throws RangeError if finer. */
export function mm(millimetres: number): Length {
  return ticks((Math.round(millimetres * 100) * TICKS_PER_MM) / 100)
}

export const plus = (a: Length, b: Length): Length => ticks(a + b)
export const minus = (a: Length, b: Length): Length => ticks(a - b)
export const negate = (a: Length): Length => ticks(-a)
export const times = (a: Length, whole: number): Length => ticks(a * whole)
export const magnitude = (a: Length): Length => ticks(Math.abs(a))
export const sumOf = (all: readonly Length[]): Length => ticks(all.reduce((total: number, one) => total + one, 0))

/** @throws RangeError on an empty list. */
export const smallestOf = (all: readonly Length[]): Length => ticks(Math.min(...all))
/** @throws RangeError on an empty list. */
export const largestOf = (all: readonly Length[]): Length => ticks(Math.max(...all))

/** Parts of `whole` that differ by at most one tick and sum to it exactly, the larger ones first. */
export function split(whole: Length, parts: number): readonly Length[] {
  const least = Math.floor(whole / parts)
  const larger = whole - least * parts
  return Array.from({ length: parts }, (_, index) => ticks(least + (index < larger ? 1 : 0)))
}

/** The tick nearest to a computed, real-valued position; halves go away from zero. The one way from geometry back to a length. */
export const nearestTick = (position: number): Length => ticks(Math.sign(position) * Math.round(Math.abs(position)))

/** Down to a whole multiple of `step`: for openings, hinge rails and strips, where too long is worse. */
export const roundDown = (length: Length, step: Length): Length => ticks(Math.floor(length / step) * step)

/** Up to a whole multiple of `step`: for units, where too small a hole is worse. */
export const roundUp = (length: Length, step: Length): Length => ticks(Math.ceil(length / step) * step)

/** To the nearest whole multiple of `step`, halves up. Only where a figure is finer than anybody can work to. */
export const roundNearest = (length: Length, step: Length): Length =>
  ticks(Math.floor((2 * length + step) / (2 * step)) * step)

/** Out of the exact world: metres, for physics only. */
export const metresOf = (length: Length): number => length / (TICKS_PER_MM * 1000)
