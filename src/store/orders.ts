import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import { type Order, type OrderLine, orderLineSchema, orderSchema } from '@/core/order/order'
import type { Acting } from './acting'
import type { Db } from './connection'
import { company, orderLine, purchaseOrder } from './tables'

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
  return rows.map(({ companyId: _c, jobId: _j, ...row }) =>
    orderSchema.parse({
      ...row,
      lines: lines.filter(line => line.orderId === row.id).map(line => orderLineSchema.parse(line.data)),
    }),
  )
}

/** Releases an order with the next free number of the company. Sent twice with the same id, it is released once. */
export async function releaseOrder(
  db: Db,
  acting: Acting,
  jobId: string,
  id: string,
  releasedAt: string,
  lines: readonly OrderLine[],
): Promise<Order> {
  return db.transaction(async tx => {
    await tx.select().from(company).where(eq(company.id, acting.companyId)).for('update')
    const already = await findOrder(tx, acting, id)
    if (already) return already.order
    const [{ count } = { count: 0 }] = await tx
      .select({ count: sql<number>`count(*)` })
      .from(purchaseOrder)
      .where(eq(purchaseOrder.companyId, acting.companyId))
    const number = await freeNumber(tx, acting, Number(count) + 1)
    const order: Order = { id, number, releasedAt, releasedBy: acting.name, lines: [...lines] }
    await insertOrder(tx, acting, jobId, order)
    return order
  })
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
  const { lines, ...head } = orderSchema.parse(order)
  await db.insert(purchaseOrder).values({ ...head, jobId, companyId: acting.companyId })
  await db.insert(orderLine).values(
    lines.map((data, i) => ({
      companyId: acting.companyId,
      orderId: order.id,
      line: i + 1,
      openingId: data.opening.id,
      data,
    })),
  )
}
