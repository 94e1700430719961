import type { TradeLengths } from '../base/trade-lengths'
import type { Length } from '../units/length'
import type { Hung } from './fitted'
import type { ShimPoint } from './plan-shims'
import { tuneMargins } from './tune-margins'

/** The fewest moves that would have done for a leaf as it was read first; `null` where none is worked out. */
export function leastMoves(
  { hanging, margins }: Hung,
  {
    points,
    headGap,
    lengths,
  }: { readonly points: readonly ShimPoint[]; readonly headGap: Length; readonly lengths: TradeLengths },
): number | null {
  const { tuned } = tuneMargins({
    margins: Object.fromEntries(margins.states.map(one => [one.name, one.first])),
    aim: 'band',
    means: 'all',
    hanging,
    points,
    headGap,
    lengths,
  })
  return tuned?.moves.length ?? null
}
