import type { Length } from '../units/length'
import { type Packing, pack } from './pack-bars'

/** Pieces laid out on bars: which pieces each bar holds, and whether no layout takes fewer bars. */
export type Nest = {
  readonly bars: readonly (readonly number[])[]
  readonly lowerBound: number
  readonly optimal: boolean
}

/** Cuts pieces of undrilled strip out of bars of one length, a saw's kerf between them: the fewest bars, then, as far as it was searched, the
 *  longest off-cut in one. The bound is ⌈Σ(piece + kerf)/(stock + kerf)⌉. `null` where a piece is longer than the bar. */
export function nestPieces(stock: Length, kerf: Length, pieces: readonly Length[]): Nest | null {
  if (pieces.some(one => one > stock)) return null
  const sizes = pieces.map(one => one + kerf)
  const room = stock + kerf
  const lowerBound = room === 0 ? 0 : Math.max(0, Math.ceil(sizes.reduce((sum, one) => sum + one, 0) / room - 1e-9))
  const { bars, optimal }: Packing = pack(sizes, room)
  return { bars, lowerBound, optimal }
}
