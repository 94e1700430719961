import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import type { SchoolChoices } from '@/core/base/schools'
import type { LogEntry } from '@/core/log/log'
import type { Order } from '@/core/order/order'
import type { Receipt } from '@/core/order/receipt'
import type { Versioned, VersionedEdits } from '@/core/sheet'
import type { Answer } from '@/core/survey/answer'
import type { Job, Opening } from '@/core/survey/job-record'
import type { Photo } from '@/core/survey/photo'
import type { Reading } from '@/core/survey/reading'
import type { Acting } from './acting'
import type { Db } from './connection'
import { editsIn } from './edits'
import { asJob, asOpening, schoolsIn } from './jobs'
import { ordersOfOpenings } from './orders'
import { photosOf } from './photos'
import { placed, places, preparedAs } from './prepared'
import { ANSWERS, LOG_ENTRIES, READINGS, RECEIPTS, rowsOf } from './rows'
import { openingState } from './state-table'
import { job, jobSchools, opening, openingEdit } from './tables'

/** Everything that is stored of one opening, with its job and what stands beside it. */
export type StoredOpening = {
  readonly job: Job
  readonly jobSchools: Versioned<SchoolChoices>
  readonly opening: Opening
  readonly neighbours: { readonly before: string | null; readonly after: string | null }
  readonly edits: VersionedEdits
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly log: readonly LogEntry[]
  readonly photos: readonly Photo[]
  readonly orders: readonly Order[]
  readonly receipts: readonly Receipt[]
}

/** By which revisions an opening stands as it was looked at: while they are the same, so is everything stored of it but what stands beside it. */
export type Standing = { readonly job: number; readonly schools: number; readonly opening: number }

/** One opening as it stands now, in one statement; `whole` reads the rest of it in six. `null` where this company has none such. */
export type OpeningLook = {
  readonly standing: Standing
  readonly neighbours: StoredOpening['neighbours']
  readonly whole: () => Promise<StoredOpening>
}

/** Looks how an opening stands, before any more of it is read: what is written in between is seen the next time. */
export async function lookAtOpening(db: Db, acting: Acting, id: string): Promise<OpeningLook | null> {
  const rows = await headRows(db, acting, [id])
  const first = rows[0]
  if (!first) return null
  return {
    standing: { job: first.job.revision, schools: first.schools?.revision ?? 0, opening: first.revision ?? 0 },
    neighbours: { before: first.before, after: first.after },
    whole: async () => withRows(headIn(rows), await rowsBelow(db, acting, [id])),
  }
}

/** The openings with these ids that are this company's, in the order of the ids, in seven statements whatever their number. */
export async function findOpeningsWhole(
  db: Db,
  acting: Acting,
  ids: readonly string[],
): Promise<readonly StoredOpening[]> {
  if (ids.length === 0) return []
  const [heads, below] = await Promise.all([headsOf(db, acting, ids), rowsBelow(db, acting, ids)])
  return ids.flatMap(id => {
    const head = heads.get(id)
    return head ? [withRows(head, below)] : []
  })
}

/** What lies below openings, by the opening's id: its rows, its orders, and by an order's id what was found on delivery. */
async function rowsBelow(db: Db, acting: Acting, ids: readonly string[]) {
  const [readings, answers, log, photos, orders] = await Promise.all([
    rowsOf(db, READINGS, acting, ids),
    rowsOf(db, ANSWERS, acting, ids),
    rowsOf(db, LOG_ENTRIES, acting, ids),
    photosOf(db, acting, ids),
    ordersOfOpenings(db, acting, ids),
  ])
  const receipts = await rowsOf(
    db,
    RECEIPTS,
    acting,
    [...orders.values()].flat().map(one => one.id),
  )
  return { readings, answers, log, photos, orders, receipts }
}

function withRows(head: Head, below: Awaited<ReturnType<typeof rowsBelow>>): StoredOpening {
  const { id } = head.opening
  const orders = below.orders.get(id) ?? []
  return {
    ...head,
    readings: below.readings.get(id) ?? [],
    answers: below.answers.get(id) ?? [],
    log: below.log.get(id) ?? [],
    photos: below.photos.get(id) ?? [],
    orders,
    receipts: orders
      .flatMap(one => below.receipts.get(one.id) ?? [])
      .sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1)),
  }
}

type Head = Pick<StoredOpening, 'job' | 'jobSchools' | 'opening' | 'neighbours' | 'edits'>

/** The id of the opening that stands next before or after it in its job. */
const beside = (which: 'before' | 'after') => {
  const [is, order] = which === 'before' ? [sql`<`, sql`desc`] : [sql`>`, sql`asc`]
  return sql<
    string | null
  >`(select beside.id from opening as beside where beside.company_id = ${opening.companyId} and beside.job_id = ${opening.jobId} and beside.position ${is} ${opening.position} order by beside.position ${order} limit 1)`
}

/** Openings with their job, its practices and their edited records, one row for each record. */
const headRows = (db: Db, acting: Acting, ids: readonly string[]): Promise<HeadRow[]> =>
  HEADS(db, ids.length).execute({ company: acting.companyId, ...placed('id', ids) })
const HEADS = preparedAs((db, count: number) =>
  db
    .select({
      opening,
      job,
      schools: jobSchools,
      edit: openingEdit,
      revision: openingState.revision,
      before: beside('before'),
      after: beside('after'),
    })
    .from(opening)
    .innerJoin(job, and(eq(job.companyId, opening.companyId), eq(job.id, opening.jobId)))
    .leftJoin(jobSchools, and(eq(jobSchools.companyId, job.companyId), eq(jobSchools.jobId, job.id)))
    .leftJoin(openingEdit, and(eq(openingEdit.companyId, opening.companyId), eq(openingEdit.openingId, opening.id)))
    .leftJoin(openingState, and(eq(openingState.companyId, opening.companyId), eq(openingState.openingId, opening.id)))
    .where(and(eq(opening.companyId, sql.placeholder('company')), inArray(opening.id, places('id', count))))
    .orderBy(asc(opening.id))
    .prepare(),
)

/** Each opening's head by its id. @throws when a record is missing: an opening is never without. */
async function headsOf(db: Db, acting: Acting, ids: readonly string[]): Promise<ReadonlyMap<string, Head>> {
  const rows = await headRows(db, acting, ids)
  const heads = new Map<string, Head>()
  for (const { opening: own } of rows)
    if (!heads.has(own.id)) heads.set(own.id, headIn(rows.filter(row => row.opening.id === own.id)))
  return heads
}

type HeadRow = {
  readonly opening: typeof opening.$inferSelect
  readonly job: typeof job.$inferSelect
  readonly schools: typeof jobSchools.$inferSelect | null
  readonly edit: typeof openingEdit.$inferSelect | null
  readonly revision: number | null
  readonly before: string | null
  readonly after: string | null
}

function headIn(rows: readonly HeadRow[]): Head {
  const { opening: own, job: ofJob, schools, before, after } = rows[0]!
  return {
    opening: asOpening(own),
    job: asJob(ofJob),
    jobSchools: schoolsIn(schools),
    neighbours: { before, after },
    edits: editsIn(
      own.id,
      rows.flatMap(one => one.edit ?? []),
    ),
  }
}
