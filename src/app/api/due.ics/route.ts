import { download } from '@/server/download'
import { handle } from '@/server/handle'
import { dueCalendar } from '@/server/load-after'

/** What is due of any door as a calendar other programs open. */
export const GET = handle('look', async ({ db, acting }) =>
  download(await dueCalendar(db, acting, new Date()), 'text/calendar; charset=utf-8', 'due.ics'),
)
