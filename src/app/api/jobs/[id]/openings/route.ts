import { z } from 'zod'
import { DOORS } from '@/core/doors/doors'
import { newEdits } from '@/core/new-edits'
import { openingSchema } from '@/core/survey/job-record'
import { WAYS } from '@/core/survey/ways'
import { bodyOf, handle, notFound } from '@/server/handle'
import { addOpening, findJob, findOpening } from '@/store/jobs'

const newOpening = openingSchema
  .pick({ id: true, tag: true, name: true, family: true })
  .extend({ way: z.enum(WAYS) })
  .refine(one => DOORS[one.family].survey.ways.includes(one.way), {
    path: ['way'],
    message: 'this kind of door is not measured so',
  })

export const POST = handle('job', async ({ db, acting, request, id }) => {
  if (!(await findJob(db, acting, id))) return notFound()
  const { way, ...opening } = await bodyOf(request, newOpening)
  // Its id is made where it was added: sent twice, it is one opening.
  if (!(await findOpening(db, acting, opening.id))) await addOpening(db, acting, id, opening, newEdits(way))
  return Response.json({ id: opening.id }, { status: 201 })
})
