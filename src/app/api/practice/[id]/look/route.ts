import { z } from 'zod'
import { shownOf } from '@/core/practice/exercise'
import { NETWORK_READINGS } from '@/core/survey/network'
import { inches } from '@/core/units/length'
import { handle, refuse } from '@/server/handle'
import { exerciseOf } from '@/server/practice'
import { scalePicture } from '@/server/scale-picture'

const asked = z.object({
  name: z.enum(NETWORK_READINGS),
  hook: z.enum(['on', 'before']),
  stretch: z.enum(['on', 'before']),
  level: z.enum(['24', '72']),
})

/** What the tape or level shows, as a picture: to be read, not to be told. */
export const GET = handle('look', async ({ request, id }) => {
  const grip = asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!z.uuid().safeParse(id).success || !grip.success)
    return refuse(400, { code: 'unreadable', message: 'Say which reading is taken, and how.' })
  const { name, level, ...places } = grip.data
  const shown = shownOf(exerciseOf(id), name, { ...places, level: inches(Number(level)) })
  return new Response(new Uint8Array(await scalePicture(name, shown)), {
    headers: { 'content-type': 'image/png', 'cache-control': 'no-store' },
  })
})
