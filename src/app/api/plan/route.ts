import { handle } from '@/server/handle'
import { countPlacings, listPlacings } from '@/store/placings'

/** What stands on the plan; nothing where no more stands there than whoever asks has seen already. */
export const GET = handle('look', async ({ db, acting, request }) => {
  const seen = Number(new URL(request.url).searchParams.get('seen') ?? -1)
  const count = await countPlacings(db, acting)
  return Response.json(count === seen ? { count } : { count, placings: await listPlacings(db, acting) })
})
