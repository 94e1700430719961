import type { Metadata } from 'next'
import { loadFirm, loadJobList } from '@/server/page'
import { Jobs } from '@/ui/pages/Jobs'

export const metadata: Metadata = { title: 'Jobs' }

export default async function Page() {
  const now = new Date()
  const [jobs, putAway, { firm }] = await Promise.all([loadJobList(now), loadJobList(now, true), loadFirm()])
  return <Jobs jobs={jobs} putAway={putAway} firm={firm.data} />
}
