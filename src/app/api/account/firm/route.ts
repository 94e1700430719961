import { cookies } from 'next/headers'
import { z } from 'zod'
import { ownAddress } from '@/server/auth'
import { bodyOf, handle, notFound } from '@/server/handle'
import { signedIn } from '@/server/session'
import { FIRM_COOKIE } from '@/server/who'
import { membershipsOf } from '@/store/people'

/** Goes on in another of one’s firms. */
export const POST = handle('look', async ({ db, request }) => {
  const { memberId } = await bodyOf(request, z.strictObject({ memberId: z.uuid() }))
  const session = await signedIn()
  const own = session ? await membershipsOf(db, session.user.id) : []
  if (!own.some(one => one.memberId === memberId)) return notFound()
  const jar = await cookies()
  jar.set(FIRM_COOKIE, memberId, {
    httpOnly: true,
    sameSite: 'lax',
    secure: ownAddress().startsWith('https:'),
    path: '/',
    maxAge: 365 * 86_400,
  })
  return Response.json({ memberId })
})
