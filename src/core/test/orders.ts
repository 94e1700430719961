import { waiversFor } from '../order/check-order'
import type { Order, OrderLine } from '../order/order'
import type { OpeningRecords, Trade } from '../terms'
import { done } from './fixtures'

/** A released order of these lines. */
export const orderOf = (lines: readonly OrderLine[], more: Partial<Order> = {}): Order => ({
  id: '01900000-0000-7000-8000-0000000000dd',
  number: 'H-0007',
  revision: 1,
  supersedes: null,
  maker: 'Test',
  releasedAt: '2026-01-05T08:00:00.000Z',
  releasedBy: 'Ida Marlow',
  withdrawn: null,
  lines: [...lines],
  ...more,
})

/** The same opening, ordered against everything that should be corrected first. */
export function goingOn(own: OpeningRecords, by: Trade): OpeningRecords {
  const waived = waiversFor(done(own, by).findings.order, 'the customer knows')
  return { ...own, order: { ...own.order, waived: { ...own.order.waived, ...waived } } }
}
