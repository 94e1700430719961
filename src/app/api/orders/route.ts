import { z } from 'zod'
import { bodyOf, handle, refuse } from '@/server/handle'
import { release } from '@/server/release'

const asked = z.strictObject({
  id: z.uuid(),
  jobId: z.uuid(),
  openings: z.array(z.uuid()).min(1).max(60),
  supersedes: z.uuid().nullable(),
})

/** Releases openings of a job as one order, or as the next revision of one. Asked twice with one id, it is released once. */
export const POST = handle('order', async ({ db, acting, request }) => {
  const released = await release(db, acting, await bodyOf(request, asked), new Date())
  return released.ok ? Response.json({ order: released.order }) : refuse(released.status, released.refusal)
})
