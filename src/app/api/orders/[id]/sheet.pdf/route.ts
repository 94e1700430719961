import { orderSheet } from '@/papers/order-sheet'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOrder } from '@/server/load-order'
import { writePdf } from '@/writers/write-pdf'

export const GET = handle(async ({ db, acting, id }) => {
  const found = await loadOrder(db, acting, id)
  if (!found) return notFound()
  const { order, job, changes } = found
  const paper = orderSheet(job, order, order.lines, { changes })
  return download(await writePdf(paper, new Date(order.releasedAt)), 'application/pdf', `${order.number}.pdf`, true)
})
