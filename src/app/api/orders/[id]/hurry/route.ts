import { handle, notFound } from '@/server/handle'
import { hurry } from '@/store/exchange'
import { findOrder } from '@/store/orders'

/** What waits for a supplier or for its answer is tried at once. */
export const POST = handle('order', async ({ db, acting, id }) => {
  if (!(await findOrder(db, acting, id))) return notFound()
  await hurry(db, acting, id, Date.now())
  return Response.json({ ok: true })
})
