import type { Order } from './order'
import type { Receipt } from './receipt'
import { isAccepted } from './receipt-values'
import { standingOrders } from './revision'

/** Where an opening's unit is: `held` covers one that is on hold or was refused. */
export type Delivery = 'not-ordered' | 'awaited' | 'held' | 'accepted'

/** The delivery of an opening by its standing order and the last receipt of its line. */
export function deliveryOf(openingId: string, orders: readonly Order[], receipts: readonly Receipt[]): Delivery {
  const order = standingOrders(orders).findLast(one => one.lines.some(line => line.opening.id === openingId))
  if (!order) return 'not-ordered'
  const ofLine = (one: Order): readonly Receipt[] => {
    const number = one.lines.findIndex(line => line.opening.id === openingId) + 1
    return receipts.filter(receipt => receipt.orderId === one.id && receipt.line === number)
  }
  const last = ofLine(order).at(-1)
  if (!last) return 'awaited'
  return isAccepted(last.state) ? 'accepted' : 'held'
}
