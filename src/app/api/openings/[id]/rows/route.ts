import { handle, notFound } from '@/server/handle'
import { findOpening } from '@/store/jobs'
import { ANSWERS, LOG_ENTRIES, listRows, READINGS } from '@/store/rows'

/** Everything that was added to an opening, as others see it while they work on it at the same time. */
export const GET = handle('look', async ({ db, acting, id }) => {
  if (!(await findOpening(db, acting, id))) return notFound()
  const [readings, answers, log] = await Promise.all([
    listRows(db, READINGS, acting, [id]),
    listRows(db, ANSWERS, acting, [id]),
    listRows(db, LOG_ENTRIES, acting, [id]),
  ])
  return Response.json({ readings, answers, log })
})
