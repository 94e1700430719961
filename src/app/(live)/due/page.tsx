import type { Metadata } from 'next'
import { loadDuePage } from '@/server/page'
import { DuePage } from '@/ui/pages/DuePage'

export const metadata: Metadata = { title: 'Due' }

export default async function Page() {
  return <DuePage {...(await loadDuePage(new Date()))} />
}
