import type { Metadata } from 'next'
import { loadOrderList } from '@/server/page'
import { Orders } from '@/ui/pages/Orders'

export const metadata: Metadata = { title: 'Orders' }

export default async function Page() {
  return <Orders orders={await loadOrderList()} />
}
