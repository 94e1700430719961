import { createHmac, timingSafeEqual } from 'node:crypto'
import { cookies } from 'next/headers'
import type { Acting } from '@/store/acting'
import { store } from '@/store/connection'
import { findMember } from '@/store/jobs'
import { DEMO_MEMBER_ID } from './demo-ids'

export const MEMBER_COOKIE = 'harvek-member'

/** A member's id with this installation's signature: what the cookie holds. */
export function signMember(id: string, secret: string): string {
  return `${id}.${createHmac('sha256', secret).update(id).digest('hex')}`
}

/** The id in a signed text; `null` when the signature is not ours. */
export function readSigned(signed: string, secret: string): string | null {
  const [id] = signed.split('.')
  const expected = Buffer.from(signMember(id ?? '', secret))
  const given = Buffer.from(signed)
  return id && given.length === expected.length && timingSafeEqual(given, expected) ? id : null
}

/** Who is acting: the member of a signed cookie; without one the demo's member, until there are accounts.
 *  `null` when the cookie was tampered with or the member is gone. */
export async function actingMember(): Promise<Acting | null> {
  const signed = (await cookies()).get(MEMBER_COOKIE)?.value
  const id = signed === undefined ? DEMO_MEMBER_ID : readSigned(signed, process.env.HARVEK_SECRET ?? '')
  return id === null ? null : findMember(store(), id)
}
