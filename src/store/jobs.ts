import { and, asc, eq, sql } from 'drizzle-orm'
import type { Wishes } from '@/core/specification/wishes'
import { type Job, jobSchema, type Opening, openingSchema } from '@/core/survey/job-record'
import type { Acting } from './acting'
import type { Db } from './connection'
import { company, job, member, opening, sealChoice, wishes } from './tables'

type JobRow = typeof job.$inferSelect
type OpeningRow = typeof opening.$inferSelect

const asJob = ({ companyId: _, ...row }: JobRow): Job => jobSchema.parse(row)
const asOpening = ({ companyId: _c, jobId: _j, ...row }: OpeningRow): Opening => openingSchema.parse(row)

/** The member behind an id; `null` when there is none. With the two that set a company up, the only queries without an acting member. */
export async function findMember(db: Db, id: string): Promise<Acting | null> {
  const [row] = await db.select().from(member).where(eq(member.id, id)).limit(1)
  return row ? { companyId: row.companyId, memberId: row.id, name: row.name } : null
}

/** Whether any company is here: without one the database is new. */
export async function hasCompany(db: Db): Promise<boolean> {
  return (await db.select({ id: company.id }).from(company).limit(1)).length > 0
}

/** Adds a company with its members: only for setting up. */
export async function addCompany(
  db: Db,
  id: string,
  name: string,
  members: readonly { readonly id: string; readonly name: string }[],
): Promise<void> {
  await db.insert(company).values({ id, name })
  if (members.length) await db.insert(member).values(members.map(one => ({ ...one, companyId: id })))
}

/** All jobs of the company, the next visit first. */
export async function listJobs(db: Db, acting: Acting): Promise<readonly Job[]> {
  const rows = await db
    .select()
    .from(job)
    .where(eq(job.companyId, acting.companyId))
    .orderBy(sql`${job.visitOn} is null`, asc(job.visitOn), asc(job.name), asc(job.id))
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
  await db.insert(job).values({ ...jobSchema.parse(one), companyId: acting.companyId })
}

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
  const [row] = await db
    .select()
    .from(opening)
    .where(and(eq(opening.companyId, acting.companyId), eq(opening.id, id)))
    .limit(1)
  return row ? { opening: asOpening(row), jobId: row.jobId } : null
}

/** Adds an opening at the end of its job, with its wishes and an empty seal choice. */
export async function addOpening(
  db: Db,
  acting: Acting,
  jobId: string,
  one: Omit<Opening, 'position'>,
  first: Wishes,
): Promise<void> {
  await db.transaction(async tx => {
    const [last] = await tx
      .select({ most: sql<number | null>`max(${opening.position})` })
      .from(opening)
      .where(and(eq(opening.companyId, acting.companyId), eq(opening.jobId, jobId)))
      .for('update')
    await insertOpening(tx, acting, jobId, { ...one, position: Number(last?.most ?? -1) + 1 })
    await tx.insert(wishes).values({ companyId: acting.companyId, openingId: one.id, revision: 1, data: first })
    await tx.insert(sealChoice).values({ companyId: acting.companyId, openingId: one.id, revision: 1, data: {} })
  })
}

export async function insertOpening(db: Db, acting: Acting, jobId: string, one: Opening): Promise<void> {
  await db.insert(opening).values({ ...openingSchema.parse(one), jobId, companyId: acting.companyId })
}
