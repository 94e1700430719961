import { notFound } from 'next/navigation'
import { cache } from 'react'
import { STAGES } from '@/core/base/stages'
import { loadSheet } from '@/server/page'
import { titleOf } from '@/server/title-of'
import { Sheet } from '@/ui/opening/Sheet'

/** Loaded once for a page and its title. */
const load = cache(loadSheet)

type Props = { readonly params: Promise<{ readonly id: string; readonly stage: string }> }

export const generateMetadata = async ({ params }: Props) =>
  titleOf(load((await params).id), ({ sheet: { opening } }) => `${opening.tag} ${opening.name}`)

export default async function Page({ params }: Props) {
  const { id, stage } = await params
  const known = STAGES.find(one => one === stage) ?? notFound()
  const { sheet, glance } = await load(id)
  return <Sheet key={sheet.opening.id} initial={sheet} glance={glance} stage={known} />
}
