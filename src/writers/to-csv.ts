import Papa from 'papaparse'

/** What a spreadsheet takes for a formula, whatever stands before it that it does not show: such a cell is written with an apostrophe. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: a cell may begin with one, and a spreadsheet skips it
const FORMULA = /^[\s\u0000-\u001f]*[=+\-@＝＋－＠\t\r]/

type Cells = Readonly<Record<string, string | number>>

/** Rows as CSV, one a line, under their columns; those of the first row where none are said. */
export const toCsv = (rows: readonly Cells[], columns?: readonly string[]): string =>
  `${Papa.unparse([...rows], { newline: '\n', escapeFormulae: FORMULA, ...(columns ? { columns: [...columns] } : {}) })}\n`
