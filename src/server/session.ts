import { cookies, headers } from 'next/headers'
import { cache } from 'react'
import { findKnown, type Known } from '@/store/company'
import { store } from '@/store/connection'
import { isOwnHost } from './border'
import { DEMO_MEMBER_ID } from './demo-ids'
import { readSigned } from './sign'

export const MEMBER_COOKIE = 'harvek-member'

/** Who is acting: the member of a signed cookie; without one the demo's member, until there are accounts.
 *  With the company as it is; looked up once for a page. `null` when the cookie was tampered with, the member is gone, or another name than this installation's was made to point here. */
export const actingMember = cache(async (): Promise<Known | null> => {
  if (!isOwnHost((await headers()).get('host'))) return null
  const signed = (await cookies()).get(MEMBER_COOKIE)?.value
  const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_SECRET ?? '')
  return id === null ? null : findKnown(store(), id)
})
