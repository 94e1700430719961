import { cache } from 'react'
import { loadOrderPage } from '@/server/page'
import { titleOf } from '@/server/title-of'
import { BroughtOrder } from '@/ui/pages/BroughtOrder'

/** Loaded once for a page and its title. */
const load = cache(loadOrderPage)

type Props = { readonly params: Promise<{ readonly id: string }> }

export const generateMetadata = async ({ params }: Props) =>
  titleOf(load((await params).id), ({ order }) => `Order ${order.number}`)

export default async function Page({ params }: Props) {
  const view = await load((await params).id)
  return <BroughtOrder key={view.order.id} seen={JSON.stringify(view)} />
}
