import { z } from 'zod'
import type { Role } from '@/core/access/access'
import { ROLES } from '@/core/access/access'
import { type Asked, bodyOf, handle, notFound, refuse } from '@/server/handle'
import { changePerson, mayGive } from '@/server/people'
import { listPeople } from '@/store/people'

async function change({ db, acting, id }: Asked, role: Role | null): Promise<Response> {
  const person = (await listPeople(db, acting)).find(one => one.id === id)
  if (!person) return notFound()
  if (!mayGive(acting, person.role) || (role && !mayGive(acting, role)))
    return refuse(403, { code: 'not-yours', message: 'Only the owner may change this.' })
  if (!(await changePerson(db, acting, person, role, new Date())))
    return refuse(409, { code: 'last-owner', message: 'A firm has one owner at least: make somebody else one first.' })
  return Response.json({ id, role })
}

/** Gives somebody another role. */
export const PUT = handle('people', async asked => {
  const { role } = await bodyOf(asked.request, z.strictObject({ role: z.enum(ROLES) }))
  return change(asked, role)
})

/** Lets somebody go: what they took keeps their name. */
export const DELETE = handle('people', asked => change(asked, null))
