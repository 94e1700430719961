import { z } from 'zod'
import { copyOpening } from '@/server/copy-job'
import { bodyOf, handle, notFound } from '@/server/handle'
import { findOpening } from '@/store/jobs'

const copySchema = z.strictObject({ id: z.uuid(), tag: z.string().trim().min(1).max(12) })

/** An opening of the same kind with the same wishes, of which nothing is read yet. Sent twice, it is one. */
export const POST = handle('job', async ({ db, acting, request, id }) => {
  const from = await findOpening(db, acting, id)
  if (!from) return notFound()
  const copy = await bodyOf(request, copySchema)
  await copyOpening(db, acting, from, { ...copy, jobId: from.jobId })
  return Response.json({ id: copy.id }, { status: 201 })
})
