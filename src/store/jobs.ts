import { and, asc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import type { Role } from '@/core/access/access'
import type { SchoolChoices } from '@/core/base/schools'
import { EDIT_KINDS, type Edits } from '@/core/new-edits'
import { JOB, OPENING, SCHOOLS } from '@/core/records/records'
import { readRecord } from '@/core/records/version'
import type { Versioned, VersionedEdits } from '@/core/sheet'
import {
  type Job,
  type JobDetails,
  jobSchema,
  type Opening,
  type OpeningDetails,
  openingSchema,
} from '@/core/survey/job-record'
import { detailsOfJob } from '@/core/survey/new-job'
import type { Acting } from './acting'
import { note } from './audit'
import { type Db, isDuplicate, transact } from './connection'
import { type EditPlace, insertEdits } from './edits'
import { prepared, preparedAs } from './prepared'
import { company, job, jobSchools, member, opening } from './tables'

type JobRow = typeof job.$inferSelect
type OpeningRow = typeof opening.$inferSelect

export const asJob = (row: JobRow): Job => {
  const { id, name, site, delivery, notes, unit, step, visitOn, timeZone, createdAt, archivedAt } = row
  const { customerName, customerPhone, customerEmail, placeName, latitudeE6, longitudeE6 } = row
  const customer = { name: customerName, phone: customerPhone, email: customerEmail }
  const place = latitudeE6 === null || longitudeE6 === null ? null : { name: placeName, latitudeE6, longitudeE6 }
  const loud = row.loudFrom === null || row.loudTo === null ? null : { from: row.loudFrom, to: row.loudTo }
  const plain = { name, site, customer, delivery, notes, unit, step, visitOn, place, timeZone, loud }
  return jobSchema.parse({ ...plain, id, createdAt, archivedAt })
}

/** A job's details as the columns they lie in. */
const columnsOf = ({ customer, place, loud, ...plain }: JobDetails) => ({
  ...plain,
  customerName: customer.name,
  customerPhone: customer.phone,
  customerEmail: customer.email,
  placeName: place?.name ?? '',
  latitudeE6: place?.latitudeE6 ?? null,
  longitudeE6: place?.longitudeE6 ?? null,
  loudFrom: loud?.from ?? null,
  loudTo: loud?.to ?? null,
})

export const asOpening = ({ companyId: _c, jobId: _j, revision: _r, ...row }: OpeningRow): Opening =>
  openingSchema.parse(row)

/** Whether any company is here: without one the database is new. */
export async function hasCompany(db: Db): Promise<boolean> {
  return (await db.select({ id: company.id }).from(company).limit(1)).length > 0
}

/** Adds a company with its members: only for setting up. */
export async function addCompany(
  db: Db,
  id: string,
  name: string,
  members: readonly { readonly id: string; readonly name: string; readonly role: Role }[],
): Promise<void> {
  await db.insert(company).values({ id, name })
  if (members.length) await db.insert(member).values(members.map(one => ({ ...one, companyId: id })))
}

/** The jobs of the company, at most so many: first those whose visit is still to come from `today` on, the next one on top,
 *  then those without a visit, then what is past. Those that were put away only where they are asked for. */
export async function listJobs(
  db: Db,
  acting: Acting,
  today: string,
  most: number,
  archived = false,
): Promise<readonly Job[]> {
  const rows = await JOBS(db, archived).execute({ company: acting.companyId, today, most })
  return rows.map(asJob)
}
const JOBS = preparedAs((db, archived: boolean) =>
  db
    .select()
    .from(job)
    .where(
      and(eq(job.companyId, sql.placeholder('company')), archived ? isNotNull(job.archivedAt) : isNull(job.archivedAt)),
    )
    .orderBy(
      sql`case when ${job.visitOn} >= ${sql.placeholder('today')} then 0 when ${job.visitOn} is null then 1 else 2 end`,
      asc(job.visitOn),
      asc(job.name),
      asc(job.id),
    )
    .limit(sql.placeholder('most'))
    .prepare(),
)

/** The jobs whose visit is on a day. */
export async function jobsOn(db: Db, acting: Acting, day: string): Promise<readonly Job[]> {
  const rows = await db
    .select()
    .from(job)
    .where(and(eq(job.companyId, acting.companyId), eq(job.visitOn, day), isNull(job.archivedAt)))
    .orderBy(asc(job.name), asc(job.id))
  return rows.map(asJob)
}

export async function findJob(db: Db, acting: Acting, id: string): Promise<Job | null> {
  const [row] = await db
    .select()
    .from(job)
    .where(and(eq(job.companyId, acting.companyId), eq(job.id, id)))
    .limit(1)
  return row ? asJob(row) : null
}

export async function insertJob(db: Db, acting: Acting, one: Job): Promise<void> {
  const { id, createdAt, archivedAt, ...details } = jobSchema.parse(one)
  await db.insert(job).values({ ...columnsOf(details), id, createdAt, archivedAt, companyId: acting.companyId })
}

/** The same, where a job of that id may be there already: two taps make one. */
export async function insertJobOnce(db: Db, acting: Acting, one: Job): Promise<void> {
  try {
    await insertJob(db, acting, one)
  } catch (error) {
    if (!isDuplicate(error)) throw error
  }
}

/** A job with the revision of its details and the practices it chose, in one statement; `null` when the company has none such. */
export async function findJobWhole(
  db: Db,
  acting: Acting,
  id: string,
): Promise<{
  readonly job: Job
  readonly details: Versioned<JobDetails>
  readonly schools: Versioned<SchoolChoices>
} | null> {
  const [row] = await JOB_WHOLE(db).execute({ company: acting.companyId, id })
  if (!row) return null
  const own = asJob(row.job)
  return {
    job: own,
    details: { revision: row.job.revision, data: detailsOfJob(own) },
    schools: schoolsIn(row.schools),
  }
}

const JOB_WHOLE = prepared(db =>
  db
    .select({ job, schools: jobSchools })
    .from(job)
    .leftJoin(jobSchools, and(eq(jobSchools.companyId, job.companyId), eq(jobSchools.jobId, job.id)))
    .where(and(eq(job.companyId, sql.placeholder('company')), eq(job.id, sql.placeholder('id'))))
    .limit(1)
    .prepare(),
)

/** The practices a job chose; revision 0 while it chose none. */
export const schoolsIn = (row: typeof jobSchools.$inferSelect | null | undefined): Versioned<SchoolChoices> =>
  row ? { revision: row.revision, data: readRecord(SCHOOLS, row.data, row.version) } : { revision: 0, data: {} }

const thisJob = (acting: Acting, id: string) => and(eq(job.companyId, acting.companyId), eq(job.id, id))
const thisOpening = (acting: Acting, id: string) => and(eq(opening.companyId, acting.companyId), eq(opening.id, id))

/** A job with the revision of its details; `null` when the company has none such. */
export async function findJobDetails(db: Db, acting: Acting, id: string): Promise<Versioned<JobDetails> | null> {
  const [row] = await db.select().from(job).where(thisJob(acting, id)).limit(1)
  return row ? { revision: row.revision, data: detailsOfJob(asJob(row)) } : null
}

/** Where a job's details lie, to be changed. @throws when the job is gone. */
export const jobPlace = (db: Db, acting: Acting, id: string): EditPlace<JobDetails> => ({
  kind: JOB,
  find: async () => (await findJobDetails(db, acting, id)) ?? fail(`job ${id} is gone`),
  write: (revision, data, _version, before) =>
    transact(db, async tx => {
      const [result] = await tx
        .update(job)
        .set({ ...columnsOf(data), revision: revision + 1 })
        .where(and(thisJob(acting, id), eq(job.revision, revision)))
      if (result.affectedRows !== 1) return false
      await note(tx, acting, { verb: 'changed', subject: 'job', subjectId: id, before, after: data })
      return true
    }),
})

const fail = (message: string): never => {
  throw new Error(message)
}

/** Puts a job away, or takes it out again. */
export async function archiveJob(db: Db, acting: Acting, id: string, at: string | null): Promise<void> {
  await transact(db, async tx => {
    await tx.update(job).set({ archivedAt: at }).where(thisJob(acting, id))
    await note(tx, acting, { verb: at === null ? 'taken-out' : 'put-away', subject: 'job', subjectId: id })
  })
}

/** Puts an opening away, or takes it out again. */
export async function archiveOpening(db: Db, acting: Acting, id: string, at: string | null): Promise<void> {
  await transact(db, async tx => {
    await tx.update(opening).set({ archivedAt: at }).where(thisOpening(acting, id))
    await note(tx, acting, { verb: at === null ? 'taken-out' : 'put-away', subject: 'opening', subjectId: id })
  })
}

/** Where what is said of an opening lies, to be changed. @throws when it is gone. */
export const openingPlace = (db: Db, acting: Acting, id: string): EditPlace<OpeningDetails> => ({
  kind: OPENING,
  find: async () => {
    const [row] = await db.select().from(opening).where(thisOpening(acting, id)).limit(1)
    if (!row) return fail(`opening ${id} is gone`)
    const { tag, name, family } = asOpening(row)
    return { revision: row.revision, data: { tag, name, family } }
  },
  write: (revision, data, _version, before) =>
    transact(db, async tx => {
      const [result] = await tx
        .update(opening)
        .set({ ...data, revision: revision + 1 })
        .where(and(thisOpening(acting, id), eq(opening.revision, revision)))
      if (result.affectedRows !== 1) return false
      await note(tx, acting, { verb: 'changed', subject: 'opening', subjectId: id, before, after: data })
      return true
    }),
})

/** Puts the openings of a job into another order: those named first, whatever was not named behind them. */
export async function reorderOpenings(db: Db, acting: Acting, jobId: string, ids: readonly string[]): Promise<void> {
  await transact(db, async tx => {
    const rows = await tx
      .select({ id: opening.id, position: opening.position })
      .from(opening)
      .where(and(eq(opening.companyId, acting.companyId), eq(opening.jobId, jobId)))
      .orderBy(asc(opening.position))
      .for('update')
    const known = rows.map(one => one.id)
    const wanted = [...ids.filter(id => known.includes(id)), ...known.filter(id => !ids.includes(id))]
    // No two may stand at one place, not even for a moment: all move behind the last one first.
    for (const offset of [MOST_OPENINGS, 0])
      for (const [i, id] of wanted.entries())
        await tx
          .update(opening)
          .set({ position: offset + i })
          .where(thisOpening(acting, id))
  })
}
const MOST_OPENINGS = 5000

/** The openings of one job, as one walks round the house. */
export async function listOpenings(db: Db, acting: Acting, jobId: string): Promise<readonly Opening[]> {
  const rows = await db
    .select()
    .from(opening)
    .where(and(eq(opening.companyId, acting.companyId), eq(opening.jobId, jobId)))
    .orderBy(asc(opening.position))
  return rows.map(asOpening)
}

/** An opening with its job's id; `null` when this company has none such. */
export async function findOpening(
  db: Db,
  acting: Acting,
  id: string,
): Promise<{ readonly opening: Opening; readonly jobId: string } | null> {
  const [row] = await OPENING_BY_ID(db).execute({ company: acting.companyId, id })
  return row ? { opening: asOpening(row), jobId: row.jobId } : null
}
const OPENING_BY_ID = prepared(db =>
  db
    .select()
    .from(opening)
    .where(and(eq(opening.companyId, sql.placeholder('company')), eq(opening.id, sql.placeholder('id'))))
    .limit(1)
    .prepare(),
)

/** Adds an opening at the end of its job, with its edited records as they begin. */
export async function addOpening(
  db: Db,
  acting: Acting,
  jobId: string,
  one: Omit<Opening, 'position' | 'archivedAt'>,
  first: Edits,
): Promise<void> {
  await transact(db, async tx => {
    const [counted] = await tx
      .update(job)
      .set({ openingSeq: sql`last_insert_id(${job.openingSeq} + 1)` })
      .where(thisJob(acting, jobId))
    await insertOpening(tx, acting, jobId, { ...one, archivedAt: null, position: counted.insertId - 1 })
    const edits = EDIT_KINDS.map(kind => [kind, { revision: 1, data: first[kind] }] as const)
    await insertEdits(tx, acting, one.id, Object.fromEntries(edits) as VersionedEdits)
  })
}

export async function insertOpening(db: Db, acting: Acting, jobId: string, one: Opening): Promise<void> {
  await db
    .update(job)
    .set({ openingSeq: sql`greatest(${job.openingSeq}, ${one.position + 1})` })
    .where(thisJob(acting, jobId))
  await db.insert(opening).values({ ...openingSchema.parse(one), jobId, companyId: acting.companyId })
}
