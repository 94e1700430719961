import { and, eq, sql } from 'drizzle-orm'
import type { MySqlColumn } from 'drizzle-orm/mysql-core'
import type { Acting } from './acting'
import type { Db } from './connection'
import { outgoing } from './exchange-tables'
import { catalogueState, firm } from './list-tables'
import { prepared } from './prepared'
import { company, job, jobSchools, purchaseOrder } from './tables'

const own = sql`${purchaseOrder.companyId}`
/** The ids of every revision of the order. */
const chain = sql`(select r.id from purchase_order r where r.company_id = ${own} and r.number = ${purchaseOrder.number})`
const count = (table: string) =>
  sql`(select count(*) from ${sql.identifier(table)} x where x.company_id = ${own} and x.order_id in ${chain})`

/** What joins others by `|` leaves out what is null: then one would stand where another did. */
const orNone = (column: MySqlColumn) => sql`coalesce(${column}, 'none')`

/** What changes with everything an order's page shows, in one statement; `null` when the company has no such order. */
export async function orderTag(db: Db, acting: Acting, id: string): Promise<string | null> {
  const [row] = await TAG(db).execute({ company: acting.companyId, id })
  return row?.tag ?? null
}

const TAG = prepared(db => {
  const onItsWay = sql`(select group_concat(concat_ws(':', o.id, o.state, o.attempts, o.due_at, o.trouble) order by o.id) from ${outgoing} o where o.company_id = ${own} and o.order_id = ${purchaseOrder.id})`
  const openings = sql`(select group_concat(s.revision order by s.opening_id, l.line) from order_line l join opening_state s on s.company_id = l.company_id and s.opening_id = l.opening_id where l.company_id = ${own} and l.order_id = ${purchaseOrder.id})`
  return db
    .select({
      tag: sql<string>`sha2(concat_ws('|', ${count('desk_answer')}, ${count('decision')}, ${count('receipt')}, ${count('withdrawal')}, ${onItsWay}, ${openings}, ${orNone(firm.revision)}, ${orNone(catalogueState.revision)}, ${job.revision}, ${orNone(jobSchools.revision)}, ${company.name}, (select count(*) from purchase_order r where r.company_id = ${own} and r.number = ${purchaseOrder.number})), 256)`,
    })
    .from(purchaseOrder)
    .innerJoin(company, eq(company.id, purchaseOrder.companyId))
    .innerJoin(job, and(eq(job.companyId, purchaseOrder.companyId), eq(job.id, purchaseOrder.jobId)))
    .leftJoin(jobSchools, and(eq(jobSchools.companyId, job.companyId), eq(jobSchools.jobId, job.id)))
    .leftJoin(firm, eq(firm.companyId, purchaseOrder.companyId))
    .leftJoin(catalogueState, eq(catalogueState.companyId, purchaseOrder.companyId))
    .where(and(eq(purchaseOrder.companyId, sql.placeholder('company')), eq(purchaseOrder.id, sql.placeholder('id'))))
    .limit(1)
    .prepare()
})
