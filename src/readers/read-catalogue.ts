import Papa from 'papaparse'
import { v5 as uuidV5 } from 'uuid'
import type { z } from 'zod'
import { isUnitKind, UNIT_KINDS } from '@/core/base/kinds'
import { COLUMNS, type Column, type Matching, matchColumns } from '@/core/catalogue/columns'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { isUnitMember, UNIT_MEMBER_NAMES } from '@/core/catalogue/unit-members'
import { standsOn } from '@/core/catalogue/unit-parts'
import { unitSchema } from '@/core/catalogue/unit-record'
import { kindNow, renamedDetails } from '@/core/records/renamed'
import type { LengthUnit } from '@/core/units/parse-length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'

const NAMESPACE = '5f0c6f6e-0b5e-4a52-9f63-2a4b1b0f7c11'

/** A row that can't be taken, counted as a person sees it in the file: the head is row 1. */
export type RejectedRow = { readonly row: number; readonly column: string; readonly reason: string }

export type CatalogueRead = {
  readonly heads: readonly string[]
  readonly matching: Matching
  /** Columns without which no row can be taken, and that no head stands for. */
  readonly lacking: readonly string[]
  readonly units: readonly CatalogueUnit[]
  readonly rejected: readonly RejectedRow[]
}

export type ReadOptions = {
  /** Whose list it is, where the file does not say. */
  readonly maker?: string
  /** What a bare number is. */
  readonly unit?: LengthUnit
  /** Which head stands for which column, where somebody matched them by hand. */
  readonly matching?: Matching
}

type Row = Readonly<Record<string, string>>

/** Reads a maker's list from CSV: the rows that can be taken, and every other with its row, column and reason. */
export function readCatalogue(csv: string, options: ReadOptions = {}): CatalogueRead {
  const { data, meta } = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: 'greedy' })
  const heads = meta.fields ?? []
  const matching = { ...matchColumns(heads), ...options.matching }
  const lacking = COLUMNS.filter(one => one.isNeeded && !isMatched(matching, one, heads)).map(one => one.id)
  if (lacking.length) return { heads, matching, lacking, units: [], rejected: [] }
  const read = data.map((row, i) => readRow(row, matching, heads, options, i + 2))
  const counts = new Map<string, number>()
  for (const one of read) if ('article' in one) counts.set(keyOf(one), (counts.get(keyOf(one)) ?? 0) + 1)
  const seen = new Set<string>()
  const units: CatalogueUnit[] = []
  const rejected: RejectedRow[] = []
  read.forEach((one, i) => {
    if ('reason' in one) rejected.push(one)
    else if (seen.has(keyOf(one)))
      rejected.push({
        row: i + 2,
        column: matching.article ?? 'article',
        reason: `“${one.article}” is there ${counts.get(keyOf(one))} times; the first is taken.`,
      })
    else {
      seen.add(keyOf(one))
      units.push(one)
    }
  })
  return { heads, matching, lacking, units, rejected }
}

/** Reads one unit from cells by their columns, as somebody enters it by hand. */
export function readUnit(cells: Row, options: Pick<ReadOptions, 'unit'>): CatalogueUnit | RejectedRow {
  const heads = Object.keys(cells)
  const matching = Object.fromEntries(COLUMNS.map(({ id }) => [id, id in cells ? id : null]))
  return readRow(cells, matching, heads, options, 1)
}

const keyOf = ({ maker, article }: CatalogueUnit): string => `${maker}/${article}`

const isMatched = (matching: Matching, { id }: Column, heads: readonly string[]): boolean =>
  heads.includes(matching[id] ?? '')

class Rejected extends Error {
  constructor(
    readonly column: string,
    readonly reason: string,
  ) {
    super(reason)
  }
}

type Cells = (id: string) => string

function readRow(
  row: Row,
  matching: Matching,
  heads: readonly string[],
  options: ReadOptions,
  number: number,
): CatalogueUnit | RejectedRow {
  const cell: Cells = id => {
    const head = matching[id] ?? null
    return head === null ? '' : (row[head] ?? '').trim()
  }
  try {
    if (Object.keys(row).some(head => !heads.includes(head)))
      throw new Rejected('(whole row)', 'This row has more cells than the head has columns.')
    return unitFrom(cell, options, matching)
  } catch (error) {
    if (error instanceof Rejected) return { row: number, column: error.column, reason: error.reason }
    throw error
  }
}

/** A row's unit: what its kind's sheet speaks of and its cells say; what a cell is silent on is not said, whatever is usual. */
function unitFrom(cell: Cells, { maker = '', unit = 'in' }: ReadOptions, matching: Matching): CatalogueUnit {
  const kind = kindOf(cell)
  const given: Record<string, unknown> = {}
  const details: Record<string, unknown> = {}
  for (const column of COLUMNS) {
    const text = cell(column.id)
    if (text === '' && !column.isNeeded) continue
    if (column.member.startsWith('details.')) details[column.member.slice('details.'.length)] = text
    else if (isUnitMember(column.member)) given[column.member] = cellValue(text, column, unit, matching)
  }
  const members = UNIT_MEMBER_NAMES.filter(name => isUnitKind(kind) && standsOn(name, kind)).map(
    name => [name, given[name] ?? (name === 'lacks' ? [] : null)] as const,
  )
  const named = given.maker ?? maker
  const whole = {
    kind,
    details: renamedDetails(details),
    ...Object.fromEntries(members),
    maker: named,
    id: uuidV5(`${named}/${given.article}`, NAMESPACE),
  }
  const parsed = unitSchema.safeParse(whole)
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]!
  const path = issue.path.join('.')
  const column = COLUMNS.find(one => one.member === path)
  const id = column?.id ?? path
  throw new Rejected(matching[id] ?? id, reasonFor(issue, id, cell(id)))
}

/** The kind a row is of: as it says, or the first where it says none. */
const kindOf = (cell: Cells): string => kindNow(codeOf(cell('kind')) || UNIT_KINDS[0]!, cell('lock kind') !== '')

/** A word as codes are written: small, joined by hyphens. */
const codeOf = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, '-')

/** Why a cell can't be taken, and what would do. */
function reasonFor(issue: z.core.$ZodIssue, id: string, text: string): string {
  if (text === '' && id === 'maker') return 'No maker is named. Say whose it is.'
  if (text === '' && issue.code !== 'custom') return 'Nothing stands here; this is needed.'
  const stands = text === '' ? 'Nothing stands here' : `“${text}”`
  switch (issue.code) {
    case 'invalid_union':
    case 'invalid_value': {
      const values = issue.code === 'invalid_value' ? issue.values : UNIT_KINDS
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

function cellValue(text: string, column: Column, unit: LengthUnit, matching: Matching): unknown {
  const head = matching[column.id] ?? column.id
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
      if (!/^\d+(\.\d{1,2})?$/.test(text)) throw new Rejected(head, `“${text}” is not a price. Write it as 612.00.`)
      return Math.round(Number(text) * 100)
    case 'count':
      if (!/^\d{1,4}$/.test(text)) throw new Rejected(head, `“${text}” is not a whole number.`)
      return Number(text)
    case 'kg':
      if (!/^\d{1,4}(\.\d{1,3})?$/.test(text)) throw new Rejected(head, `“${text}” is not a mass in kilograms.`)
      return Number(text)
    case 'yes':
      if (!/^(yes|no|true|false|1|0)$/i.test(text)) throw new Rejected(head, `“${text}” is neither yes nor no.`)
      return /^(yes|true|1)$/i.test(text)
  }
}

function lengthOf(text: string, head: string, unit: LengthUnit): number {
  const parsed = parseLength(text, { unit })
  if (parsed.ok) return parsed.value.ticks
  throw new Rejected(head, issueWords(parsed.issues[0]!))
}
