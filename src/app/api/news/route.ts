import { subDays } from 'date-fns'
import { z } from 'zod'
import { handle } from '@/server/handle'
import { listNews } from '@/store/find-beside'

const MOST = 20
const DAYS = 7

/** What happened since a moment, seven days back at most: suppliers that answered, and what was waited for and is over. */
export const GET = handle('look', async ({ db, acting, request }) => {
  const now = new Date()
  const asked = z.iso.datetime({ precision: 3 }).safeParse(new URL(request.url).searchParams.get('since'))
  const since = [asked.success ? asked.data : '', subDays(now, DAYS).toISOString()].sort().at(-1)!
  return Response.json(await listNews(db, acting, since, now.toISOString(), MOST))
})
