import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { findOrder } from '@/store/orders'
import { writeOrderCsv } from '@/writers/write-csv'

export const GET = handle('money', async ({ db, acting, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  return download(writeOrderCsv(found.order, found.job.step), 'text/csv; charset=utf-8', `${found.order.number}.csv`)
})
