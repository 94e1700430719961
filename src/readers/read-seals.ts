import type { OwnSeal } from '@/core/seal-stock/own-seal'
import { ownSealSchema } from '@/core/seal-stock/own-seal-record'
import { SEAL_COLUMNS } from '@/core/seal-stock/seal-members'
import {
  type Cell,
  type ListOf,
  type ListRead,
  type Read,
  type ReadOptions,
  readEntered,
  readList,
  rejectBy,
} from './read-list'

const SEALS: ListOf<OwnSeal> = {
  columns: SEAL_COLUMNS,
  from: sealFrom,
  keyOf: one => one.article,
  nameOf: one => one.article,
}

/** Reads a list of seals from CSV: the rows that can be taken, and every other with its row, column and reason. */
export const readSeals = (csv: string, options: ReadOptions = {}): ListRead<OwnSeal> => readList(csv, SEALS, options)

/** Reads one seal from cells by their columns, as somebody enters it by hand. */
export const readSeal = (cells: Readonly<Record<string, string>>, { unit }: Pick<ReadOptions, 'unit'>): Read<OwnSeal> =>
  readEntered(cells, SEALS, unit)

/** A row's seal: what its cells say; what one is silent on is not said. */
function sealFrom(cell: Cell): OwnSeal {
  const whole = Object.fromEntries(
    SEAL_COLUMNS.map(column => {
      const isSilent = cell.text(column.id) === '' && !(column.isNeeded && /^(text|words)$/.test(column.of))
      return [column.member, isSilent ? null : cell.value(column)]
    }),
  )
  const parsed = ownSealSchema.safeParse(whole)
  return parsed.success ? parsed.data : rejectBy(parsed.error.issues[0]!, SEAL_COLUMNS, cell)
}
