import { may } from '@/core/access/access'
import { sharingSchema } from '@/core/sharing/share-record'
import { ownAddress } from '@/server/auth'
import { bodyOf, handle, notFound, notYours, refuse } from '@/server/handle'
import { shareOpening } from '@/server/share'
import { findOpening } from '@/store/jobs'
import { listShares } from '@/store/shares'

/** What was shown of an opening to its customer, and what became of it. */
export const GET = handle('look', async ({ db, acting, id }) =>
  (await findOpening(db, acting, id)) ? Response.json({ shares: await listShares(db, acting, id) }) : notFound(),
)

const REFUSED = {
  'nothing-fits': [422, 'None of these units goes in: there is nothing to choose among.'],
  'no-address': [422, 'The job has no e-mail address of its customer: put it there, or copy the link.'],
  there: [409, 'This was shared already; its link was said then. Share it anew for another.'],
} as const

/** Shows an opening's choices, or its record, by a link that is said this once. */
export const POST = handle('settle', async ({ db, acting, id, request }) => {
  const asked = await bodyOf(request, sharingSchema)
  if (asked.kind === 'record' && !may(acting.role, 'vouch')) return refuse(403, notYours('vouch'))
  const shared = await shareOpening(db, acting, id, asked, ownAddress(), new Date())
  if (!('refused' in shared))
    return Response.json(
      { path: `/s/${shared.token}`, expiresAt: shared.expiresAt, mailedTo: shared.mailedTo },
      { status: 201 },
    )
  if (shared.refused === 'not-found') return notFound()
  const [status, message] = REFUSED[shared.refused]
  return refuse(status, { code: shared.refused, message })
})
