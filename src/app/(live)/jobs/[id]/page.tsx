import { cache } from 'react'
import { loadJob } from '@/server/page'
import { titleOf } from '@/server/title-of'
import { Job } from '@/ui/pages/Job'

/** Loaded once for a page and its title. */
const load = cache((id: string) => loadJob(id, new Date()))

type Props = { readonly params: Promise<{ readonly id: string }> }

export const generateMetadata = async ({ params }: Props) => titleOf(load((await params).id), ({ job }) => job.name)

export default async function Page({ params }: Props) {
  return <Job {...(await load((await params).id))} />
}
