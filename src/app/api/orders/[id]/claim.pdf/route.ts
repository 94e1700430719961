import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadClaim } from '@/server/load-claim'
import { writePdf } from '@/writers/write-pdf'

/** What to tell the supplier of a unit that was not accepted; `?line=` says which, counted from 1. */
export const GET = handle(async ({ db, acting, request, id }) => {
  const line = Number(new URL(request.url).searchParams.get('line') ?? 1)
  const claim = await loadClaim(db, acting, id, line)
  if (!claim) return notFound()
  return download(await writePdf(claim.paper, new Date(claim.at)), 'application/pdf', claim.name, true)
})
