'use client'
import { useState } from 'react'
import type { OrderView } from '@/server/load-order'
import { OrderPage } from './OrderPage'

/** An order as the page brought it: as text, which is written and read in one go. */
export function BroughtOrder({ seen }: { readonly seen: string }) {
  const [view] = useState(() => JSON.parse(seen) as OrderView)
  return <OrderPage initial={view} />
}
