import { asc, eq, getTableColumns, sql } from 'drizzle-orm'
import type { Timed } from '@/core/plan/own-pace'
import type { PlacingOf } from '@/core/plan/placing'
import type { Acting } from './acting'
import type { Db } from './connection'
import { placing } from './plan-tables'
import { prepared } from './prepared'
import { PLACINGS } from './rows'
import { openingState } from './state-table'

const NONE: Timed = { planned: 0, taken: 0, count: 0 }

/** How long the steps of a company took that were timed, as its openings were summed up last: one row. */
const TIMED = sql`select coalesce(sum(step.planned), 0) as planned, coalesce(sum(step.taken), 0) as taken, count(step.planned) as times
    from ${openingState}, json_table(${openingState.after}, '$.figures.steps[*]' columns (planned int path '$.planned', taken int path '$.taken')) as step
    where ${openingState.companyId} = ${sql.placeholder('company')} and ${openingState.after} is not null`

const COLUMNS = {
  planned: sql<number>`timed.planned`.mapWith(Number),
  taken: sql<number>`timed.taken`.mapWith(Number),
  count: sql<number>`timed.times`.mapWith(Number),
}

/** How long the steps of a company took that were timed. */
export async function timedSteps(db: Db, acting: Acting): Promise<Timed> {
  const [row] = await TIMES(db).execute({ company: acting.companyId })
  return row ?? NONE
}
const TIMES = prepared(db => db.select(COLUMNS).from(sql`(${TIMED}) as timed`).prepare())

/** Everything that was put on the plan of a company, in the order in which it was, and how long its timed steps took: in one statement. Where nothing is on
 *  the plan nothing goes by that. */
export async function placingsAndTimes(
  db: Db,
  acting: Acting,
): Promise<{ readonly placings: readonly PlacingOf[]; readonly timed: Timed }> {
  const rows = await PLACED(db).execute({ company: acting.companyId })
  const [first] = rows
  return {
    placings: rows.map(({ planned: _p, taken: _t, count: _c, ...row }) => ({
      ...PLACINGS.read(row),
      openingId: row.openingId,
    })),
    timed: first ? { planned: first.planned, taken: first.taken, count: first.count } : NONE,
  }
}

const PLACED = prepared(db =>
  db
    .select({ ...getTableColumns(placing), ...COLUMNS })
    .from(placing)
    .innerJoin(sql`(${TIMED}) as timed`, sql`true`)
    .where(eq(placing.companyId, sql.placeholder('company')))
    .orderBy(asc(placing.at), asc(placing.id))
    .prepare(),
)
