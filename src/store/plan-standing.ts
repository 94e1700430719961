import { eq, sql } from 'drizzle-orm'
import type { Acting } from './acting'
import type { Db } from './connection'
import { answerFromDesk } from './exchange-tables'
import { catalogueState, firm } from './list-tables'
import { placing } from './plan-tables'
import { openingState } from './state-table'
import { company, job, jobSchools } from './tables'

/** How often anything was changed that a plan is made of. Each of these only ever counts up: while all are the same, so is all that is stored. */
const standingOf = ({ companyId }: Acting) => sql<string>`concat_ws('/',
  coalesce((select max(revision) from ${firm} where company_id = ${companyId}), 0),
  coalesce((select max(revision) from ${catalogueState} where company_id = ${companyId}), 0),
  (select concat(count(*), '.', coalesce(sum(revision), 0)) from ${job} where company_id = ${companyId}),
  (select concat(count(*), '.', coalesce(sum(revision), 0)) from ${jobSchools} where company_id = ${companyId}),
  (select concat(count(*), '.', coalesce(sum(revision), 0)) from ${openingState} where company_id = ${companyId}),
  (select count(*) from ${answerFromDesk} where company_id = ${companyId}),
  (select count(*) from ${placing} where company_id = ${companyId}))`

/** How everything stands that the plan of a company is made of, in one statement; it is another text after any change. */
export async function planStanding(db: Db, acting: Acting): Promise<string> {
  const [row] = await db
    .select({ standing: standingOf(acting) })
    .from(company)
    .where(eq(company.id, acting.companyId))
  return row?.standing ?? ''
}
