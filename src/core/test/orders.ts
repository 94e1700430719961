import type { Order, OrderLine } from '../order/order'

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
