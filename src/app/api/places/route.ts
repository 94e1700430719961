import { handle } from '@/server/handle'
import { searchPlaces } from '@/server/places'

/** Towns by words: `?q=`. */
export const GET = handle('look', async ({ request }) =>
  Response.json({ places: searchPlaces(new URL(request.url).searchParams.get('q') ?? '') }),
)
