import { type Length, minus, nearestTick, plus, times } from '../units/length'

/** The widths of one door from its leaf out to the storm door before it, each following from any other. */
export const CHAIN_MEMBERS = ['leaf', 'pocket', 'unit', 'roughOpening', 'mouldOutside', 'stormOpening'] as const
export type ChainMember = (typeof CHAIN_MEMBERS)[number]
export type SizeChain = Readonly<Record<ChainMember, Length>>

/** The parts between one member of the chain and the next. */
export type ChainParts = {
  /** Thickness of the frame at its rebate. */
  readonly rebate: Length
  /** Thickness of the frame at its stop. */
  readonly stop: Length
  /** How far the brickmould stands back on the frame. */
  readonly setback: Length
  /** Width of the brickmould. */
  readonly mould: Length
  /** Room around the unit, both sides together. */
  readonly allowance: Length
}

/** The whole chain from one of its members.
 *  pocket = leaf; unit = pocket + 2·rebate; rough opening = unit + allowance; brickmould outside = unit + 2·(mould − (stop − setback));
 *  storm opening = leaf − 2·(stop − rebate) + 2·setback.
 *  @throws RangeError when a member would be wider than any length can be. */
export function sizeChain(known: ChainMember, value: Length, parts: ChainParts): SizeChain {
  const { rebate, stop, setback, mould, allowance } = parts
  const unitOver = times(rebate, 2)
  const over: Readonly<Record<ChainMember, Length>> = {
    leaf: nearestTick(0),
    pocket: nearestTick(0),
    unit: unitOver,
    roughOpening: plus(unitOver, allowance),
    mouldOutside: plus(unitOver, times(minus(mould, minus(stop, setback)), 2)),
    stormOpening: minus(times(setback, 2), times(minus(stop, rebate), 2)),
  }
  const leaf = minus(value, over[known])
  return Object.fromEntries(CHAIN_MEMBERS.map(member => [member, plus(leaf, over[member])])) as SizeChain
}
