import { z } from 'zod'
import { NETWORK_READINGS } from '@/core/survey/network'
import { lengthSchema } from '@/core/units/length-schema'
import { bodyOf, handle, refuse } from '@/server/handle'
import { scoreOf } from '@/server/practice'

const body = z.strictObject({
  attempts: z
    .array(z.strictObject({ name: z.enum(NETWORK_READINGS), value: lengthSchema, level: lengthSchema.nullable() }))
    .max(200),
})

/** Scores a learner's readings: the first reply that holds the true sizes. */
export const POST = handle('look', async ({ request, id }) => {
  if (!z.uuid().safeParse(id).success) return refuse(400, { code: 'unreadable', message: 'No such exercise.' })
  const { attempts } = await bodyOf(request, body)
  return Response.json(scoreOf(id, attempts))
})
