import { notFound } from 'next/navigation'
import { cache } from 'react'
import { STAGES, type Stage } from '@/core/base/stages'
import { loadSheet } from '@/server/page'
import { titleOf } from '@/server/title-of'
import { BroughtSheet } from '@/ui/opening/BroughtSheet'

/** Loaded once for a page and its title. */
const load = cache(loadSheet)

type Props = { readonly params: Promise<{ readonly id: string; readonly stage: string }> }

const known = (asked: string): Stage => STAGES.find(one => one === asked) ?? notFound()

export async function generateMetadata({ params }: Props) {
  const { id, stage } = await params
  const loading = async () => load(id, known(stage))
  return titleOf(loading(), ({ opening }) => `${opening.tag} ${opening.name}`)
}

export default async function Page({ params }: Props) {
  const { id, stage: asked } = await params
  const stage = known(asked)
  const { opening, seen, beside } = await load(id, stage)
  return <BroughtSheet key={opening.id} seen={seen} beside={beside} stage={stage} />
}
