import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadOrder } from '@/server/load-order'
import { orderPaper } from '@/server/order-paper'

/** The order as its maker gets it. */
export const GET = handle(async asked => {
  const { db, acting, id } = asked
  const found = await loadOrder(db, acting, id)
  if (!found) return notFound()
  const { number, releasedAt } = found.order
  const paper = await orderPaper(db, acting, found, 'maker')
  return downloadPaper(asked, paper, new Date(releasedAt), `${number}.pdf`)
})
