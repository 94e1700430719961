import { cache } from 'react'
import { loadOrderPage } from '@/server/page'
import { titleOf } from '@/server/title-of'
import { BroughtOrder } from '@/ui/pages/BroughtOrder'

/** Loaded once for a page and its title. */
const load = cache(loadOrderPage)

type Props = { readonly params: Promise<{ readonly id: string }> }

export const generateMetadata = async ({ params }: Props) =>
  titleOf(load((await params).id), ({ number }) => `Order ${number}`)

export default async function Page({ params }: Props) {
  const { id, seen, beside } = await load((await params).id)
  return <BroughtOrder key={id} seen={seen} beside={beside} />
}
