import type { Column } from '@/core/base/column'
import type { OwnSeal } from '@/core/seal-stock/own-seal'
import { SEAL_COLUMNS, type SealMemberName } from '@/core/seal-stock/seal-members'
import { toCsv } from './to-csv'

/** A list of seals as CSV, by the columns it is read by; lengths in millimetres. */
export function writeSealsCsv(seals: readonly OwnSeal[]): string {
  const rows = seals.map(seal =>
    Object.fromEntries(SEAL_COLUMNS.map(column => [column.id, cellOf(seal[column.member as SealMemberName], column)])),
  )
  return toCsv(
    rows,
    SEAL_COLUMNS.map(one => one.id),
  )
}

function cellOf(value: unknown, { of }: Column): string {
  if (value === null || value === undefined) return ''
  switch (of) {
    case 'length':
      return `${Number(value) / 3200} mm`
    case 'cents':
      return (Number(value) / 100).toFixed(2)
    case 'yes':
      return value ? 'yes' : 'no'
    case 'words':
      return (value as readonly string[]).join('; ')
    default:
      return String(value)
  }
}
