import { v7 as uuidV7 } from 'uuid'
import { joinSchema } from '@/core/access/sign-in'
import { makeUser, signIn } from '@/server/auth'
import { refusedAtBorder } from '@/server/border'
import { answering, bodyOf, refuse } from '@/server/handle'
import { lookAtInvitation } from '@/server/people'
import { store, transact } from '@/store/connection'
import { acceptInvitation, findUser } from '@/store/people'
import { INVITATION_WORDS } from '@/words/roles'

/** Answers an invitation: who has the link joins, and is signed in. Whoever signs in already with that address proves it by the password. */
export const POST = answering(async request => {
  const refused = refusedAtBorder(request)
  if (refused) return refuse(...refused)
  const { token, name, password } = await bodyOf(request, joinSchema)
  const at = new Date().toISOString()
  const asked = await lookAtInvitation(store(), token, at)
  if (!asked) return refuse(404, { code: 'no-invitation', message: INVITATION_WORDS.unknown })
  if (asked.why) return refuse(410, { code: 'invitation-over', message: INVITATION_WORDS[asked.why] })
  const known = await findUser(store(), asked.email)
  const session = known ? await signIn(request.headers, asked.email, password) : null
  if (session && !session.ok)
    return refuse(401, {
      code: 'wrong-password',
      message: 'This address signs in here already, with another password.',
    })
  const userId = known ?? (await makeUser({ name, email: asked.email, password }))
  const joined = await transact(store(), tx => acceptInvitation(tx, asked, { memberId: uuidV7(), userId, name, at }))
  if (!joined) return refuse(410, { code: 'invitation-over', message: INVITATION_WORDS.used })
  return session ?? signIn(request.headers, asked.email, password)
})
