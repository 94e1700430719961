import { type JobResult, job, requestOf } from '@/core/job'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { listReceipts } from '@/store/exchange'
import { findFirm, findJobSchools } from '@/store/firm'
import { findJob, findOpening, listMembers, listOpenings } from '@/store/jobs'
import { listOrders } from '@/store/orders'
import { listPhotos } from '@/store/photos'
import { findSealChoice, findWishes, listAnswers, listLog, listReadings } from '@/store/records'
import { tradeWith } from '@/trade/trade'
import { catalogueOf, shortList } from './catalogue'

/** Everything about one opening, with what of the catalogue it needs; `null` when this company has none such. */
export async function loadOpening(db: Db, acting: Acting, id: string): Promise<OpeningSheet | null> {
  const found = await findOpening(db, acting, id)
  if (!found) return null
  const { opening, jobId } = found
  const [jobRow, openings, readings, answers, photos, members, wishes, sealChoice, log, all, firm, jobSchools] =
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
      findFirm(db, acting),
      findJobSchools(db, acting, jobId),
    ])
  const at = openings.findIndex(one => one.id === id)
  const holds = all.filter(order => order.lines.some(line => line.opening.id === id))
  const numbers = new Set(holds.map(order => order.number))
  const orders = all.filter(order => numbers.has(order.number))
  const bare = {
    job: jobRow!,
    opening,
    readings,
    answers,
    photos,
    members,
    wishes: wishes!,
    sealChoice: sealChoice!,
    log,
    orders,
    receipts: await listReceipts(
      db,
      acting,
      orders.map(one => one.id),
    ),
    firm: firm.data,
    jobSchools,
    neighbours: { before: openings[at - 1]?.id ?? null, after: openings[at + 1]?.id ?? null },
    memberName: acting.name,
  }
  return { ...bare, ...(await judged(db, acting, bare)) }
}

/** What of the catalogue the opening needs, judged by what stands in the store. */
async function judged(
  db: Db,
  acting: Acting,
  bare: Omit<OpeningSheet, 'units' | 'catalogue'>,
): Promise<Pick<OpeningSheet, 'units' | 'catalogue'>> {
  const catalogue = await catalogueOf(db, acting)
  const sheet = { ...bare, units: [], catalogue: { count: 0, possible: 0 } }
  const request = requestOf(recordsOf(sheet), tradeOf(sheet))
  return shortList(catalogue, bare.opening.family, request, bare.wishes.data.chosen?.unit ?? null)
}

/** The trade as it holds for an opening: as shipped, with the firm's and the job's own. */
export const tradeOf = (sheet: OpeningSheet) =>
  tradeWith(sheet.units, { firm: sheet.firm, jobSchools: sheet.jobSchools.data })

/** What the core says about a stored opening. */
export const resultOf = (sheet: OpeningSheet): JobResult => job(recordsOf(sheet), tradeOf(sheet))
