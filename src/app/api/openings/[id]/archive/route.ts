import { archivedAt, archivedSchema } from '@/server/archived'
import { bodyOf, handle, notFound } from '@/server/handle'
import { archiveOpening, findOpening } from '@/store/jobs'

/** Puts an opening away, or takes it out again. Nothing of it is lost. */
export const POST = handle('archive', async ({ db, acting, request, id }) => {
  if (!(await findOpening(db, acting, id))) return notFound()
  await archiveOpening(db, acting, id, archivedAt(await bodyOf(request, archivedSchema)))
  return Response.json({ id })
})
