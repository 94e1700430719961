import { handle, notFound } from '@/server/handle'
import { loadOrder } from '@/server/load-order'
import { orderTag } from '@/store/order-tag'

/** The order as its page shows it; whoever has it already and asks whether it changed costs one statement. */
export const GET = handle('look', async ({ db, acting, request, id }) => {
  const tag = await orderTag(db, acting, id)
  if (tag === null) return notFound()
  const headers = { etag: `"${tag}"`, 'cache-control': 'private, no-cache', vary: 'cookie' }
  if (request.headers.get('if-none-match') === headers.etag) return new Response(null, { status: 304, headers })
  const view = await loadOrder(db, acting, id)
  return view ? Response.json(view, { headers }) : notFound()
})
