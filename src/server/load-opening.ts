import { type JobResult, job } from '@/core/job'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findJob, findOpening, listMembers, listOpenings } from '@/store/jobs'
import { listOrders } from '@/store/orders'
import { listPhotos } from '@/store/photos'
import { findSealChoice, findWishes, listAnswers, listLog, listReadings } from '@/store/records'
import { listUnits } from '@/store/units'
import { tradeWith } from '@/trade/trade'

/** Everything about one opening, with the catalogue where it was loaded already; `null` when this company has none such. */
export async function loadOpening(
  db: Db,
  acting: Acting,
  id: string,
  catalogue?: OpeningSheet['units'],
): Promise<OpeningSheet | null> {
  const found = await findOpening(db, acting, id)
  if (!found) return null
  const { opening, jobId } = found
  const [jobRow, openings, readings, answers, photos, members, wishes, sealChoice, log, orders, units] =
    await Promise.all([
      findJob(db, acting, jobId),
      listOpenings(db, acting, jobId),
      listReadings(db, acting, id),
      listAnswers(db, acting, id),
      listPhotos(db, acting, id),
      listMembers(db, acting),
      findWishes(db, acting, id),
      findSealChoice(db, acting, id),
      listLog(db, acting, id),
      listOrders(db, acting, jobId),
      catalogue ?? listUnits(db, acting),
    ])
  const at = openings.findIndex(one => one.id === id)
  return {
    job: jobRow!,
    opening,
    readings,
    answers,
    photos,
    members,
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
