import { and, asc, desc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/mysql-core'
import { type Order, type OrderLine, orderSchema } from '@/core/order/order'
import { LINE } from '@/core/records/records'
import { readRecord, versionOf } from '@/core/records/version'
import type { Acting } from './acting'
import { type Db, transact } from './connection'
import { withdrawal } from './exchange-tables'
import { company, job, orderLine, purchaseOrder } from './tables'

type Row = typeof purchaseOrder.$inferSelect

/** The released orders of a job, the oldest first. */
export async function listOrders(db: Db, acting: Acting, jobId: string): Promise<readonly Order[]> {
  const rows = await db
    .select()
    .from(purchaseOrder)
    .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.jobId, jobId)))
    .orderBy(asc(purchaseOrder.releasedAt), asc(purchaseOrder.id))
  return withLines(db, acting, rows)
}

export type ListedOrder = { readonly order: Order; readonly jobId: string; readonly jobName: string }

/** Released orders of the whole company, the newest first. */
export async function listAllOrders(db: Db, acting: Acting, most: number): Promise<readonly ListedOrder[]> {
  const rows = await db
    .select({ order: purchaseOrder, jobName: job.name })
    .from(purchaseOrder)
    .innerJoin(job, and(eq(job.companyId, purchaseOrder.companyId), eq(job.id, purchaseOrder.jobId)))
    .where(eq(purchaseOrder.companyId, acting.companyId))
    .orderBy(desc(purchaseOrder.releasedAt), desc(purchaseOrder.id))
    .limit(most)
  const orders = await withLines(
    db,
    acting,
    rows.map(row => row.order),
  )
  return orders.map((order, i) => ({ order, jobId: rows[i]!.order.jobId, jobName: rows[i]!.jobName }))
}

export async function findOrder(
  db: Db,
  acting: Acting,
  id: string,
): Promise<{ readonly order: Order; readonly jobId: string } | null> {
  const rows = await db
    .select()
    .from(purchaseOrder)
    .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.id, id)))
    .limit(1)
  const [order] = await withLines(db, acting, rows)
  return order ? { order, jobId: rows[0]!.jobId } : null
}

async function withLines(db: Db, acting: Acting, rows: readonly Row[]): Promise<readonly Order[]> {
  if (rows.length === 0) return []
  const lines = await db
    .select()
    .from(orderLine)
    .where(
      and(
        eq(orderLine.companyId, acting.companyId),
        inArray(
          orderLine.orderId,
          rows.map(row => row.id),
        ),
      ),
    )
    .orderBy(asc(orderLine.line))
  const ended = await withdrawals(
    db,
    acting,
    rows.map(row => row.id),
  )
  return rows.map(({ companyId: _c, jobId: _j, ...row }) =>
    orderSchema.parse({
      ...row,
      withdrawn: ended.get(row.id) ?? null,
      lines: lines.filter(line => line.orderId === row.id).map(line => readRecord(LINE, line.data, line.version)),
    }),
  )
}

async function withdrawals(
  db: Db,
  acting: Acting,
  ids: readonly string[],
): Promise<ReadonlyMap<string, NonNullable<Order['withdrawn']>>> {
  const rows = await db
    .select()
    .from(withdrawal)
    .where(and(eq(withdrawal.companyId, acting.companyId), inArray(withdrawal.orderId, [...ids])))
  return new Map(rows.map(({ orderId, at, by, reason }) => [orderId, { at, by, reason }]))
}

/** Takes an order back as a whole, once; the first reason stays. */
export async function withdrawOrder(
  db: Db,
  acting: Acting,
  orderId: string,
  { at, by, reason }: NonNullable<Order['withdrawn']>,
): Promise<void> {
  await db.insert(withdrawal).ignore().values({ companyId: acting.companyId, orderId, at, by, reason })
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
  | { readonly ok: false; readonly why: 'ordered-already'; readonly tag: string; readonly number: string }

/** Releases an order with the next free number of the company, or the next revision of one. Sent twice with the same id, it is released
 *  once; an opening is on one standing order at most. */
export async function releaseOrder(db: Db, acting: Acting, jobId: string, asked: Release): Promise<ReleaseResult> {
  return transact(db, async tx => {
    await tx.select().from(company).where(eq(company.id, acting.companyId)).for('update')
    const already = await findOrder(tx, acting, asked.id)
    if (already) return { ok: true, order: already.order }
    const numbered = asked.supersedes === null ? await newNumber(tx, acting) : await nextRevision(tx, acting, asked)
    if (!numbered) return { ok: false, why: 'superseded' }
    const taken = await orderedAlready(tx, acting, jobId, asked)
    if (taken) return taken
    const order: Order = { ...asked, ...numbered, releasedBy: acting.name, withdrawn: null, lines: [...asked.lines] }
    await insertOrder(tx, acting, jobId, order)
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

async function nextRevision(db: Db, acting: Acting, { supersedes }: Release): Promise<Numbered | null> {
  const before = await findOrder(db, acting, supersedes!)
  if (!before) return null
  const { number, revision } = before.order
  const [later] = await db
    .select({ id: purchaseOrder.id })
    .from(purchaseOrder)
    .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.supersedes, supersedes!)))
    .limit(1)
  return later ? null : { number, revision: revision + 1 }
}

async function newNumber(db: Db, acting: Acting): Promise<Numbered> {
  const [{ count } = { count: 0 }] = await db
    .select({ count: sql<number>`count(distinct ${purchaseOrder.number})` })
    .from(purchaseOrder)
    .where(eq(purchaseOrder.companyId, acting.companyId))
  return { number: await freeNumber(db, acting, Number(count) + 1), revision: 1 }
}

async function freeNumber(db: Db, acting: Acting, from: number): Promise<string> {
  for (let n = from; ; n++) {
    const number = `H-${String(n).padStart(4, '0')}`
    const taken = await db
      .select({ id: purchaseOrder.id })
      .from(purchaseOrder)
      .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.number, number)))
      .limit(1)
    if (taken.length === 0) return number
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
