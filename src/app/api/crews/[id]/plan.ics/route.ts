import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { crewCalendar } from '@/server/load-plan'

export const GET = handle('look', async ({ db, acting, id }) => {
  const found = await crewCalendar(db, acting, id, new Date())
  return found ? download(found.ics, 'text/calendar; charset=utf-8', `${found.name}.ics`) : notFound()
})
