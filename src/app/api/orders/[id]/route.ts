import { handle, notFound } from '@/server/handle'
import { loadOrder } from '@/server/load-order'

export const GET = handle(async ({ db, acting, id }) => {
  const view = await loadOrder(db, acting, id)
  return view ? Response.json(view) : notFound()
})
