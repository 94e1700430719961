import { cookies, headers } from 'next/headers'
import { cache } from 'react'
import { findKnown, findKnownUser, type Known } from '@/store/company'
import { store } from '@/store/connection'
import { auth } from './auth'
import { isOwnHost } from './border'
import { DEMO_MEMBER_ID } from './demo-ids'
import { readSigned } from './sign'

export const MEMBER_COOKIE = 'harvek-member'
/** Which of their firms somebody works in who has several: the id of their place in it. */
export const FIRM_COOKIE = 'harvek-firm'

/** Whether this installation shows the demo: then whoever comes may be any of its members. */
export const isDemo = (): boolean => process.env.HARVEK_DEMO === '1'

/** Who is acting, with the company as it is; looked up once for a page. In the demo the member of a signed cookie, at first its owner; else who
 *  is signed in, in the firm they chose last. `null` when nobody is, when they left, when a cookie was tampered with, or when another name than
 *  this installation’s was made to point here. */
export const actingMember = cache(async (): Promise<Known | null> => {
  const asked = await headers()
  if (!isOwnHost(asked.get('host'))) return null
  const jar = await cookies()
  if (isDemo()) {
    const signed = jar.get(MEMBER_COOKIE)?.value
    const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_COOKIE_SECRET ?? '')
    return id === null ? null : findKnown(store(), id)
  }
  const session = await signedIn()
  return session && findKnownUser(store(), session.user.id, jar.get(FIRM_COOKIE)?.value ?? null)
})

/** Whose session a request carries; `null` where it carries none that holds. */
export const signedIn = cache(async () => auth().api.getSession({ headers: await headers() }))
