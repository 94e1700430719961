import { handle, refuse } from '@/server/handle'
import { changePerson } from '@/server/people'
import { isDemo } from '@/server/who'

/** Leaves the firm one works in: what one took keeps one’s name. */
export const POST = handle('look', async ({ db, acting }) => {
  if (isDemo()) return refuse(409, { code: 'demo', message: 'In the demo nobody leaves.' })
  if (!(await changePerson(db, acting, { ...acting, id: acting.memberId }, null, new Date())))
    return refuse(409, { code: 'last-owner', message: 'A firm has one owner at least: make somebody else one first.' })
  return Response.json({ left: true })
})
