import { type Length, minus, nearestTick, plus, times, ZERO } from '../units/length'

/** The pieces a sill pan is made of: two ends that stay whole, and centre pieces that are cut. */
export type PanParts = { readonly end: Length; readonly centre: Length; readonly overlap: Length }

export type SillPan = {
  readonly centres: number
  /** Length of all centre pieces together. */
  readonly total: Length
  /** The centre pieces as they are cut, the longest first. */
  readonly cuts: readonly Length[]
}

/** The least centre pieces n with 2·end + n·centre − (n + 1)·overlap ≥ opening. Whole pieces first, the last takes the rest; a rest
 *  under twice the overlap would not hold in its two laps, so that the last two share their sum.
 *  `null` when a centre piece adds nothing. */
export function sillPan(opening: Length, { end, centre, overlap }: PanParts): SillPan | null {
  const missing = opening - 2 * end + overlap
  if (missing <= 0) return { centres: 0, total: ZERO, cuts: [] }
  if (centre <= overlap) return null
  const centres = Math.ceil(missing / (centre - overlap))
  const total = plus(minus(opening, times(end, 2)), times(overlap, centres + 1))
  const rest = minus(total, times(centre, centres - 1))
  const whole = Array.from({ length: centres - 1 }, () => centre)
  if (centres === 1 || rest >= 2 * overlap) return { centres, total, cuts: [...whole, rest] }
  const half = nearestTick((centre + rest) / 2)
  return { centres, total, cuts: [...whole.slice(1), half, minus(plus(centre, rest), half)] }
}
