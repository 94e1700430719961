import { and, asc, desc, eq, gt, isNull, lte, type SQL, sql } from 'drizzle-orm'
import type { Acting } from './acting'
import type { Db } from './connection'
import { answerFromDesk } from './exchange-tables'
import { openingState } from './state-table'
import { job, opening, orderLine, purchaseOrder } from './tables'

// What is found beside openings, and what happened while nobody looked.

export type FoundJob = { readonly id: string; readonly name: string; readonly site: string; readonly customer: string }
export type FoundOrder = {
  readonly id: string
  readonly number: string
  readonly revision: number
  readonly maker: string
  readonly jobName: string
}

const hasAll = (text: SQL, words: readonly string[]) => words.map(word => sql`locate(${word}, ${text}) > 0`)

/** The jobs in which every word stands: in their name, address, customer or delivery; put away or not. */
export async function findJobs(
  db: Db,
  acting: Acting,
  words: readonly string[],
  most: number,
): Promise<readonly FoundJob[]> {
  const text = sql`concat_ws(' ', ${job.name}, ${job.site}, ${job.customerName}, ${job.customerPhone}, ${job.customerEmail}, ${job.delivery})`
  return db
    .select({ id: job.id, name: job.name, site: job.site, customer: job.customerName })
    .from(job)
    .where(and(eq(job.companyId, acting.companyId), ...hasAll(text, words)))
    .orderBy(asc(job.name), asc(job.id))
    .limit(most)
}

/** The latest revision of the orders in which every word stands: in number, maker, job, customer, or the tag of an opening. */
export async function findOrders(
  db: Db,
  acting: Acting,
  words: readonly string[],
  most: number,
): Promise<readonly FoundOrder[]> {
  const tags = sql`(select group_concat(o.tag, ' ', o.name separator ' ') from ${orderLine} l join ${opening} o on o.company_id = l.company_id and o.id = l.opening_id where l.company_id = ${purchaseOrder.companyId} and l.order_id = ${purchaseOrder.id})`
  const text = sql`concat_ws(' ', ${purchaseOrder.number}, ${purchaseOrder.maker}, ${job.name}, ${job.customerName}, ${tags})`
  const isLatest = sql`not exists (select 1 from purchase_order as later where later.company_id = ${purchaseOrder.companyId} and later.supersedes = ${purchaseOrder.id})`
  const { id, number, revision, maker } = purchaseOrder
  return db
    .select({ id, number, revision, maker, jobName: job.name })
    .from(purchaseOrder)
    .innerJoin(job, and(eq(job.companyId, purchaseOrder.companyId), eq(job.id, purchaseOrder.jobId)))
    .where(and(eq(purchaseOrder.companyId, acting.companyId), isLatest, ...hasAll(text, words)))
    .orderBy(desc(purchaseOrder.releasedAt), asc(purchaseOrder.id))
    .limit(most)
}

/** Something that happened: a supplier answered, or what was waited for on an opening is over. */
export type News =
  | {
      readonly kind: 'answered'
      readonly at: string
      readonly id: string
      readonly number: string
      readonly maker: string
    }
  | { readonly kind: 'over'; readonly at: string; readonly id: string; readonly tag: string; readonly name: string }

/** What happened after a moment, the latest first. */
export async function listNews(
  db: Db,
  acting: Acting,
  since: string,
  now: string,
  most: number,
): Promise<readonly News[]> {
  const [answered, over] = await Promise.all([
    db
      .select({
        at: answerFromDesk.receivedAt,
        id: purchaseOrder.id,
        number: purchaseOrder.number,
        maker: purchaseOrder.maker,
      })
      .from(answerFromDesk)
      .innerJoin(
        purchaseOrder,
        and(eq(purchaseOrder.companyId, answerFromDesk.companyId), eq(purchaseOrder.id, answerFromDesk.orderId)),
      )
      .where(and(eq(answerFromDesk.companyId, acting.companyId), gt(answerFromDesk.receivedAt, since)))
      .orderBy(desc(answerFromDesk.receivedAt))
      .limit(most),
    db
      .select({ at: openingState.freshUntil, id: opening.id, tag: opening.tag, name: opening.name })
      .from(openingState)
      .innerJoin(opening, and(eq(opening.companyId, openingState.companyId), eq(opening.id, openingState.openingId)))
      .where(
        and(
          eq(openingState.companyId, acting.companyId),
          gt(openingState.freshUntil, since),
          lte(openingState.freshUntil, now),
          isNull(opening.archivedAt),
        ),
      )
      .orderBy(desc(openingState.freshUntil))
      .limit(most),
  ])
  const news: readonly News[] = [
    ...answered.map(one => ({ kind: 'answered' as const, ...one })),
    ...over.flatMap(({ at, ...one }) => (at === null ? [] : [{ kind: 'over' as const, at, ...one }])),
  ]
  return [...news].sort((a, b) => b.at.localeCompare(a.at)).slice(0, most)
}
