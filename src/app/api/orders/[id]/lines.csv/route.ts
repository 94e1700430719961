import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { findJob } from '@/store/jobs'
import { findOrder } from '@/store/orders'
import { writeOrderCsv } from '@/writers/write-csv'

export const GET = handle(async ({ db, acting, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  const job = await findJob(db, acting, found.jobId)
  return download(writeOrderCsv(found.order, job!.step), 'text/csv; charset=utf-8', `${found.order.number}.csv`)
})
