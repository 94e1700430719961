import { standingDay } from '@/core/plan/day-entry'
import { vanListPaper } from '@/papers/van-list'
import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadDay } from '@/server/load-day'

export const GET = handle('look', async asked => {
  const { db, acting, params } = asked
  const day = await loadDay(db, acting, params.date ?? '')
  if (!day) return notFound()
  const loaded = new Set(
    [...standingDay('loaded', day.entries)].flatMap(([key, one]) => (one.result === 'yes' ? [key] : [])),
  )
  return downloadPaper(asked, vanListPaper({ ...day, loaded }), new Date(), `${day.date}-van.pdf`)
})
