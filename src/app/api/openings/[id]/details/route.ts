import { changeOpening, openingChangeSchema } from '@/server/change-kind'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { answerChange } from '@/server/put-change'
import { findOpening } from '@/store/jobs'

/** Saves what an opening is called and what kind of door it is: what it is now, or 409. */
export const PUT = handle('job', async ({ db, acting, request, id }) => {
  const found = await findOpening(db, acting, id)
  if (!found) return notFound()
  const saved = await changeOpening(db, acting, id, found.jobId, await bodyOf(request, openingChangeSchema))
  if (saved !== 'ordered') return answerChange(saved)
  return refuse(422, {
    code: 'ordered',
    message: 'A unit is ordered for this opening: its kind stays. Withdraw the order first.',
  })
})
