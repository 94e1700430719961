import { cookies, headers } from 'next/headers'
import { cache } from 'react'
import { findKnown, type Known } from '@/store/company'
import { store } from '@/store/connection'
import { isOwnHost } from './border'
import { DEMO_MEMBER_ID } from './demo-ids'
import { readSigned } from './sign'

export const MEMBER_COOKIE = 'harvek-member'

/** Whether this installation shows the demo: then whoever comes may be any of its members. */
export const isDemo = (): boolean => process.env.HARVEK_DEMO === '1'

/** Who is acting: the member of a signed cookie; without one, where the demo is shown, its owner.
 *  With the company as it is; looked up once for a page. `null` when the cookie was tampered with, the member is gone, or another name than this installation's was made to point here. */
export const actingMember = cache(async (): Promise<Known | null> => {
  if (!isOwnHost((await headers()).get('host'))) return null
  const signed = (await cookies()).get(MEMBER_COOKIE)?.value
  if (signed === undefined && !isDemo()) return null
  const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_SECRET ?? '')
  return id === null ? null : findKnown(store(), id)
})
