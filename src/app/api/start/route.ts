import { startSchema } from '@/core/access/sign-in'
import { makeUser, signIn } from '@/server/auth'
import { refusedAtBorder } from '@/server/border'
import { answering, bodyOf, refuse } from '@/server/handle'
import { startFirm } from '@/server/start'
import { store } from '@/store/connection'

/** The first run: starts the firm and its owner, once, and signs them in. */
export const POST = answering(async request => {
  const refused = refusedAtBorder(request)
  if (refused) return refuse(...refused)
  const asked = await bodyOf(request, startSchema)
  if (!(await startFirm(store(), asked, () => makeUser(asked))))
    return refuse(409, { code: 'started', message: 'A firm was started here already. Sign in, or ask its owner.' })
  return signIn(request.headers, asked.email, asked.password)
})
