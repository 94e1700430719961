import { and, eq, sql } from 'drizzle-orm'
import type { Acting } from './acting'
import type { Db } from './connection'
import { catalogueState, firm } from './list-tables'
import { prepared } from './prepared'
import { openingState } from './state-table'
import { job, jobSchools, opening } from './tables'

/** What changes with everything a job's page shows of it and its openings, in one statement; `null` when the company has none such. */
export async function jobStanding(db: Db, acting: Acting, id: string): Promise<string | null> {
  const [row] = await STANDING(db).execute({ company: acting.companyId, id })
  return row?.standing ?? null
}

const STANDING = prepared(db => {
  const own = sql`${job.companyId}`
  // An opening that is renamed, moved or put away counts up as well.
  const openings = sql`(select group_concat(o.id, ':', coalesce(s.revision, 0) order by o.id) from ${opening} o left join ${openingState} s on s.company_id = o.company_id and s.opening_id = o.id where o.company_id = ${own} and o.job_id = ${job.id})`
  const revision = (table: typeof firm | typeof catalogueState) =>
    sql`coalesce((select r.revision from ${table} r where r.company_id = ${own}), 0)`
  return db
    .select({
      standing: sql<string>`sha2(concat_ws('/', ${revision(firm)}, ${revision(catalogueState)}, ${job.revision}, coalesce(${jobSchools.revision}, 0), ${openings}), 256)`,
    })
    .from(job)
    .leftJoin(jobSchools, and(eq(jobSchools.companyId, job.companyId), eq(jobSchools.jobId, job.id)))
    .where(and(eq(job.companyId, sql.placeholder('company')), eq(job.id, sql.placeholder('id'))))
    .limit(1)
    .prepare()
})
