import {
  type AnyMySqlColumn,
  bigint,
  foreignKey,
  index,
  int,
  mediumtext,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core'
import { id, json, moment, version } from './columns'
import { purchaseOrder } from './tables'

const ofOrder = (t: { companyId: AnyMySqlColumn; orderId: AnyMySqlColumn }, name: string) =>
  foreignKey({
    name,
    columns: [t.companyId, t.orderId],
    foreignColumns: [purchaseOrder.companyId, purchaseOrder.id],
  })

/** What is on its way: to a supplier an order, or an objection to what came back, whose id is the key by which it is known there, so that
 *  sending it again is not ordering it again; or a mail, which belongs to no order. */
export const outgoing = mysqlTable(
  'outgoing',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    orderId: id('order_id'),
    kind: varchar('kind', { length: 10 }).notNull(),
    body: mediumtext('body').notNull(),
    /** `waiting` to be sent, `sent` and its answer awaited, `answered`. */
    state: varchar('state', { length: 10 }).notNull(),
    attempts: int('attempts').notNull().default(0),
    /** Milliseconds since 1970: when it is due, and until when somebody is at it. */
    dueAt: bigint('due_at', { mode: 'number' }).notNull(),
    claimedUntil: bigint('claimed_until', { mode: 'number' }).notNull().default(0),
    trouble: varchar('trouble', { length: 300 }).notNull().default(''),
    createdAt: moment('created_at').notNull(),
    sentAt: moment('sent_at'),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    ofOrder(t, 'outgoing_order'),
    index('outgoing_due').on(t.state, t.dueAt),
  ],
)

/** What a supplier sent back, as it came. Append-only; the same answer twice is one row. */
export const answerFromDesk = mysqlTable(
  'desk_answer',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    orderId: id('order_id').notNull(),
    receivedAt: moment('received_at').notNull(),
    text: mediumtext('text').notNull(),
    /** A print of the text, by which a repeated answer is known. */
    print: varchar('print', { length: 64 }).notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    ofOrder(t, 'desk_answer_order'),
    uniqueIndex('desk_answer_print').on(t.companyId, t.orderId, t.print),
  ],
)

/** What somebody decided of one difference. Append-only; the latest holds. */
export const decision = mysqlTable(
  'decision',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    orderId: id('order_id').notNull(),
    answerId: id('answer_id').notNull(),
    line: int('line').notNull(),
    path: varchar('path', { length: 120 }).notNull(),
    verdict: varchar('verdict', { length: 10 }).notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
  },
  t => [primaryKey({ columns: [t.companyId, t.id] }), ofOrder(t, 'decision_order')],
)

/** An order that was taken back as a whole. Append-only: what was withdrawn is ordered anew, not taken up again. */
export const withdrawal = mysqlTable(
  'withdrawal',
  {
    companyId: id('company_id').notNull(),
    orderId: id('order_id').notNull(),
    reason: varchar('reason', { length: 500 }).notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
  },
  t => [primaryKey({ columns: [t.companyId, t.orderId] }), ofOrder(t, 'withdrawal_order')],
)

/** What was found on a delivered unit. Append-only; the latest of a line holds. */
export const receipt = mysqlTable(
  'receipt',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    orderId: id('order_id').notNull(),
    line: int('line').notNull(),
    version: version(),
    data: json('data').notNull(),
    at: moment('at').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    ofOrder(t, 'receipt_order'),
    index('receipt_of_line').on(t.companyId, t.orderId, t.line),
  ],
)
