import { sentDetails, withClock } from '@/server/change-job'
import { bodyOf, handle, notFound } from '@/server/handle'
import { answerChange, changeOf } from '@/server/put-change'
import { saveChange } from '@/store/edits'
import { findJobDetails, jobPlace } from '@/store/jobs'

/** Saves what is said of a job: what it is now, or 409 with what stands. */
export const PUT = handle('job', async ({ db, acting, request, id }) => {
  if (!(await findJobDetails(db, acting, id))) return notFound()
  const change = await bodyOf(request, changeOf(sentDetails))
  return answerChange(await saveChange(jobPlace(db, acting, id), { ...change, data: withClock(change.data) }))
})
