import { cookies, headers } from 'next/headers'
import type { Acting } from '@/store/acting'
import { store } from '@/store/connection'
import { findMember } from '@/store/jobs'
import { isOwnHost } from './border'
import { DEMO_MEMBER_ID } from './demo-ids'
import { readSigned } from './sign'

export const MEMBER_COOKIE = 'harvek-member'

/** Who is acting: the member of a signed cookie; without one the demo's member, until there are accounts.
 *  `null` when the cookie was tampered with, the member is gone, or another name than this installation's was made to point here. */
export async function actingMember(): Promise<Acting | null> {
  if (!isOwnHost((await headers()).get('host'))) return null
  const signed = (await cookies()).get(MEMBER_COOKIE)?.value
  const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_SECRET ?? '')
  return id === null ? null : findMember(store(), id)
}
