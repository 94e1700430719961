import { auditAsked } from '@/server/audit-asked'
import { handle, notFound } from '@/server/handle'
import { listAudit } from '@/store/audit'

const MOST_SHOWN = 200

/** Who changed what of a job, an order or the firm, the latest first. */
export const GET = handle('audit', async ({ db, acting, request }) => {
  const of = await auditAsked(db, acting, request)
  return of ? Response.json(await listAudit(db, acting, of, MOST_SHOWN)) : notFound()
})
