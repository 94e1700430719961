import type { Audited } from '@/core/access/audit'
import { toCsv } from './to-csv'

const COLUMNS = ['at', 'by', 'what', 'subject', 'id', 'about', 'member', 'before', 'after'] as const

const plain = (value: unknown): string =>
  typeof value === 'string' ? value : value === null ? '' : JSON.stringify(value)

/** Who changed what as CSV, one row for each member that was changed. */
export const writeAuditCsv = (all: readonly Audited[]): string =>
  toCsv(
    all.flatMap(({ at, by, verb, subject, subjectId, about, changes }) =>
      (changes.length ? changes : [{ path: '', before: null, after: null }]).map(one => ({
        at,
        by,
        what: verb,
        subject,
        id: subjectId,
        about,
        member: one.path,
        before: plain(one.before),
        after: plain(one.after),
      })),
    ),
    COLUMNS,
  )
