import type { OwnLengths, TradeLengths } from '@/core/base/trade-lengths'
import type { Along } from '@/server/along'
import type { OrderView } from '@/server/load-order'
import type { Base, JobCopy, OrderCopy, SheetCopy } from './kept'
import { openBase } from './kept'

// What was taken along, so that it can be worked on where there is no signal.

const opened = new Map<string, Promise<Base>>()
/** The database of a member, opened once for a page. @throws where the browser keeps nothing. */
export function baseOf(member: string): Promise<Base> {
  const there = opened.get(member) ?? openBase(member)
  opened.set(member, there)
  there.catch(() => opened.delete(member))
  return there
}

/** How long what was taken along stays after it was last fetched. */
const STAYS_DAYS = 30

/** Puts what was fetched in the place of what lay there. What waits for the store is not touched. */
export async function keepAlong(base: Base, { jobs, openings, sheets, orders }: Along, now: Date): Promise<void> {
  const takenAt = now.toISOString()
  const stale = new Date(now.getTime() - STAYS_DAYS * 86_400_000).toISOString()
  await base.transaction('rw', base.jobs, base.sheets, base.orders, base.outbox, async () => {
    await base.jobs.bulkPut(jobs.map(page => ({ id: page.job.id, page, takenAt })))
    await base.sheets.bulkPut(
      sheets.map(one => ({ ...one, id: one.sheet.opening.id, jobId: one.sheet.job.id, takenAt })),
    )
    await base.orders.bulkPut(orders.map(view => ({ id: view.order.id, jobId: view.job.id, view, takenAt })))
    for (const { id } of openings) await base.sheets.update(id, { takenAt })
    for (const table of [base.jobs, base.sheets, base.orders]) await table.filter(one => one.takenAt < stale).delete()
  })
}

/** The sheets that are there, and as of which revision. */
export const haveAlong = async (base: Base): Promise<readonly { readonly id: string; readonly revision: number }[]> =>
  (await base.sheets.toArray()).map(({ id, revision }) => ({ id, revision }))

/** Takes what was taken along of a job off the device. */
export const dropJob = (base: Base, jobId: string): Promise<void> =>
  base.transaction('rw', base.jobs, base.sheets, base.orders, async () => {
    await base.jobs.delete(jobId)
    await base.sheets.where('jobId').equals(jobId).delete()
    await base.orders.where('jobId').equals(jobId).delete()
  })

/** What lies there of one job; `null` where it was not taken along. */
export async function copyOfJob(
  base: Base,
  id: string,
): Promise<{
  readonly job: JobCopy
  readonly sheets: readonly SheetCopy[]
  readonly orders: readonly OrderCopy[]
} | null> {
  const job = await base.jobs.get(id)
  if (!job) return null
  const [sheets, orders] = await Promise.all([
    base.sheets.where('jobId').equals(id).toArray(),
    base.orders.where('jobId').equals(id).toArray(),
  ])
  return { job, sheets, orders }
}

/** An order as it lies there; `null` where it was not taken along. */
export async function copyOfOrder(base: Base, id: string): Promise<OrderCopy | null> {
  const copy = await base.orders.get(id)
  return copy ? { ...copy, view: { ...copy.view, ownLengths: ownLengthsOf(copy.view) } } : null
}

/** Copies of before hold every length of the trade for each line. A new form of the database would end what is open in another tab. */
const ownLengthsOf = (view: OrderView | Before): readonly OwnLengths[] =>
  'lengths' in view ? view.lengths.map(one => Object.entries(one) as unknown as OwnLengths) : view.ownLengths
type Before = { readonly lengths: readonly TradeLengths[] }
