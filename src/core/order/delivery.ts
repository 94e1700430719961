import type { Finding } from '../base/finding'
import type { Order } from './order'
import type { Receipt } from './receipt'
import { isAccepted } from './receipt-values'
import { standingOrders } from './revision'
import { isSameLine } from './same-line'

/** Where an opening's unit is: `held` covers one that is on hold or was refused. */
export type Delivery = 'not-ordered' | 'awaited' | 'held' | 'accepted'

/** The receipts that hold for an order: its own, and before them those of the states it took the place of, for every line that is
 *  ordered as it was; those are given under this order's own line. */
export function receiptsFor(order: Order, orders: readonly Order[], receipts: readonly Receipt[]): readonly Receipt[] {
  const own = receipts.filter(one => one.orderId === order.id)
  const before = orders.find(one => one.id === order.supersedes)
  if (!before) return own
  const kept = receiptsFor(before, orders, receipts).flatMap(one => {
    const old = before.lines[one.line - 1]!
    const at = order.lines.findIndex(line => line.opening.id === old.opening.id && isSameLine(old, line))
    return at < 0 ? [] : [{ ...one, orderId: order.id, line: at + 1 }]
  })
  return [...kept, ...own]
}

/** The delivery of an opening by its standing order and the last receipt of its line. */
export function deliveryOf(openingId: string, orders: readonly Order[], receipts: readonly Receipt[]): Delivery {
  const order = standingOrders(orders).findLast(one => one.lines.some(line => line.opening.id === openingId))
  if (!order) return 'not-ordered'
  const number = order.lines.findIndex(line => line.opening.id === openingId) + 1
  const last = receiptsFor(order, orders, receipts).findLast(one => one.line === number)
  if (!last) return 'awaited'
  return isAccepted(last.state) ? 'accepted' : 'held'
}

export type DeliveryCode = 'unit-not-accepted' | 'unit-held'

/** The old door is not removed before the new unit was looked at and accepted. */
export function deliveryFindings(delivery: Delivery): readonly Finding<DeliveryCode>[] {
  if (delivery === 'not-ordered' || delivery === 'accepted') return []
  const isHeld = delivery === 'held'
  return [
    {
      code: isHeld ? 'unit-held' : 'unit-not-accepted',
      place: 'unit',
      severity: isHeld ? 'stop' : 'watch',
      facts: {},
      rule: 'receipt',
      cures: ['receipt.look'],
    },
  ]
}
