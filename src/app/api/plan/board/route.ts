import { handle } from '@/server/handle'
import { planText } from '@/server/plan-text'

/** All that the board is made of. Whoever has it already and asks whether it changed costs one statement. */
export const GET = handle(
  'look',
  async ({ db, acting, request }) => {
    const { tag, json } = await planText(db, acting, new Date())
    const headers = { etag: `"${tag}"`, 'cache-control': 'private, no-cache', vary: 'cookie' }
    return request.headers.get('if-none-match') === headers.etag
      ? new Response(null, { status: 304, headers })
      : new Response(json, { headers: { ...headers, 'content-type': 'application/json' } })
  },
  'no-prices',
)
