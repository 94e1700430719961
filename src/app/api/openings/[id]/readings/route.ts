import { z } from 'zod'
import { readingSchema } from '@/core/survey/reading'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { findOpening } from '@/store/jobs'
import { addReadings } from '@/store/records'

const sent = z.array(readingSchema).min(1).max(500)

export const POST = handle(async ({ db, acting, request, id }) => {
  if (!(await findOpening(db, acting, id))) return notFound()
  const { stored, conflicting } = await addReadings(db, acting, id, await bodyOf(request, sent))
  if (conflicting.length) {
    return refuse(409, {
      code: 'id-taken',
      message: 'A reading of this id is stored with other contents; it stays as it is.',
      issues: conflicting.map(path => ({ path, message: 'taken' })),
    })
  }
  return Response.json({ stored })
})
