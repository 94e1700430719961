import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadClaim } from '@/server/load-claim'

/** What to tell the supplier of a unit that was not accepted; `?line=` says which, counted from 1. */
export const GET = handle('look', async asked => {
  const { db, acting, request, id } = asked
  const line = Number(new URL(request.url).searchParams.get('line') ?? 1)
  const claim = await loadClaim(db, acting, id, line)
  if (!claim) return notFound()
  return downloadPaper(asked, claim.paper, new Date(claim.at), claim.name)
})
