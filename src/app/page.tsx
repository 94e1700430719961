import { dayOf } from '@/server/day'
import { loadJobs } from '@/server/page'
import { Today } from '@/ui/pages/Today'

export default async function Page() {
  const jobs = await loadJobs()
  const now = new Date()
  return <Today days={jobs.map(card => dayOf(card, now))} />
}
