import { and, asc, eq, getTableColumns, inArray, sql } from 'drizzle-orm'
import type { MySqlColumn, MySqlTable } from 'drizzle-orm/mysql-core'
import type { LogEntry } from '@/core/log/log'
import type { Receipt } from '@/core/order/receipt'
import type { DayEntry } from '@/core/plan/day-entry'
import type { Placing } from '@/core/plan/placing'
import { ANSWER, DAY, LOG, PLACING, READING, RECEIPT } from '@/core/records/records'
import { type RecordKind, readRecord, versionOf } from '@/core/records/version'
import type { Answer } from '@/core/survey/answer'
import type { Reading } from '@/core/survey/reading'
import type { Acting } from './acting'
import type { Db } from './connection'
import { decision, receipt } from './exchange-tables'
import { grouped } from './grouped'
import { dayEntry, placing } from './plan-tables'
import { placed, places, preparedAs } from './prepared'
import { answer, logEntry, reading } from './tables'

// The one way of rows that are only ever added: each has an id made where it was taken, is stored once however often it is sent, and is
// never changed.

/** What became of rows that were sent: stored, new or there already as they are; or of an id that says something else. */
export type Added = { readonly stored: readonly string[]; readonly conflicting: readonly string[] }

type Row = { readonly id: string }
type Columns = { readonly companyId: MySqlColumn; readonly id: MySqlColumn }

/** A kind of rows: where they lie, whose they are, and how one is written and read. */
export type RowKind<T extends Row> = {
  readonly table: MySqlTable & Columns
  /** The opening or order a row belongs to. */
  readonly of: MySqlColumn
  readonly at: MySqlColumn
  /** The member that says when it was made. */
  readonly time: keyof T & string
  readonly write: (row: T, of: string, acting: Acting) => Readonly<Record<string, unknown>>
  readonly read: (row: Readonly<Record<string, unknown>>) => T
}

/** Rows of an opening whose members are columns of their own. */
const ofOpening = <T extends Row>(
  table: RowKind<T>['table'] & { readonly openingId: MySqlColumn },
  [at, time]: readonly [MySqlColumn, keyof T & string],
  kind: RecordKind<T>,
): RowKind<T> => ({
  table,
  of: table.openingId,
  at,
  time,
  write: (row, openingId, { memberId }) => ({ ...row, openingId, memberId, version: versionOf(kind) }),
  read: ({ companyId: _c, openingId: _o, memberId: _m, version, ...row }) => readRecord(kind, row, Number(version)),
})

const READ = ofOpening(reading, [reading.takenAt, 'takenAt'], READING)
/** Whose reading counts as unchecked is said by who acts, whatever was sent. */
export const READINGS: RowKind<Reading> = {
  ...READ,
  write: (row, openingId, acting) => ({
    ...READ.write(row, openingId, acting),
    unchecked: row.unchecked === true || acting.role === 'trainee',
  }),
  read: ({ unchecked, ...row }) => READ.read(unchecked ? { ...row, unchecked: true } : row),
}
export const ANSWERS: RowKind<Answer> = ofOpening(answer, [answer.takenAt, 'takenAt'], ANSWER)
export const LOG_ENTRIES: RowKind<LogEntry> = ofOpening(logEntry, [logEntry.at, 'at'], LOG)

export const RECEIPTS: RowKind<Receipt> = {
  table: receipt,
  of: receipt.orderId,
  at: receipt.at,
  time: 'at',
  write: (row, orderId) => ({
    id: row.id,
    orderId,
    line: row.line,
    at: row.at,
    data: row,
    version: versionOf(RECEIPT),
  }),
  read: ({ data, version }) => readRecord(RECEIPT, data, Number(version)),
}

export const PLACINGS: RowKind<Placing> = ofOpening(placing, [placing.at, 'at'], PLACING)

/** What was noted of a day belongs to the day. */
export const DAY_ENTRIES: RowKind<DayEntry> = {
  table: dayEntry,
  of: dayEntry.day,
  at: dayEntry.at,
  time: 'at',
  write: (row, day, { memberId }) => ({ ...row, day, memberId, version: versionOf(DAY) }),
  read: ({ companyId: _c, day: _d, memberId: _m, version, ...row }) => readRecord(DAY, row, Number(version)),
}

/** What somebody decided of one difference of an acknowledgement. */
export type DecisionRow = {
  readonly id: string
  readonly orderId: string
  readonly answerId: string
  readonly line: number
  readonly path: string
  readonly verdict: 'accepted' | 'objected'
  readonly by: string
  readonly at: string
}
export const DECISIONS: RowKind<DecisionRow> = {
  table: decision,
  of: decision.orderId,
  at: decision.at,
  time: 'at',
  write: row => row,
  read: ({ companyId: _c, ...row }) => row as DecisionRow,
}

/** The statement that reads each kind's rows. */
const selecting = new WeakMap<MySqlTable, ReturnType<typeof selectOf>>()
const selectOf = ({ table, of, at }: Pick<RowKind<Row>, 'table' | 'of' | 'at'>) =>
  preparedAs((db, count: number) =>
    db
      .select()
      .from(table)
      .where(and(eq(table.companyId, sql.placeholder('company')), inArray(of, places('of', count))))
      .orderBy(asc(at), asc(table.id))
      .prepare(),
  )

function selectRows<T extends Row>(db: Db, kind: RowKind<T>, { companyId }: Acting, ofIds: readonly string[]) {
  const select = selecting.get(kind.table) ?? selectOf(kind)
  selecting.set(kind.table, select)
  return select(db, ofIds.length).execute({ company: companyId, ...placed('of', ofIds) })
}

/** The rows of some openings or orders, in the order they were made. */
export async function listRows<T extends Row>(
  db: Db,
  kind: RowKind<T>,
  acting: Acting,
  ofIds: readonly string[],
): Promise<readonly T[]> {
  if (ofIds.length === 0) return []
  const rows = await selectRows(db, kind, acting, ofIds)
  return rows.map(kind.read)
}

/** The same by what they belong to. */
export async function rowsOf<T extends Row>(
  db: Db,
  kind: RowKind<T>,
  acting: Acting,
  ofIds: readonly string[],
): Promise<ReadonlyMap<string, readonly T[]>> {
  if (ofIds.length === 0) return new Map()
  const rows = await selectRows(db, kind, acting, ofIds)
  const member = Object.entries(getTableColumns(kind.table)).find(([, column]) => column === kind.of)![0]
  return grouped(rows.map(row => [String(row[member]), kind.read(row)]))
}

/** So many in one statement: one of twenty thousand is none a driver writes. */
const PER_ROUND = 1000

/** Adds rows once each. The caller has made sure that what they belong to is this company's. */
export async function addRows<T extends Row>(
  db: Db,
  kind: RowKind<T>,
  acting: Acting,
  of: string,
  all: readonly T[],
): Promise<Added> {
  if (all.length === 0) return { stored: [], conflicting: [] }
  const { table } = kind
  const timed = all.map(one => inTime(kind, one))
  const stamped = timed.map(one => ({ ...kind.write(one, of, acting), companyId: acting.companyId }))
  let fresh = 0
  for (let from = 0; from < stamped.length; from += PER_ROUND) {
    const [result] = await db
      .insert(table)
      .ignore()
      .values(stamped.slice(from, from + PER_ROUND) as never)
    fresh += result.affectedRows
  }
  const ids = all.map(one => one.id)
  // All of them are new: nothing stands there that could say something else.
  if (fresh === all.length) return { stored: ids, conflicting: [] }
  const there = await db
    .select()
    .from(table)
    .where(and(eq(table.companyId, acting.companyId), eq(kind.of, of), inArray(table.id, ids)))
  const byId = new Map(there.map(row => kind.read(row)).map(row => [row.id, row]))
  const isThere = (one: T) => {
    const there = byId.get(one.id)
    return (
      isSame(there, one) || (there !== undefined && isSame(there, { ...one, [kind.time]: earlier(kind, there, one) }))
    )
  }
  return {
    stored: ids.filter((_, i) => isThere(all[i]!)),
    conflicting: ids.filter((_, i) => !isThere(all[i]!)),
  }
}

/** What a right clock may be ahead of this one. */
const AHEAD_MS = 10 * 60_000

/** A row as it is stored: one that says it was made later than now was made by a clock that is wrong, and counts as made now. */
function inTime<T extends Row>({ time }: RowKind<T>, row: T, now = new Date()): T {
  const said = String(row[time])
  return said > new Date(now.getTime() + AHEAD_MS).toISOString() ? { ...row, [time]: now.toISOString() } : row
}

/** When a row that is there was made, where the same is sent again by a clock that is ahead. */
const earlier = <T extends Row>({ time }: RowKind<T>, there: T, sent: T): T[keyof T & string] =>
  String(sent[time]) > String(there[time]) ? there[time] : sent[time]

/** Whether two rows say the same, in whatever order their members stand. */
const isSame = (kept: unknown, sent: unknown): boolean => plain(kept) === plain(sent)
/** What the store adds to a row by itself. */
const ADDED = 'unchecked'
const plain = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) =>
    typeof one === 'object' && one !== null && !Array.isArray(one)
      ? Object.fromEntries(
          Object.entries(one)
            .filter(([name]) => name !== ADDED)
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : one,
  ) ?? ''
