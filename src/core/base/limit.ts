import type { Length } from '../units/length'
import type { Fact, Facts } from './facts'
import { type FigureRef, figureOf, type TradeNumbers } from './figure'
import type { TradeLengths } from './trade-lengths'

/** What a figure that was read is held against: at most a figure of the trade, or at least. */
export type Limit = { readonly figure: FigureRef; readonly holds: 'at-most' | 'at-least' }

/** A figure as somebody read it: a length, or a number in its own unit. */
export type ReadFigure = { readonly length: Length } | { readonly number: number }

/** What a figure is read in. */
export type ReadUnit = 'length' | 'newton' | 'second' | 'celsius'

type Figures = { readonly lengths: TradeLengths; readonly numbers: TradeNumbers }

const amountOf = (one: ReadFigure): number => ('length' in one ? one.length : one.number)

/** Whether what was read holds its limit; at most means to either side. */
export function meetsLimit(read: ReadFigure, { figure, holds }: Limit, { lengths, numbers }: Figures): boolean {
  const bound = figureOf(figure, lengths, numbers)
  const most = 'length' in bound ? bound.length : bound.number
  return holds === 'at-most' ? Math.abs(amountOf(read)) <= most : amountOf(read) >= most
}

/** What was read and the limit it missed, as facts. */
export function limitFacts(read: ReadFigure, { figure, holds }: Limit, { lengths, numbers }: Figures): Facts {
  const bound = figureOf(figure, lengths, numbers)
  const limit: Fact = 'length' in bound ? { length: bound.length } : bound.number
  return { read: 'length' in read ? { length: read.length } : read.number, limit, holds }
}
