import { cookies } from 'next/headers'
import { z } from 'zod'
import { DEMO_COMPANY_ID } from '@/server/demo-ids'
import { bodyOf, handle, notFound } from '@/server/handle'
import { signMember } from '@/server/sign'
import { isDemo, MEMBER_COOKIE } from '@/server/who'
import { findKnown } from '@/store/company'

/** In the demo: goes on as another of its members. */
export const POST = handle('look', async ({ db, request }) => {
  const { id } = await bodyOf(request, z.strictObject({ id: z.uuid() }))
  const other = isDemo() ? await findKnown(db, id) : null
  if (other?.companyId !== DEMO_COMPANY_ID) return notFound()
  const jar = await cookies()
  jar.set(MEMBER_COOKIE, signMember(id, process.env.HARVEK_COOKIE_SECRET ?? ''), {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
  })
  return Response.json({ name: other.name, role: other.role })
})
