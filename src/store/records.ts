import { and, asc, eq, inArray } from 'drizzle-orm'
import { type LogEntry, logEntrySchema } from '@/core/handover/log'
import { type SealChoice, sealChoiceSchema } from '@/core/seal/seal-choice'
import type { Versioned } from '@/core/sheet'
import { type Wishes, wishesSchema } from '@/core/specification/wishes'
import { type Answer, answerSchema } from '@/core/survey/answer'
import { type Reading, readingSchema } from '@/core/survey/reading'
import type { Acting } from './acting'
import type { Db } from './connection'
import { answer, logEntry, reading, sealChoice, wishes } from './tables'

/** What became of rows that carry their own id: new, or there already as they are. A row of the same id that says something else is refused. */
export type Added = { readonly stored: readonly string[]; readonly conflicting: readonly string[] }

/** What became of an edited record: stored with its new revision, or refused because somebody else was faster. */
export type Saved<T> =
  | { readonly ok: true; readonly revision: number }
  | { readonly ok: false; readonly current: Versioned<T> }

type RowTable = typeof reading | typeof answer | typeof logEntry

const ofOpening = <T extends RowTable | typeof wishes | typeof sealChoice>(
  table: T,
  acting: Acting,
  openingId: string,
) => and(eq(table.companyId, acting.companyId), eq(table.openingId, openingId))

/** A table of rows that carry their own id: how a row of it is read and when it was made. */
type Rows<T> = {
  readonly table: RowTable
  readonly at: typeof reading.takenAt | typeof answer.takenAt | typeof logEntry.at
  readonly schema: { readonly parse: (row: unknown) => T }
}
const READINGS: Rows<Reading> = { table: reading, at: reading.takenAt, schema: readingSchema }
const ANSWERS: Rows<Answer> = { table: answer, at: answer.takenAt, schema: answerSchema }
const LOG: Rows<LogEntry> = { table: logEntry, at: logEntry.at, schema: logEntrySchema }

function recordOf<T>({ schema }: Rows<T>, row: Record<string, unknown>): T {
  const { companyId: _c, openingId: _o, memberId: _m, ...own } = row
  return schema.parse(own)
}

async function list<T>(db: Db, rows: Rows<T>, acting: Acting, openingId: string): Promise<readonly T[]> {
  const found = await db
    .select()
    .from(rows.table)
    .where(ofOpening(rows.table, acting, openingId))
    .orderBy(asc(rows.at), asc(rows.table.id))
  return found.map(row => recordOf(rows, row))
}

async function add<T extends { readonly id: string }>(
  db: Db,
  rows: Rows<T>,
  acting: Acting,
  openingId: string,
  all: readonly T[],
): Promise<Added> {
  if (all.length === 0) return { stored: [], conflicting: [] }
  const { table } = rows
  const stamped = all.map(one => ({ ...one, companyId: acting.companyId, openingId, memberId: acting.memberId }))
  await db
    .insert(table)
    .ignore()
    .values(stamped as never)
  const there = await db
    .select()
    .from(table)
    .where(
      and(
        ofOpening(table, acting, openingId),
        inArray(
          table.id,
          all.map(one => one.id),
        ),
      ),
    )
  return compare(
    all,
    there.map(row => recordOf(rows, row)),
  )
}

/** Every reading of an opening, in the order they were taken. */
export const listReadings = (db: Db, acting: Acting, openingId: string) => list(db, READINGS, acting, openingId)
export const listAnswers = (db: Db, acting: Acting, openingId: string) => list(db, ANSWERS, acting, openingId)
export const listLog = (db: Db, acting: Acting, openingId: string) => list(db, LOG, acting, openingId)

/** Adds readings once each, however often they are sent. The caller has made sure that the opening is this company's. */
export const addReadings = (db: Db, acting: Acting, openingId: string, all: readonly Reading[]) =>
  add(db, READINGS, acting, openingId, all)
export const addAnswers = (db: Db, acting: Acting, openingId: string, all: readonly Answer[]) =>
  add(db, ANSWERS, acting, openingId, all)
export const addLog = (db: Db, acting: Acting, openingId: string, all: readonly LogEntry[]) =>
  add(db, LOG, acting, openingId, all)

function compare<T extends { readonly id: string }>(sent: readonly T[], there: readonly T[]): Added {
  const byId = new Map(there.map(one => [one.id, one]))
  const same = (one: T) => {
    const kept = byId.get(one.id)
    return kept !== undefined && (Object.keys(one) as (keyof T)[]).every(name => kept[name] === one[name])
  }
  return {
    stored: sent.filter(same).map(one => one.id),
    conflicting: sent.filter(one => !same(one)).map(one => one.id),
  }
}

export async function findWishes(db: Db, acting: Acting, openingId: string): Promise<Versioned<Wishes> | null> {
  const [row] = await db
    .select()
    .from(wishes)
    .where(ofOpening(wishes, acting, openingId))
    .limit(1)
  return row ? { revision: row.revision, data: wishesSchema.parse(row.data) } : null
}

export async function findSealChoice(db: Db, acting: Acting, openingId: string): Promise<Versioned<SealChoice> | null> {
  const [row] = await db
    .select()
    .from(sealChoice)
    .where(ofOpening(sealChoice, acting, openingId))
    .limit(1)
  return row ? { revision: row.revision, data: sealChoiceSchema.parse(row.data) } : null
}

/** Saves wishes made from `revision`; a write against an older one is answered with what stands now. */
export async function saveWishes(
  db: Db,
  acting: Acting,
  openingId: string,
  revision: number,
  data: Wishes,
): Promise<Saved<Wishes>> {
  return (await writeRevision(db, wishes, acting, openingId, revision, data))
    ? { ok: true, revision: revision + 1 }
    : { ok: false, current: (await findWishes(db, acting, openingId))! }
}

export async function saveSealChoice(
  db: Db,
  acting: Acting,
  openingId: string,
  revision: number,
  data: SealChoice,
): Promise<Saved<SealChoice>> {
  return (await writeRevision(db, sealChoice, acting, openingId, revision, data))
    ? { ok: true, revision: revision + 1 }
    : { ok: false, current: (await findSealChoice(db, acting, openingId))! }
}

async function writeRevision(
  db: Db,
  table: typeof wishes | typeof sealChoice,
  acting: Acting,
  openingId: string,
  revision: number,
  data: unknown,
): Promise<boolean> {
  const [result] = await db
    .update(table)
    .set({ data, revision: revision + 1 })
    .where(and(ofOpening(table, acting, openingId), eq(table.revision, revision)))
  return result.affectedRows === 1
}

/** Writes wishes and seal choice of a new opening as they are, revision and all: for a file that is taken in. */
export async function insertVersions(
  db: Db,
  acting: Acting,
  openingId: string,
  wished: Versioned<Wishes>,
  sealed: Versioned<SealChoice>,
): Promise<void> {
  await db.insert(wishes).values({ companyId: acting.companyId, openingId, ...wished })
  await db.insert(sealChoice).values({ companyId: acting.companyId, openingId, ...sealed })
}
