import { z } from 'zod'
import { copyJob } from '@/server/copy-job'
import { bodyOf, handle, notFound } from '@/server/handle'

const copySchema = z.strictObject({ id: z.uuid() })

/** A job with the same openings, of which nothing is read yet. Sent twice, it is one. */
export const POST = handle('job', async ({ db, acting, request, id }) => {
  const copy = await bodyOf(request, copySchema)
  if (!(await copyJob(db, acting, id, copy.id))) return notFound()
  return Response.json({ id: copy.id }, { status: 201 })
})
