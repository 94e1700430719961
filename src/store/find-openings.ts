import { and, asc, eq, inArray, isNull, or, type SQL, sql } from 'drizzle-orm'
import { type Opening, openingSchema } from '@/core/survey/job-record'
import type { Acting } from './acting'
import type { Db } from './connection'
import { job, opening } from './tables'

/** How many openings each job of the company has. */
export async function countOpenings(db: Db, acting: Acting): Promise<ReadonlyMap<string, number>> {
  const rows = await db
    .select({ jobId: opening.jobId, count: sql<number>`count(*)` })
    .from(opening)
    .where(and(eq(opening.companyId, acting.companyId), isNull(opening.archivedAt)))
    .groupBy(opening.jobId)
  return new Map(rows.map(row => [row.jobId, Number(row.count)]))
}

/** The openings of the company whose label has this code, that are not put away. */
export async function openingsByCode(db: Db, acting: Acting, code: string): Promise<readonly string[]> {
  const rows = await db
    .select({ id: opening.id })
    .from(opening)
    .where(
      and(eq(opening.companyId, acting.companyId), isNull(opening.archivedAt), sql`right(${opening.id}, 8) = ${code}`),
    )
    .limit(20)
  return rows.map(one => one.id)
}

/** A word to find openings by: itself, the families it names, the label it is the code of. */
export type SearchWord = {
  readonly word: string
  readonly families: readonly Opening['family'][]
  /** The eight signs of a label, where it is such; `null` else. */
  readonly code: string | null
}

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
  const has = ({ word, families, code }: SearchWord): SQL | undefined =>
    or(
      sql`locate(${word}, ${text}) > 0`,
      code === null ? undefined : sql`right(${opening.id}, 8) = ${code}`,
      ...(families.length ? [inArray(opening.family, [...families])] : []),
    )
  const here = and(isNull(opening.archivedAt), isNull(job.archivedAt))
  const where = and(eq(opening.companyId, acting.companyId), here, ...words.map(has))
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
