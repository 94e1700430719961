import { messageOf } from '@/core/exchange/message'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { companyName } from '@/store/firm'
import { findOrder } from '@/store/orders'
import { writeOrderText } from '@/writers/write-order-text'

/** The order as text for a letter: what the supplier gets, in words. */
export const GET = handle('money', async ({ db, acting, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  const message = messageOf(found.order, { id: acting.companyId, name: await companyName(db, acting) })
  return download(writeOrderText(message, found.job.step), 'text/plain; charset=utf-8', `${found.order.number}.txt`)
})
