import type { Metadata } from 'next'
import { loadPeople } from '@/server/page'
import { People } from '@/ui/account/People'

export const metadata: Metadata = { title: 'People' }

export default async function Page() {
  return <People {...(await loadPeople())} />
}
