'use client'
import { useState } from 'react'
import type { OrderView } from '@/server/load-order'
import type { BroughtOrder as Brought, OrderBeside } from '@/server/orders'
import { OrderPage } from './OrderPage'

type Props = Pick<Brought, 'seen' | 'beside'>

/** An order as the page brought it: as text, which is written and read in one go. */
export function BroughtOrder({ seen, beside }: Props) {
  const [view] = useState((): OrderView => ({ ...(JSON.parse(seen) as Omit<OrderView, keyof OrderBeside>), ...beside }))
  return <OrderPage initial={view} />
}
