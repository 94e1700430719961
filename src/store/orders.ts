import { and, asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/mysql-core'
import { type Order, type OrderLine, orderSchema } from '@/core/order/order'
import { LINE } from '@/core/records/records'
import { readRecord, versionOf } from '@/core/records/version'
import type { Job } from '@/core/survey/job-record'
import type { Acting } from './acting'
import { note } from './audit'
import { type Db, transact } from './connection'
import { withdrawal } from './exchange-tables'
import { lockCompany } from './firm'
import { grouped } from './grouped'
import { asJob } from './jobs'
import { company, job, orderLine, purchaseOrder } from './tables'

const ofLine = and(eq(orderLine.companyId, purchaseOrder.companyId), eq(orderLine.orderId, purchaseOrder.id))
const ofWithdrawal = and(eq(withdrawal.companyId, purchaseOrder.companyId), eq(withdrawal.orderId, purchaseOrder.id))
const ofJob = and(eq(job.companyId, purchaseOrder.companyId), eq(job.id, purchaseOrder.jobId))

/** Orders as rows: one for each line, with the job and what became of the whole. */
const selectOrders = (db: Db) =>
  db
    .select({ head: purchaseOrder, line: orderLine, ended: withdrawal, job })
    .from(purchaseOrder)
    .innerJoin(job, ofJob)
    .leftJoin(orderLine, ofLine)
    .leftJoin(withdrawal, ofWithdrawal)

type Row = Awaited<ReturnType<typeof selectOrders>>[number]

export type ListedOrder = { readonly order: Order; readonly job: Job }

/** The orders of rows, in the order they came. */
function ordersIn(rows: readonly Row[]): readonly ListedOrder[] {
  return [...grouped(rows.map(row => [row.head.id, row] as const)).values()].map(own => {
    const [{ head, ended, job: ofJob }] = own as [Row]
    const { companyId: _c, jobId: _j, ...rest } = head
    const lines = own.flatMap(row => row.line ?? []).sort((a, b) => a.line - b.line)
    const order = orderSchema.parse({
      ...rest,
      withdrawn: ended && { at: ended.at, by: ended.by, reason: ended.reason },
      lines: lines.map(line => readRecord(LINE, line.data, line.version)),
    })
    return { order, job: asJob(ofJob) }
  })
}

const mine = (acting: Acting) => eq(purchaseOrder.companyId, acting.companyId)
const OLDEST_FIRST = [asc(purchaseOrder.releasedAt), asc(purchaseOrder.id)] as const

/** The released orders of a job, the oldest first. */
export async function listOrders(db: Db, acting: Acting, jobId: string): Promise<readonly Order[]> {
  const rows = await selectOrders(db)
    .where(and(mine(acting), eq(purchaseOrder.jobId, jobId)))
    .orderBy(...OLDEST_FIRST)
  return ordersIn(rows).map(one => one.order)
}

/** By each opening the orders that hold or held it, every revision of them, the oldest first. */
export async function ordersOfOpenings(
  db: Db,
  acting: Acting,
  openingIds: readonly string[],
): Promise<ReadonlyMap<string, readonly Order[]>> {
  if (openingIds.length === 0) return new Map()
  const numbers = db
    .select({ number: purchaseOrder.number })
    .from(orderLine)
    .innerJoin(purchaseOrder, ofLine)
    .where(and(eq(orderLine.companyId, acting.companyId), inArray(orderLine.openingId, [...openingIds])))
  const rows = await selectOrders(db)
    .where(and(mine(acting), inArray(purchaseOrder.number, numbers)))
    .orderBy(...OLDEST_FIRST)
  const orders = ordersIn(rows).map(one => one.order)
  return new Map(
    openingIds.map(id => {
      const held = new Set(orders.filter(one => one.lines.some(line => line.opening.id === id)).map(one => one.number))
      return [id, orders.filter(one => held.has(one.number))]
    }),
  )
}

/** Released orders of the whole company, the newest first. */
export async function listAllOrders(db: Db, acting: Acting, most: number): Promise<readonly ListedOrder[]> {
  // No limit inside `in`: the newest are found first, as a table of their own.
  const newest = db
    .select({ id: purchaseOrder.id })
    .from(purchaseOrder)
    .where(mine(acting))
    .orderBy(desc(purchaseOrder.releasedAt), desc(purchaseOrder.id))
    .limit(most)
    .as('newest')
  const rows = await selectOrders(db)
    .innerJoin(newest, eq(newest.id, purchaseOrder.id))
    .where(mine(acting))
    .orderBy(desc(purchaseOrder.releasedAt), desc(purchaseOrder.id))
  return ordersIn(rows)
}

export async function findOrder(db: Db, acting: Acting, id: string): Promise<ListedOrder | null> {
  const rows = await selectOrders(db).where(and(mine(acting), eq(purchaseOrder.id, id)))
  return ordersIn(rows)[0] ?? null
}

/** Every revision of an order, the oldest first; empty when the company has none such. */
export async function orderChain(db: Db, acting: Acting, id: string): Promise<readonly ListedOrder[]> {
  const number = db
    .select({ number: purchaseOrder.number })
    .from(purchaseOrder)
    .where(and(mine(acting), eq(purchaseOrder.id, id)))
  const rows = await selectOrders(db)
    .where(and(mine(acting), inArray(purchaseOrder.number, number)))
    .orderBy(...OLDEST_FIRST)
  return ordersIn(rows)
}

/** Takes an order back as a whole, once: `false` where it was taken back already, and its first reason stays. Nobody changes it meanwhile. */
export async function withdrawOrder(
  db: Db,
  acting: Acting,
  orderId: string,
  { at, by, reason }: NonNullable<Order['withdrawn']>,
): Promise<boolean> {
  await lockCompany(db, acting)
  const [result] = await db.insert(withdrawal).ignore().values({ companyId: acting.companyId, orderId, at, by, reason })
  return result.affectedRows === 1
}

export type Release = {
  readonly id: string
  readonly releasedAt: string
  readonly maker: string
  readonly lines: readonly OrderLine[]
  /** The released state this one takes the place of; `null` for a new order. */
  readonly supersedes: string | null
}

/** What became of a release: the order, or why there is none: what it supersedes is not there or was superseded by another already, or
 *  an opening of it stands on another order. */
export type ReleaseResult =
  | { readonly ok: true; readonly order: Order }
  | { readonly ok: false; readonly why: 'superseded' }
  | { readonly ok: false; readonly why: 'withdrawn' }
  | { readonly ok: false; readonly why: 'ordered-already'; readonly tag: string; readonly number: string }

/** Releases an order with the next free number of the company, or the next revision of one. Sent twice with the same id, it is released
 *  once; an opening is on one standing order at most. */
export async function releaseOrder(db: Db, acting: Acting, jobId: string, asked: Release): Promise<ReleaseResult> {
  return transact(db, async tx => {
    await lockCompany(tx, acting)
    const already = await findOrder(tx, acting, asked.id)
    if (already) return { ok: true, order: already.order }
    const numbered =
      asked.supersedes === null ? await newNumber(tx, acting) : await nextRevision(tx, acting, jobId, asked.supersedes)
    if (typeof numbered === 'string') return { ok: false, why: numbered }
    const taken = await orderedAlready(tx, acting, jobId, asked)
    if (taken) return taken
    const order: Order = { ...asked, ...numbered, releasedBy: acting.name, withdrawn: null, lines: [...asked.lines] }
    await insertOrder(tx, acting, jobId, order)
    const { number, revision, maker } = order
    await note(tx, acting, {
      verb: 'released',
      subject: 'order',
      subjectId: order.id,
      about: number,
      after: { revision, maker, lines: order.lines.map(line => line.opening.tag) },
    })
    return { ok: true, order }
  })
}

/** The first opening of a release that stands on another order. */
async function orderedAlready(
  db: Db,
  acting: Acting,
  jobId: string,
  { lines, supersedes }: Release,
): Promise<ReleaseResult | null> {
  const later = alias(purchaseOrder, 'later')
  const standing = await db
    .select({ id: purchaseOrder.id, number: purchaseOrder.number, openingId: orderLine.openingId })
    .from(orderLine)
    .innerJoin(
      purchaseOrder,
      and(eq(purchaseOrder.companyId, orderLine.companyId), eq(purchaseOrder.id, orderLine.orderId)),
    )
    .leftJoin(later, and(eq(later.companyId, purchaseOrder.companyId), eq(later.supersedes, purchaseOrder.id)))
    .leftJoin(
      withdrawal,
      and(eq(withdrawal.companyId, purchaseOrder.companyId), eq(withdrawal.orderId, purchaseOrder.id)),
    )
    .where(
      and(
        eq(purchaseOrder.companyId, acting.companyId),
        eq(purchaseOrder.jobId, jobId),
        inArray(
          orderLine.openingId,
          lines.map(line => line.opening.id),
        ),
        isNull(later.id),
        isNull(withdrawal.orderId),
      ),
    )
  for (const { opening } of lines) {
    const other = standing.find(one => one.openingId === opening.id && one.id !== supersedes)
    if (other) return { ok: false, why: 'ordered-already', tag: opening.tag, number: other.number }
  }
  return null
}

type Numbered = Pick<Order, 'number' | 'revision'>

async function nextRevision(
  db: Db,
  acting: Acting,
  jobId: string,
  supersedes: string,
): Promise<Numbered | 'superseded' | 'withdrawn'> {
  const before = await findOrder(db, acting, supersedes)
  if (before?.job.id !== jobId) return 'superseded'
  // What was taken back is ordered anew, not taken up again.
  if (before.order.withdrawn) return 'withdrawn'
  const { number, revision } = before.order
  const [later] = await db
    .select({ id: purchaseOrder.id })
    .from(purchaseOrder)
    .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.supersedes, supersedes)))
    .limit(1)
  return later ? 'superseded' : { number, revision: revision + 1 }
}

/** The next number of the company's counter that no order that came with a file bears already. */
async function newNumber(db: Db, acting: Acting): Promise<Numbered> {
  for (;;) {
    const [counted] = await db
      .update(company)
      .set({ orderSeq: sql`last_insert_id(${company.orderSeq} + 1)` })
      .where(eq(company.id, acting.companyId))
    const number = `H-${String(counted.insertId).padStart(4, '0')}`
    const taken = await db
      .select({ id: purchaseOrder.id })
      .from(purchaseOrder)
      .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.number, number)))
      .limit(1)
    if (taken.length === 0) return { number, revision: 1 }
  }
}

export async function insertOrder(db: Db, acting: Acting, jobId: string, order: Order): Promise<void> {
  const { lines, withdrawn, ...head } = orderSchema.parse(order)
  await db.insert(purchaseOrder).values({ ...head, jobId, companyId: acting.companyId })
  await db.insert(orderLine).values(
    lines.map((data, i) => ({
      companyId: acting.companyId,
      orderId: order.id,
      line: i + 1,
      openingId: data.opening.id,
      version: versionOf(LINE),
      data,
    })),
  )
  if (withdrawn) await withdrawOrder(db, acting, order.id, withdrawn)
}
