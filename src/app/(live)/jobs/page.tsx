import type { Metadata } from 'next'
import { loadJobList } from '@/server/page'
import { Jobs } from '@/ui/pages/Jobs'

export const metadata: Metadata = { title: 'Jobs' }

export default async function Page() {
  return <Jobs {...(await loadJobList(new Date()))} />
}
