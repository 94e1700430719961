import { and, eq, gt, inArray } from 'drizzle-orm'
import type { Acting } from './acting'
import type { Db } from './connection'
import { logEntry } from './tables'

const ENDED = ['done', 'waived', 'reopened']

/** The openings on which a step was done, or taken up again, after a moment, ISO 8601. */
export async function openingsDoneSince(db: Db, acting: Acting, since: string): Promise<readonly string[]> {
  const rows = await db
    .select({ id: logEntry.openingId })
    .from(logEntry)
    .where(
      and(
        eq(logEntry.companyId, acting.companyId),
        eq(logEntry.kind, 'step'),
        inArray(logEntry.result, ENDED),
        gt(logEntry.at, since),
      ),
    )
    .groupBy(logEntry.openingId)
  return rows.map(one => one.id)
}
