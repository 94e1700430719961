import { v7 as uuidV7 } from 'uuid'
import { z } from 'zod'
import { newWishes } from '@/core/specification/new-wishes'
import { FAMILY_RULES } from '@/core/survey/families'
import { openingSchema } from '@/core/survey/job-record'
import { WAYS } from '@/core/survey/ways'
import { bodyOf, handle, notFound } from '@/server/handle'
import { addOpening, findJob } from '@/store/jobs'

const newOpening = openingSchema
  .pick({ tag: true, name: true, family: true })
  .extend({ way: z.enum(WAYS) })
  .refine(one => FAMILY_RULES[one.family].ways.includes(one.way), {
    path: ['way'],
    message: 'this kind of door is not measured so',
  })

export const POST = handle(async ({ db, acting, request, id }) => {
  if (!(await findJob(db, acting, id))) return notFound()
  const { way, ...names } = await bodyOf(request, newOpening)
  const opening = { ...names, id: uuidV7() }
  await addOpening(db, acting, id, opening, newWishes(way))
  return Response.json({ id: opening.id }, { status: 201 })
})
