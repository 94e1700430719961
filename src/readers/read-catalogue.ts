import { v5 as uuidV5 } from 'uuid'
import { isUnitKind, UNIT_KINDS } from '@/core/base/kinds'
import { COLUMNS } from '@/core/catalogue/columns'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { isUnitMember, UNIT_MEMBER_NAMES } from '@/core/catalogue/unit-members'
import { standsOn } from '@/core/catalogue/unit-parts'
import { unitSchema } from '@/core/catalogue/unit-record'
import { kindNow, renamedDetails } from '@/core/records/renamed'
import {
  type Cell,
  codeOf,
  type ListOf,
  type ListRead,
  type Read,
  type ReadOptions,
  readEntered,
  readList,
  rejectBy,
} from './read-list'

const NAMESPACE = '5f0c6f6e-0b5e-4a52-9f63-2a4b1b0f7c11'

/** Whose list it is, where the file does not say. */
type OfMaker = { readonly maker?: string }

const unitsOf = (maker: string): ListOf<CatalogueUnit> => ({
  columns: COLUMNS,
  from: cell => unitFrom(cell, maker),
  keyOf: one => `${one.maker}/${one.article}`,
  nameOf: one => one.article,
})

/** Reads a maker's list from CSV: the rows that can be taken, and every other with its row, column and reason. */
export const readCatalogue = (
  csv: string,
  { maker = '', ...options }: ReadOptions & OfMaker = {},
): ListRead<CatalogueUnit> => readList(csv, unitsOf(maker), options)

/** Reads one unit from cells by their columns, as somebody enters it by hand. */
export const readUnit = (
  cells: Readonly<Record<string, string>>,
  { unit }: Pick<ReadOptions, 'unit'>,
): Read<CatalogueUnit> => readEntered(cells, unitsOf(''), unit)

/** A row's unit: what its kind's sheet speaks of and its cells say; what a cell is silent on is not said, whatever is usual. */
function unitFrom(cell: Cell, maker: string): CatalogueUnit {
  const kind = kindOf(cell)
  const given: Record<string, unknown> = {}
  const details: Record<string, unknown> = {}
  for (const column of COLUMNS) {
    const text = cell.text(column.id)
    if (text === '' && !column.isNeeded) continue
    if (column.member.startsWith('details.')) details[column.member.slice('details.'.length)] = text
    else if (isUnitMember(column.member)) given[column.member] = cell.value(column)
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
  return parsed.success ? parsed.data : rejectBy(parsed.error.issues[0]!, COLUMNS, cell, UNIT_KINDS)
}

/** The kind a row is of: as it says, or the first where it says none. */
const kindOf = (cell: Cell): string =>
  kindNow(codeOf(cell.text('kind')) || UNIT_KINDS[0]!, cell.text('lock kind') !== '')
