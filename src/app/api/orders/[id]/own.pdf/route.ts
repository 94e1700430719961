import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadOrder } from '@/server/load-order'
import { orderPaper } from '@/server/order-paper'

/** The firm’s own sheet of it: with what it costs, why, and how the sizes came about. */
export const GET = handle(async asked => {
  const { db, acting, id } = asked
  const found = await loadOrder(db, acting, id)
  if (!found) return notFound()
  const { number, releasedAt } = found.order
  const paper = await orderPaper(db, acting, found, 'firm')
  return downloadPaper(asked, paper, new Date(releasedAt), `${number}-own.pdf`)
})
