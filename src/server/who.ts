import { parseCookies } from 'better-auth/cookies/utils'
import { findKnown, findKnownUser, type Known } from '@/store/company'
import { store } from '@/store/connection'
import { onceAnAnswer } from './answer-note'
import { auth } from './auth'
import { isOwnHost } from './border'
import { DEMO_MEMBER_ID } from './demo-ids'
import { readSigned } from './sign'

export const MEMBER_COOKIE = 'harvek-member'
/** Which of their firms somebody works in who has several: the id of their place in it. */
export const FIRM_COOKIE = 'harvek-firm'

/** Whether this installation shows the demo: then whoever comes may be any of its members. */
export const isDemo = (): boolean => process.env.HARVEK_DEMO === '1'

/** Whose session a request carries; `null` where it carries none that holds. */
export const sessionIn = (headers: Headers) => auth().api.getSession({ headers })

/** Who acts by a request’s headers, looked up once for an answer. In the demo the member of a signed cookie, at first its owner; else who is
 *  signed in, in the firm they chose last. `null` when nobody is, when they left, when a cookie was tampered with, or when another name than this
 *  installation’s was made to point here. */
export const actingIn = (headers: Headers, session = sessionIn): Promise<Known | null> =>
  onceAnAnswer('acting', () => memberIn(headers, session))

async function memberIn(headers: Headers, session: typeof sessionIn): Promise<Known | null> {
  if (!isOwnHost(headers.get('host'))) return null
  const cookies = parseCookies(headers.get('cookie') ?? '')
  if (isDemo()) {
    const signed = cookies.get(MEMBER_COOKIE)
    const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_COOKIE_SECRET ?? '')
    return id === null ? null : findKnown(store(), id)
  }
  const found = await session(headers)
  return found && findKnownUser(store(), found.user.id, cookies.get(FIRM_COOKIE) ?? null)
}
