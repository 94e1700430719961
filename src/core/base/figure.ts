import type { Length } from '../units/length'
import type { Source } from './rule'
import { TRADE_LENGTHS, type TradeLength, type TradeLengthId, type TradeLengths } from './trade-lengths'

/** A figure of the trade by its id: one of its lengths, or one of its numbers. */
export const TRADE_NUMBERS = [
  'latch-force',
  'opening-force',
  'sure-chance',
  'garage-minutes',
  'closer-seconds',
  'crew-lift',
  'sealant-tube',
  'sealant-waste',
  'foam-can',
  'foam-share',
  'sill-beads',
  'tape-roll',
  'rod-roll',
  'spare-share',
  'closed-factor',
  'survey-minutes',
  'handover-minutes',
  'frame-mass',
] as const
export type TradeNumberId = (typeof TRADE_NUMBERS)[number]

/** A number of the trade that is no length: a factor, a force, a price. The unit is in `unit`. */
export type TradeNumber = {
  readonly id: TradeNumberId
  readonly value: number
  readonly unit: string
  readonly source: Source
}
export type TradeNumbers = Readonly<Record<TradeNumberId, TradeNumber>>
export type FigureRef = TradeLengthId | TradeNumberId
export const isFigureRef = (id: string): id is FigureRef =>
  isNumberId(id) || (TRADE_LENGTHS as readonly string[]).includes(id)

/** A figure with what it is and where it comes from. */
export type Figure =
  | { readonly id: TradeLengthId; readonly length: Length; readonly source: Source }
  | { readonly id: TradeNumberId; readonly number: number; readonly unit: string; readonly source: Source }

const isNumberId = (id: string): id is TradeNumberId => (TRADE_NUMBERS as readonly string[]).includes(id)

/** The figure an id leads to, as it holds for an opening. */
export function figureOf(id: FigureRef, lengths: TradeLengths, numbers: TradeNumbers): Figure {
  if (isNumberId(id)) {
    const { value, unit, source } = numbers[id]
    return { id, number: value, unit, source }
  }
  const { value, source }: TradeLength = lengths[id]
  return { id, length: value, source }
}
