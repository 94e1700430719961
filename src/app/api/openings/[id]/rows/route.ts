import { handle, notFound } from '@/server/handle'
import { listOpeningStates } from '@/store/opening-state'
import { findOpeningsWhole } from '@/store/openings'

/** Everything that others may add to an opening or change of it while one works on it. Whoever has it already and asks whether it changed costs
 *  one statement. Its revision is looked up before it is read: what is written in between is seen the next time. */
export const GET = handle('look', async ({ db, acting, request, id }) => {
  const [state] = await listOpeningStates(db, acting, { ids: [id] }, [])
  if (!state) return notFound()
  const headers = { etag: `"${state.revision}"`, 'cache-control': 'private, no-cache', vary: 'cookie' }
  if (request.headers.get('if-none-match') === headers.etag) return new Response(null, { status: 304, headers })
  const [stored] = await findOpeningsWhole(db, acting, [id])
  if (!stored) return notFound()
  const { readings, answers, log, photos, edits, orders, receipts } = stored
  return Response.json(
    { revision: state.revision, readings, answers, log, photos, edits, orders, receipts },
    { headers },
  )
})
