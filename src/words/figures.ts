import { type Figure, type FigureRef, figureOf, type TradeNumbers } from '@/core/base/figure'
import type { TradeLengths } from '@/core/base/trade-lengths'
import { type DisplayStep, formatRead } from '@/core/units/format-length'

/** A figure of the trade as it is read: a length in the job's unit, a number with its own. */
export type SayFigure = (id: FigureRef) => string

/** Says figures as they hold for an opening, in its job's unit. */
export const figuresIn =
  (lengths: TradeLengths, numbers: TradeNumbers, step: DisplayStep): SayFigure =>
  id =>
    figureWords(figureOf(id, lengths, numbers), step)

export const figureWords = (figure: Figure, step: DisplayStep): string =>
  'length' in figure ? formatRead(figure.length, step) : `${figure.number} ${figure.unit}`.trim()

/** A sentence with its figures in their places: `at most {test-plumb} over the leg`. */
export const withFigures = (text: string, say: SayFigure): string =>
  text.replace(/\{([a-z-]+)\}/g, (_, id: string) => say(id as FigureRef))
