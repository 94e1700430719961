import { dayOf } from '@/server/day'
import { loadNextJobs } from '@/server/page'
import { Today } from '@/ui/pages/Today'

export default async function Page() {
  const now = new Date()
  const jobs = await loadNextJobs(now)
  return <Today days={jobs.map(card => dayOf(card, now))} />
}
