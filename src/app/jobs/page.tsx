import type { Metadata } from 'next'
import { loadJobList } from '@/server/page'
import { Jobs } from '@/ui/pages/Jobs'

export const metadata: Metadata = { title: 'Jobs' }

export default async function Page() {
  const jobs = await loadJobList(new Date())
  return (
    <Jobs
      jobs={jobs.map(({ job, count }) => ({ id: job.id, name: job.name, site: job.site, visitOn: job.visitOn, count }))}
    />
  )
}
