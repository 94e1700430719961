import { requestFrom } from '@/core/ask-work'
import { DOORS } from '@/core/doors/doors'
import { asWritten, type OpeningSheet, recordsOf, zoneOf } from '@/core/sheet'
import { type Work, work } from '@/core/work'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findEdits } from '@/store/edits'
import { findFirm, findJobSchools } from '@/store/firm'
import { findJob, findOpening, listMembers, listOpenings } from '@/store/jobs'
import { listOrders } from '@/store/orders'
import { listPhotos } from '@/store/photos'
import { ANSWERS, LOG_ENTRIES, listRows, READINGS, RECEIPTS } from '@/store/rows'
import { tradeWith } from '@/trade/trade'
import { catalogueOf, shortList } from './catalogue'

/** Everything about one opening, with what of the catalogue it needs; `null` when this company has none such. */
export async function loadOpening(db: Db, acting: Acting, id: string): Promise<OpeningSheet | null> {
  const found = await findOpening(db, acting, id)
  if (!found) return null
  const { opening, jobId } = found
  const [jobRow, openings, readings, answers, photos, members, edits, log, all, firm, jobSchools] = await Promise.all([
    findJob(db, acting, jobId),
    listOpenings(db, acting, jobId),
    listRows(db, READINGS, acting, [id]),
    listRows(db, ANSWERS, acting, [id]),
    listPhotos(db, acting, id),
    listMembers(db, acting),
    findEdits(db, acting, id),
    listRows(db, LOG_ENTRIES, acting, [id]),
    listOrders(db, acting, jobId),
    findFirm(db, acting),
    findJobSchools(db, acting, jobId),
  ])
  const at = openings.findIndex(one => one.id === id)
  const holds = all.filter(order => order.lines.some(line => line.opening.id === id))
  const numbers = new Set(holds.map(order => order.number))
  const orders = all.filter(order => numbers.has(order.number))
  const bare = {
    job: asWritten(jobRow!, firm.data.numbers),
    opening,
    readings,
    answers,
    photos,
    members,
    edits,
    log,
    orders,
    receipts: await listRows(
      db,
      RECEIPTS,
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
  const chosen = bare.edits.order.data.chosen?.unit ?? null
  const index = chosen === null ? undefined : catalogue.byId.get(chosen)
  const trade = tradeOf({ ...sheet, units: index === undefined ? [] : [catalogue.units[index]!] })
  return shortList(catalogue, DOORS[bare.opening.family].takes, requestFrom(recordsOf(sheet), trade), chosen)
}

/** The trade as it holds for an opening: as shipped, with the firm's and the job's own. */
export const tradeOf = (sheet: OpeningSheet) =>
  tradeWith(sheet.units, {
    firm: sheet.firm,
    jobSchools: sheet.jobSchools.data,
    zone: zoneOf(sheet.job, sheet.firm),
  })

/** What the core says about a stored opening. */
export const workOf = (sheet: OpeningSheet, now = new Date()): Work =>
  work(recordsOf(sheet), tradeOf(sheet), now.toISOString())
