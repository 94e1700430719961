import { sql } from 'drizzle-orm'
import type { Timed } from '@/core/plan/own-pace'
import type { Acting } from './acting'
import type { Db } from './connection'
import { openingState } from './state-table'

/** How long the steps of a company took that were timed, as its openings were summed up last. */
export async function timedSteps(db: Db, { companyId }: Acting): Promise<Timed> {
  const steps = sql`json_table(${openingState.after}, '$.figures.steps[*]' columns (planned int path '$.planned', taken int path '$.taken')) as step`
  const [row] = await db
    .select({
      planned: sql<number>`coalesce(sum(step.planned), 0)`.mapWith(Number),
      taken: sql<number>`coalesce(sum(step.taken), 0)`.mapWith(Number),
      count: sql<number>`count(step.planned)`.mapWith(Number),
    })
    .from(sql`${openingState}, ${steps}`)
    .where(sql`${openingState.companyId} = ${companyId} and ${openingState.after} is not null`)
  return row ?? { planned: 0, taken: 0, count: 0 }
}
