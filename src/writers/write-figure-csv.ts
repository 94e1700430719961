import { type Figured, type FigureId, figureRows, type SupplierRow } from '@/core/after/figures'
import { FIGURE_WORDS, figureOfWords } from '@/words/figures-of-all'
import { toCsv } from './to-csv'

/** A figure as CSV: a row for each line, its values under their names, and the openings behind it. */
export function writeFigureCsv(id: FigureId, all: readonly Figured[]): string {
  const { of, columns } = FIGURE_WORDS[id]
  const rows = figureRows(id, all).map(row => ({
    [of]: figureOfWords(id, row.of),
    ...Object.fromEntries(columns.map((name, i) => [name, row.values[i] ?? ''])),
    openings: row.openings.map(one => `${one.job}: ${one.tag}`).join(' | '),
  }))
  return toCsv(rows, [of, ...columns, 'openings'])
}

/** How makers keep to what they list, as CSV: days as means, the confirmed price over the listed one. */
export const writeSuppliersCsv = (rows: readonly SupplierRow[]): string =>
  toCsv(
    rows.map(({ maker, lines, days, late, otherPrice, priceFactor }) => ({
      maker,
      lines,
      daysListed: days?.listed ?? '',
      daysCame: days?.came ?? '',
      late,
      otherPrice,
      priceFactor: priceFactor ?? '',
    })),
    ['maker', 'lines', 'daysListed', 'daysCame', 'late', 'otherPrice', 'priceFactor'],
  )
