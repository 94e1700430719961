import { z } from 'zod'
import { firmSchema } from '@/core/catalogue/firm-record'
import { bodyOf, handle, refuse } from '@/server/handle'
import { findFirm, saveFirm } from '@/store/firm'

const asked = z.strictObject({ revision: z.int().min(0), data: firmSchema })

export const GET = handle(async ({ db, acting }) => Response.json(await findFirm(db, acting)))

/** Saves the firm's own practices, rates and suppliers: 200 with the new revision, or 409 with what stands now. */
export const PUT = handle(async ({ db, acting, request }) => {
  const { revision, data } = await bodyOf(request, asked)
  const saved = await saveFirm(db, acting, revision, data)
  if (saved.ok) return Response.json({ revision: saved.revision })
  return refuse(409, {
    code: 'stale',
    message: 'Somebody else changed this in the meantime. Load the page anew and look.',
    current: saved.current,
  })
})
