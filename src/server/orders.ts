import { may } from '@/core/access/access'
import { withoutMoney } from '@/core/access/without-money'
import type { Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { orderTag } from '@/store/order-tag'
import { holdsUntil, onceAnAnswer } from './answer-note'
import { buildNow } from './basis'
import { type Held, keeping } from './kept'
import { type OrderView, orderWhile } from './load-order'

/** What of an order's page stands beside what was made of it. */
export type OrderBeside = Pick<OrderView, 'members' | 'memberName'>

/** An order as a page brings it. */
export type BroughtOrder = {
  readonly id: string
  readonly number: string
  /** An `OrderView` but for what stands beside it, as JSON: written once and sent as it is to whoever looks. */
  readonly seen: string
  readonly beside: OrderBeside
}

type Kept = Omit<BroughtOrder, 'beside'>

/** The orders that were looked at last, each as its page was made. */
const kept = keeping<Kept>(100)

/** What changes with everything an order's page shows of it, looked up once for an answer; `null` when this company has none such. */
export async function orderStanding(db: Db, who: Known, id: string): Promise<string | null> {
  const tag = await onceAnAnswer(`order/${id}`, () => orderTag(db, who, id))
  return tag === null ? null : `${buildNow()}/${tag}`
}

/** An order as its page shows it, without what things cost where that is not theirs to see; `null` when this company has none such. What stands
 *  as it stood is neither read nor made again. */
export async function orderAt(db: Db, who: Known, id: string, now: Date): Promise<BroughtOrder | null> {
  const basis = await orderStanding(db, who, id)
  if (basis === null) return null
  const held = await kept({
    key: [who.companyId, id, may(who.role, 'money')].join('/'),
    basis,
    now: now.toISOString(),
    make: () => made(db, who, id, now),
  })
  if (!held) return null
  holdsUntil(held.freshUntil)
  return { ...held.value, beside: { members: who.company.members, memberName: who.name } }
}

async function made(db: Db, who: Known, id: string, now: Date): Promise<Held<Kept> | null> {
  const found = await orderWhile(db, who, id, now)
  if (!found) return null
  const { members, memberName, ...view } = found.view
  const seen = JSON.stringify(may(who.role, 'money') ? view : withoutMoney(view))
  return { value: { id: view.order.id, number: view.order.number, seen }, freshUntil: found.freshUntil }
}
