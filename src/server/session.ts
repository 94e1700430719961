import { cookies } from 'next/headers'
import type { Acting } from '@/store/acting'
import { store } from '@/store/connection'
import { findMember } from '@/store/jobs'
import { DEMO_MEMBER_ID } from './demo-ids'
import { readSigned } from './sign'

export const MEMBER_COOKIE = 'harvek-member'

/** Who is acting: the member of a signed cookie; without one the demo's member, until there are accounts.
 *  `null` when the cookie was tampered with or the member is gone. */
export async function actingMember(): Promise<Acting | null> {
  const signed = (await cookies()).get(MEMBER_COOKIE)?.value
  const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_SECRET ?? '')
  return id === null ? null : findMember(store(), id)
}
