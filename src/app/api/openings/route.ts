import { handle } from '@/server/handle'
import { searchOpenings } from '@/server/search-openings'

export const GET = handle('look', async ({ db, acting, request }) =>
  Response.json(await searchOpenings(db, acting, new URL(request.url).searchParams.get('q') ?? '')),
)
