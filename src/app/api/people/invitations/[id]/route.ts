import { handle, notFound } from '@/server/handle'
import { transact } from '@/store/connection'
import { revokeInvitation } from '@/store/people'

/** Takes an invitation back: its link opens nothing any more. */
export const DELETE = handle('people', async ({ db, acting, id }) => {
  const isRevoked = await transact(db, tx => revokeInvitation(tx, acting, id, new Date().toISOString()))
  return isRevoked ? Response.json({ revoked: id }) : notFound()
})
