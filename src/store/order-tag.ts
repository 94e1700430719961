import { and, eq, sql } from 'drizzle-orm'
import type { Acting } from './acting'
import type { Db } from './connection'
import { outgoing } from './exchange-tables'
import { firm } from './list-tables'
import { company, purchaseOrder } from './tables'

const own = sql`${purchaseOrder.companyId}`
/** The ids of every revision of the order. */
const chain = sql`(select r.id from purchase_order r where r.company_id = ${own} and r.number = ${purchaseOrder.number})`
const count = (table: string) =>
  sql`(select count(*) from ${sql.identifier(table)} x where x.company_id = ${own} and x.order_id in ${chain})`

/** What changes with everything an order's page shows, in one statement; `null` when the company has no such order. */
export async function orderTag(db: Db, acting: Acting, id: string): Promise<string | null> {
  const onItsWay = sql`(select group_concat(concat_ws(':', o.id, o.state, o.attempts, o.due_at, o.trouble) order by o.id) from ${outgoing} o where o.company_id = ${own} and o.order_id = ${purchaseOrder.id})`
  const openings = sql`(select group_concat(distinct s.revision order by s.opening_id) from order_line l join opening_state s on s.company_id = l.company_id and s.opening_id = l.opening_id where l.company_id = ${own} and l.order_id = ${purchaseOrder.id})`
  const [row] = await db
    .select({
      tag: sql<string>`sha2(concat_ws('|', ${count('desk_answer')}, ${count('decision')}, ${count('receipt')}, ${count('withdrawal')}, ${onItsWay}, ${openings}, ${firm.revision}, ${company.name}, (select count(*) from purchase_order r where r.company_id = ${own} and r.number = ${purchaseOrder.number})), 256)`,
    })
    .from(purchaseOrder)
    .innerJoin(company, eq(company.id, purchaseOrder.companyId))
    .leftJoin(firm, eq(firm.companyId, purchaseOrder.companyId))
    .where(and(eq(purchaseOrder.companyId, acting.companyId), eq(purchaseOrder.id, id)))
    .limit(1)
  return row?.tag ?? null
}
