import { z } from 'zod'
import { bodyOf, handle, notFound } from '@/server/handle'
import { findJob, reorderOpenings } from '@/store/jobs'

const orderSchema = z.strictObject({ ids: z.array(z.uuid()).min(1).max(2000) })

/** Puts the openings of a job into another order. */
export const POST = handle('job', async ({ db, acting, request, id }) => {
  if (!(await findJob(db, acting, id))) return notFound()
  await reorderOpenings(db, acting, id, (await bodyOf(request, orderSchema)).ids)
  return Response.json({ id })
})
