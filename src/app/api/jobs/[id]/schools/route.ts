import { z } from 'zod'
import { schoolChoicesSchema } from '@/core/base/school-choices'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { saveJobSchools } from '@/store/firm'
import { findJob } from '@/store/jobs'

const asked = z.strictObject({ revision: z.int().min(0), data: schoolChoicesSchema })

/** Saves the practices a job chose: 200 with the new revision, or 409 with what stands now. */
export const PUT = handle(async ({ db, acting, request, id }) => {
  if (!(await findJob(db, acting, id))) return notFound()
  const { revision, data } = await bodyOf(request, asked)
  const saved = await saveJobSchools(db, acting, id, revision, data)
  if (saved.ok) return Response.json({ revision: saved.revision })
  return refuse(409, {
    code: 'stale',
    message: 'Somebody else changed this in the meantime. Load the page anew and look.',
    current: saved.current,
  })
})
