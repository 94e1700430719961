import { inviteSchema } from '@/core/access/sign-in'
import { ownAddress } from '@/server/auth'
import { bodyOf, handle, refuse } from '@/server/handle'
import { invite, mayGive } from '@/server/people'
import { findUser, listInvitations, listPeople } from '@/store/people'

/** Everybody of the firm, and who was asked and has not answered. */
export const GET = handle('people', async ({ db, acting }) => {
  const [people, invitations] = await Promise.all([
    listPeople(db, acting),
    listInvitations(db, acting, new Date().toISOString()),
  ])
  return Response.json({ people, invitations })
})

/** Asks somebody to join. */
export const POST = handle('people', async ({ db, acting, request }) => {
  const who = await bodyOf(request, inviteSchema)
  if (!mayGive(acting, who.role))
    return refuse(403, { code: 'not-yours', message: 'Only the owner may ask somebody to join in this role.' })
  const known = await findUser(db, who.email)
  if (known && (await listPeople(db, acting)).some(one => one.email === who.email.toLowerCase()))
    return refuse(409, { code: 'member-already', message: `${who.email} is of this firm already.` })
  await invite(db, acting, who, ownAddress(), new Date())
  return Response.json({ invited: who.email }, { status: 201 })
})
