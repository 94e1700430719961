import { asc, count, eq } from 'drizzle-orm'
import type { PlacingOf } from '@/core/plan/placing'
import type { Acting } from './acting'
import type { Db } from './connection'
import { placing } from './plan-tables'
import { PLACINGS } from './rows'

/** How often something was put on the plan of a company: what was put is never changed, so that a look that finds no more finds nothing new. */
export async function countPlacings(db: Db, acting: Acting): Promise<number> {
  const [row] = await db.select({ count: count() }).from(placing).where(eq(placing.companyId, acting.companyId))
  return row?.count ?? 0
}

/** Everything that was put on the plan of a company, in the order in which it was. */
export async function listPlacings(db: Db, acting: Acting): Promise<readonly PlacingOf[]> {
  const rows = await db
    .select()
    .from(placing)
    .where(eq(placing.companyId, acting.companyId))
    .orderBy(asc(placing.at), asc(placing.id))
  return rows.map(row => ({ ...PLACINGS.read(row), openingId: row.openingId }))
}
