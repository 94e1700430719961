import Papa from 'papaparse'
import type { z } from 'zod'
import { type Column, type Matching, matchHeads, type RejectedRow } from '@/core/base/column'
import type { LengthUnit } from '@/core/units/parse-length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'

// A list as CSV, one record a row, whatever it is a list of.

export type ListRead<T> = {
  readonly heads: readonly string[]
  readonly matching: Matching
  /** Columns without which no row can be taken, and that no head stands for. */
  readonly lacking: readonly string[]
  readonly taken: readonly T[]
  readonly rejected: readonly RejectedRow[]
}

export type ReadOptions = {
  /** What a bare number is. */
  readonly unit?: LengthUnit | undefined
  /** Which head stands for which column, where somebody matched them by hand. */
  readonly matching?: Matching | undefined
}

/** What a list is of: its columns, how a row becomes a record, what each record is told apart by, and what it is called by. */
export type ListOf<T> = {
  readonly columns: readonly Column[]
  /** Throws `RejectedCell`. */
  readonly from: (cell: Cell) => T
  readonly keyOf: (one: T) => string
  readonly nameOf: (one: T) => string
}

/** The trimmed text of a row's cell by its column, '' where there is none; and the value it says. */
export type Cell = {
  readonly text: (id: string) => string
  readonly value: (column: Column) => unknown
  /** The head that stands for a column in the file, else the column's own name. */
  readonly head: (id: string) => string
}

/** A cell that can't be taken, by its head, with the reason. */
export class RejectedCell extends Error {
  constructor(
    readonly column: string,
    readonly reason: string,
  ) {
    super(reason)
  }
}

type Row = Readonly<Record<string, string>>

/** Reads a list from CSV: the rows that can be taken, and every other with its row, column and reason. */
export function readList<T extends object>(csv: string, of: ListOf<T>, options: ReadOptions = {}): ListRead<T> {
  const { data, meta } = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: 'greedy' })
  const heads = meta.fields ?? []
  const matching = { ...matchHeads(of.columns, heads), ...options.matching }
  const lacking = of.columns.filter(one => one.isNeeded && !heads.includes(matching[one.id] ?? '')).map(one => one.id)
  if (lacking.length) return { heads, matching, lacking, taken: [], rejected: [] }
  const read = data.map((row, i) => readRow(row, of, matching, heads, options.unit, i + 2))
  const counts = new Map<string, number>()
  for (const one of read) if (!isRejected(one)) counts.set(of.keyOf(one), (counts.get(of.keyOf(one)) ?? 0) + 1)
  const seen = new Set<string>()
  const taken: T[] = []
  const rejected: RejectedRow[] = []
  for (const [i, one] of read.entries()) {
    if (isRejected(one)) {
      rejected.push(one)
      continue
    }
    const key = of.keyOf(one)
    if (seen.has(key)) {
      const reason = `“${of.nameOf(one)}” is there ${counts.get(key)} times; the first is taken.`
      rejected.push({ row: i + 2, column: matching.article ?? 'article', reason })
    } else taken.push(one)
    seen.add(key)
  }
  return { heads, matching, lacking, taken, rejected }
}

/** Reads one record from cells by their columns, as somebody enters it by hand. */
export function readEntered<T extends object>(cells: Row, of: ListOf<T>, unit?: LengthUnit): Read<T> {
  const matching = Object.fromEntries(of.columns.map(({ id }) => [id, id in cells ? id : null]))
  return readRow(cells, of, matching, Object.keys(cells), unit, 1)
}

/** A row that was taken, or why it was not. */
export type Read<T> = T | RejectedRow
export const isRejected = (read: object): read is RejectedRow => 'reason' in read && 'row' in read

function readRow<T extends object>(
  row: Row,
  of: ListOf<T>,
  matching: Matching,
  heads: readonly string[],
  unit: LengthUnit = 'in',
  number: number,
): Read<T> {
  const text = (id: string) => {
    const head = matching[id] ?? null
    return head === null ? '' : (row[head] ?? '').trim()
  }
  const head = (id: string) => matching[id] ?? id
  try {
    if (Object.keys(row).some(one => !heads.includes(one)))
      throw new RejectedCell('(whole row)', 'This row has more cells than the head has columns.')
    const value = (column: Column) => cellValue(text(column.id), column, unit, head(column.id))
    return of.from({ text, value, head })
  } catch (error) {
    if (!(error instanceof RejectedCell)) throw error
    return { row: number, column: error.column, reason: error.reason }
  }
}

/** A word as codes are written: small, joined by hyphens. */
export const codeOf = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, '-')

/** Refuses a row for what its record can't be: by the column of the member at fault. */
export function rejectBy(
  issue: z.core.$ZodIssue,
  columns: readonly Column[],
  { text, head }: Cell,
  kinds: readonly string[] = [],
): never {
  const path = issue.path.filter(one => typeof one === 'string').join('.')
  const id = columns.find(one => one.member === path)?.id ?? path
  throw new RejectedCell(head(id), reasonFor(issue, id, text(id), kinds))
}

/** Why a cell can't be taken, and what would do; `kinds` are what a union can be of. */
function reasonFor(issue: z.core.$ZodIssue, id: string, text: string, kinds: readonly string[]): string {
  if (text === '' && id === 'maker') return 'No maker is named. Say whose it is.'
  if (text === '' && issue.code !== 'custom') return 'Nothing stands here; this is needed.'
  const stands = text === '' ? 'Nothing stands here' : `“${text}”`
  switch (issue.code) {
    case 'invalid_union':
    case 'invalid_value': {
      const values = issue.code === 'invalid_value' ? issue.values : kinds
      return `${stands}: one of ${values.map(value => `“${String(value)}”`).join(', ')} is wanted.`
    }
    case 'too_big':
      return issue.origin === 'string'
        ? `This is longer than the ${issue.maximum} letters that fit.`
        : `${stands} is above ${issue.maximum}, the most there is.`
    case 'too_small':
      return `${stands} is below ${issue.minimum}, the least there is.`
    case 'custom':
      return `${stands}: ${issue.message}.`
    default:
      return `${stands}: this is no ${id} that can be taken.`
  }
}

function cellValue(text: string, column: Column, unit: LengthUnit, head: string): unknown {
  const must = (is: RegExp, what: string) => {
    if (!is.test(text)) throw new RejectedCell(head, `“${text}” ${what}`)
  }
  switch (column.of) {
    case 'text':
      return column.choices ? (column.choices.find(one => codeOf(one) === codeOf(text)) ?? text) : text
    case 'words':
      return text.split(/[;,]/).map(codeOf).filter(Boolean)
    case 'length':
      return lengthOf(text, head, unit)
    case 'lengths':
      return text.split(';').map(one => lengthOf(one.trim(), head, unit))
    case 'cents':
      must(/^\d+(\.\d{1,2})?$/, 'is not a price. Write it as 612.00.')
      return Math.round(Number(text) * 100)
    case 'count':
      must(/^\d{1,4}$/, 'is not a whole number.')
      return Number(text)
    case 'number':
      must(/^\d{1,6}(\.\d{1,4})?$/, 'is not a number. Write it as 12.5.')
      return Number(text)
    case 'kg':
      must(/^\d{1,4}(\.\d{1,3})?$/, 'is not a mass in kilograms.')
      return Number(text)
    case 'yes':
      must(/^(yes|no|true|false|1|0)$/i, 'is neither yes nor no.')
      return /^(yes|true|1)$/i.test(text)
  }
}

function lengthOf(text: string, head: string, unit: LengthUnit): number {
  const parsed = parseLength(text, { unit })
  if (parsed.ok) return parsed.value.ticks
  throw new RejectedCell(head, issueWords(parsed.issues[0]!))
}
