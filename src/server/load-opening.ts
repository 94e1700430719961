import { type JobResult, job } from '@/core/job'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findJob, findOpening, listOpenings } from '@/store/jobs'
import { listOrders } from '@/store/orders'
import { findSealChoice, findWishes, listLog, listReadings } from '@/store/records'
import { listUnits } from '@/store/units'
import { tradeWith } from '@/trade/trade'

/** Everything about one opening; `null` when this company has none such. */
export async function loadOpening(db: Db, acting: Acting, id: string): Promise<OpeningSheet | null> {
  const found = await findOpening(db, acting, id)
  if (!found) return null
  const { opening, jobId } = found
  const [jobRow, openings, readings, wishes, sealChoice, log, orders, units] = await Promise.all([
    findJob(db, acting, jobId),
    listOpenings(db, acting, jobId),
    listReadings(db, acting, id),
    findWishes(db, acting, id),
    findSealChoice(db, acting, id),
    listLog(db, acting, id),
    listOrders(db, acting, jobId),
    listUnits(db, acting),
  ])
  const at = openings.findIndex(one => one.id === id)
  return {
    job: jobRow!,
    opening,
    readings,
    wishes: wishes!,
    sealChoice: sealChoice!,
    log,
    units,
    orders: orders.filter(order => order.lines.some(line => line.opening.id === id)),
    neighbours: { before: openings[at - 1]?.id ?? null, after: openings[at + 1]?.id ?? null },
    memberName: acting.name,
  }
}

/** What the core says about a stored opening. */
export const resultOf = (sheet: OpeningSheet): JobResult => job(recordsOf(sheet), tradeWith(sheet.units))
