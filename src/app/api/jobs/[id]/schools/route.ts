import { schoolChoicesSchema } from '@/core/base/school-choices'
import { bodyOf, handle, notFound } from '@/server/handle'
import { answerChange, changeOf } from '@/server/put-change'
import { saveChange } from '@/store/edits'
import { schoolsPlace } from '@/store/firm'
import { findJob } from '@/store/jobs'

/** Saves the practices a job chose: what they are now, or 409 with what stands. */
export const PUT = handle('job', async ({ db, acting, request, id }) => {
  if (!(await findJob(db, acting, id))) return notFound()
  return answerChange(
    await saveChange(schoolsPlace(db, acting, id), await bodyOf(request, changeOf(schoolChoicesSchema))),
  )
})
