import { loadOrderPage } from '@/server/page'
import { OrderPage } from '@/ui/pages/OrderPage'

type Props = { readonly params: Promise<{ readonly id: string }> }

export const generateMetadata = async ({ params }: Props) => {
  const { order } = await loadOrderPage((await params).id)
  return { title: `Order ${order.number}` }
}

export default async function Page({ params }: Props) {
  const view = await loadOrderPage((await params).id)
  return <OrderPage key={view.order.id} initial={view} />
}
