import type { TradeLengths } from '../base/trade-lengths'
import { point } from '../geometry/point'
import type { Size } from '../units/call-size'
import { type Length, minus, nearestTick, roundDown, times, ZERO } from '../units/length'
import type { OpeningPoints } from './opening'
import { placeUnit } from './place-unit'

/** The wood on either side of a masonry opening that a frame is fastened to. */
export type Bucks = {
  readonly left: Length
  readonly right: Length
  /** Whether one of them is thinner than stock. */
  readonly isRipped: boolean
}

/** What is left between bucks. Sill and head stay. */
export function pointsBetween(points: OpeningPoints, { left, right }: Pick<Bucks, 'left' | 'right'>): OpeningPoints {
  const { L0, L1, L2, R0, R1, R2, S, T } = points
  const moved = (p: typeof L0, by: number) => point(p.x + by, p.y)
  return {
    L0: moved(L0, left),
    L1: moved(L1, left),
    L2: moved(L2, left),
    R0: moved(R0, -right),
    R1: moved(R1, -right),
    R2: moved(R2, -right),
    S,
    T,
  }
}

/** Bucks of stock thickness. */
export const stockBucks = (lengths: TradeLengths): Bucks => ({
  left: lengths.buck.value,
  right: lengths.buck.value,
  isRipped: false,
})

/** The bucks a unit wants in a masonry opening: of stock where there is room, else ripped so that its room for foam stays on either
 *  side; the one behind the hinges stays whole while the other keeps the least thickness. Blocks are never cut. */
export function bucksFor(
  blocks: OpeningPoints,
  unit: Size,
  { pad, hinges, lengths }: { readonly pad: Length; readonly hinges: 'left' | 'right'; readonly lengths: TradeLengths },
): Bucks {
  const stock = lengths.buck.value
  const { sideRoom } = placeUnit(blocks, { unit, pad })
  const total = minus(sideRoom, lengths['room-width'].value)
  if (total >= times(stock, 2)) return stockBucks(lengths)
  const step = lengths['buck-step'].value
  if (total < step) return { left: ZERO, right: ZERO, isRipped: true }
  const rest = minus(total, stock)
  const isUneven = rest >= lengths['buck-least'].value
  const [behindHinges, other] = isUneven
    ? [stock, roundDown(rest, step)]
    : [roundDown(nearestTick(total / 2), step), roundDown(nearestTick(total / 2), step)]
  return hinges === 'left'
    ? { left: behindHinges, right: other, isRipped: true }
    : { left: other, right: behindHinges, isRipped: true }
}
