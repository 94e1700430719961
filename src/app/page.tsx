import { loadJobs } from '@/server/page'
import { Today } from '@/ui/pages/Today'
import { dayOf } from '@/server/day'

export default async function Page() {
  const jobs = await loadJobs()
  const now = new Date()
  return <Today days={jobs.map(card => dayOf(card, now))} />
}
