import { cache } from 'react'
import { loadJob } from '@/server/page'
import { titleOf } from '@/server/title-of'
import { Job } from '@/ui/pages/Job'

/** Loaded once for a page and its title. */
const load = cache((id: string) => loadJob(id, new Date()))

type Props = { readonly params: Promise<{ readonly id: string }> }

export const generateMetadata = async ({ params }: Props) => titleOf(load((await params).id), ({ job }) => job.name)

export default async function Page({ params }: Props) {
  const { openings, ...rest } = await load((await params).id)
  return (
    <Job
      {...rest}
      listed={openings.map(({ opening, detailsRevision, summary }) => ({
        id: opening.id,
        details: { tag: opening.tag, name: opening.name, family: opening.family },
        revision: detailsRevision,
        said: summary.said,
      }))}
      openings={openings.map(({ opening, summary, scene }) => ({
        id: opening.id,
        tag: opening.tag,
        name: opening.name,
        scene: scene!,
        stage: summary.stage,
        worst: summary.worst,
        finished: summary.finished,
      }))}
    />
  )
}
