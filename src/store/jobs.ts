import { and, asc, eq, inArray, or, type SQL, sql } from 'drizzle-orm'
import { EDIT_KINDS, type Edits } from '@/core/new-edits'
import type { VersionedEdits } from '@/core/sheet'
import { type Job, jobSchema, type Opening, openingSchema } from '@/core/survey/job-record'
import type { Acting } from './acting'
import type { Db } from './connection'
import { insertEdits } from './edits'
import { company, job, member, opening } from './tables'

type JobRow = typeof job.$inferSelect
type OpeningRow = typeof opening.$inferSelect

const asJob = ({ companyId: _, ...row }: JobRow): Job => jobSchema.parse(row)
const asOpening = ({ companyId: _c, jobId: _j, ...row }: OpeningRow): Opening => openingSchema.parse(row)

/** The member behind an id; `null` when there is none. With the two that set a company up, the only queries without an acting member. */
export async function findMember(db: Db, id: string): Promise<Acting | null> {
  const [row] = await db.select().from(member).where(eq(member.id, id)).limit(1)
  return row ? { companyId: row.companyId, memberId: row.id, name: row.name } : null
}

/** The names of everybody of the company, in order. */
export async function listMembers(db: Db, acting: Acting): Promise<readonly string[]> {
  const rows = await db.select({ name: member.name }).from(member).where(eq(member.companyId, acting.companyId))
  return rows.map(row => row.name).sort()
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

/** The jobs of the company, at most so many: first those whose visit is still to come from `today` on, the next one on top,
 *  then those without a visit, then what is past. */
export async function listJobs(db: Db, acting: Acting, today: string, most: number): Promise<readonly Job[]> {
  const rows = await db
    .select()
    .from(job)
    .where(eq(job.companyId, acting.companyId))
    .orderBy(
      sql`case when ${job.visitOn} >= ${today} then 0 when ${job.visitOn} is null then 1 else 2 end`,
      asc(job.visitOn),
      asc(job.name),
      asc(job.id),
    )
    .limit(most)
  return rows.map(asJob)
}

/** How many openings each job of the company has. */
export async function countOpenings(db: Db, acting: Acting): Promise<ReadonlyMap<string, number>> {
  const rows = await db
    .select({ jobId: opening.jobId, count: sql<number>`count(*)` })
    .from(opening)
    .where(eq(opening.companyId, acting.companyId))
    .groupBy(opening.jobId)
  return new Map(rows.map(row => [row.jobId, Number(row.count)]))
}

/** A word to find openings by: itself, and the families it names. */
export type SearchWord = { readonly word: string; readonly families: readonly Opening['family'][] }

export type FoundOpening = Pick<Opening, 'id' | 'tag' | 'name' | 'family'> & {
  readonly jobId: string
  readonly jobName: string
  readonly site: string
  readonly visitOn: string | null
}

/** The openings of the whole company in which every word stands, in tag, name, family, job or site; the first so many, and how many there are. */
export async function findOpenings(
  db: Db,
  acting: Acting,
  words: readonly SearchWord[],
  most: number,
): Promise<{ readonly openings: readonly FoundOpening[]; readonly count: number }> {
  const text = sql`concat_ws(' ', ${opening.tag}, ${opening.name}, ${opening.family}, ${job.name}, ${job.site})`
  const has = ({ word, families }: SearchWord): SQL | undefined =>
    or(sql`locate(${word}, ${text}) > 0`, ...(families.length ? [inArray(opening.family, [...families])] : []))
  const where = and(eq(opening.companyId, acting.companyId), ...words.map(has))
  const joined = and(eq(job.companyId, opening.companyId), eq(job.id, opening.jobId))
  const [{ count } = { count: 0 }] = await db
    .select({ count: sql<number>`count(*)` })
    .from(opening)
    .innerJoin(job, joined)
    .where(where)
  const openings = await db
    .select({
      id: opening.id,
      tag: opening.tag,
      name: opening.name,
      family: opening.family,
      jobId: opening.jobId,
      jobName: job.name,
      site: job.site,
      visitOn: job.visitOn,
    })
    .from(opening)
    .innerJoin(job, joined)
    .where(where)
    .orderBy(asc(job.name), asc(opening.jobId), asc(opening.position))
    .limit(most)
  return {
    openings: openings.map(one => ({ ...one, family: openingSchema.shape.family.parse(one.family) })),
    count: Number(count),
  }
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

/** Adds an opening at the end of its job, with its edited records as they begin. */
export async function addOpening(
  db: Db,
  acting: Acting,
  jobId: string,
  one: Omit<Opening, 'position'>,
  first: Edits,
): Promise<void> {
  await db.transaction(async tx => {
    const [last] = await tx
      .select({ most: sql<number | null>`max(${opening.position})` })
      .from(opening)
      .where(and(eq(opening.companyId, acting.companyId), eq(opening.jobId, jobId)))
      .for('update')
    await insertOpening(tx, acting, jobId, { ...one, position: Number(last?.most ?? -1) + 1 })
    const edits = EDIT_KINDS.map(kind => [kind, { revision: 1, data: first[kind] }] as const)
    await insertEdits(tx, acting, one.id, Object.fromEntries(edits) as VersionedEdits)
  })
}

export async function insertOpening(db: Db, acting: Acting, jobId: string, one: Opening): Promise<void> {
  await db.insert(opening).values({ ...openingSchema.parse(one), jobId, companyId: acting.companyId })
}
