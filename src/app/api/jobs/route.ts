import { z } from 'zod'
import { sentDetails, withClock } from '@/server/change-job'
import { bodyOf, handle } from '@/server/handle'
import { insertJobOnce } from '@/store/jobs'

const newJob = z.strictObject({ id: z.uuid(), details: sentDetails })

/** Begins a job. Its id is made where it was begun: sent twice, it is one job. */
export const POST = handle('job', async ({ db, acting, request }) => {
  const { id, details } = await bodyOf(request, newJob)
  const createdAt = new Date().toISOString()
  await insertJobOnce(db, acting, { ...withClock(details), id, createdAt, archivedAt: null })
  return Response.json({ id }, { status: 201 })
})
