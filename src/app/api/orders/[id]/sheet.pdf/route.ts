import { orderSheet } from '@/papers/order-sheet'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { findJob } from '@/store/jobs'
import { findOrder } from '@/store/orders'
import { writePdf } from '@/writers/write-pdf'

export const GET = handle(async ({ db, acting, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  const job = await findJob(db, acting, found.jobId)
  const paper = orderSheet(job!, found.order, found.order.lines)
  return download(
    await writePdf(paper, new Date(found.order.releasedAt)),
    'application/pdf',
    `${found.order.number}.pdf`,
    true,
  )
})
