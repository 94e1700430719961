import { archivedAt, archivedSchema } from '@/server/archived'
import { bodyOf, handle, notFound } from '@/server/handle'
import { archiveJob, findJob } from '@/store/jobs'

/** Puts a job away, or takes it out again. Nothing of it is lost. */
export const POST = handle('archive', async ({ db, acting, request, id }) => {
  if (!(await findJob(db, acting, id))) return notFound()
  await archiveJob(db, acting, id, archivedAt(await bodyOf(request, archivedSchema)))
  return Response.json({ id })
})
