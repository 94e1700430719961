import { messageOf } from '@/core/exchange/message'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { companyName } from '@/store/firm'
import { findOrder } from '@/store/orders'

/** The order as it goes to the supplier, by the published schema. */
export const GET = handle('money', async ({ db, acting, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  const message = messageOf(found.order, { id: acting.companyId, name: await companyName(db, acting) })
  return download(JSON.stringify(message, null, 2), 'application/json', `${found.order.number}.json`)
})
