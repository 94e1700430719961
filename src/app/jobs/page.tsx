import type { Metadata } from 'next'
import { loadJobs } from '@/server/page'
import { Jobs } from '@/ui/pages/Jobs'

export const metadata: Metadata = { title: 'Jobs' }

export default async function Page() {
  const jobs = await loadJobs()
  return (
    <Jobs
      jobs={jobs.map(({ job, openings }) => ({
        id: job.id,
        name: job.name,
        site: job.site,
        visitOn: job.visitOn,
        count: openings.length,
        finished: openings.filter(one => one.progress.finished).length,
      }))}
    />
  )
}
