import { z } from 'zod'
import { GAUGE_PLACES, type GaugePlace, gaugeShows } from '@/core/practice/hanging'
import { handle, refuse } from '@/server/handle'
import { hangingBody, isExercise, NO_EXERCISE } from '@/server/hanging-asked'
import { hangingOf } from '@/server/practice'
import { gaugePicture } from '@/server/scale-picture'

const place = z.enum(GAUGE_PLACES as readonly [GaugePlace, ...GaugePlace[]])

/** What the gauge or the level shows after so many moves, as a picture: to be read, not to be told. */
export const GET = handle('look', async ({ request, id }) => {
  const query = new URL(request.url).searchParams
  const at = place.safeParse(query.get('at'))
  const done = hangingBody.safeParse({ grade: query.get('grade'), moves: jsonOf(query.get('moves')) })
  if (!isExercise(id) || !at.success || !done.success) return refuse(400, NO_EXERCISE)
  const shown = gaugeShows(hangingOf(id, done.data.grade), at.data, done.data.moves)
  return new Response(new Uint8Array(await gaugePicture(at.data, shown)), {
    headers: { 'content-type': 'image/png', 'cache-control': 'no-store' },
  })
})

function jsonOf(text: string | null): unknown {
  try {
    return JSON.parse(text ?? '')
  } catch {
    return null
  }
}
