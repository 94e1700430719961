import { v7 as uuidV7 } from 'uuid'
import { jobSchema } from '@/core/survey/job-record'
import { bodyOf, handle } from '@/server/handle'
import { insertJob } from '@/store/jobs'

const newJob = jobSchema.omit({ id: true, createdAt: true })

export const POST = handle(async ({ db, acting, request }) => {
  const job = { ...(await bodyOf(request, newJob)), id: uuidV7(), createdAt: new Date().toISOString() }
  await insertJob(db, acting, job)
  return Response.json({ id: job.id }, { status: 201 })
})
