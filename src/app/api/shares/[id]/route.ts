import { handle, notFound } from '@/server/handle'
import { endShare } from '@/store/shares'

/** Ends a link: whoever has it sees nothing any more. What was signed stays. */
export const DELETE = handle('settle', async ({ db, acting, id }) =>
  (await endShare(db, acting, id, new Date().toISOString())) ? Response.json({ ended: id }) : notFound(),
)
