import { cache } from 'react'
import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { loadJob, loadJobPractices, loadOpeningDetails } from '@/server/page'
import { Job } from '@/ui/pages/Job'

/** Loaded once for a page and its title. */
const load = cache(loadJob)

type Props = { readonly params: Promise<{ readonly id: string }> }

export const generateMetadata = async ({ params }: Props) => ({ title: (await load((await params).id)).job.name })

export default async function Page({ params }: Props) {
  const { id } = await params
  const [{ job, details, openings, putAway }, practices] = await Promise.all([load(id), loadJobPractices(id)])
  const listed = await loadOpeningDetails(openings.map(one => one.sheet.opening.id))
  return (
    <Job
      {...practices}
      job={job}
      details={details}
      putAway={putAway}
      listed={openings.map(({ sheet }, i) => ({
        id: sheet.opening.id,
        details: listed[i]!.data,
        revision: listed[i]!.revision,
        said: sheet.readings.length + sheet.answers.length,
      }))}
      openings={openings.map(({ sheet, work, progress }) => ({
        id: sheet.opening.id,
        tag: sheet.opening.tag,
        name: sheet.opening.name,
        scene: elevation(drawnOf(work, sheet.edits.wishes.data), 'handover'),
        stage: progress.stage,
        worst: progress.worst,
        finished: progress.finished,
      }))}
    />
  )
}
