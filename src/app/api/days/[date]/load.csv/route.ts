import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadDay } from '@/server/load-day'
import { writeLoadCsv } from '@/writers/write-load-csv'

export const GET = handle('look', async ({ db, acting, params }) => {
  const day = await loadDay(db, acting, params.date ?? '')
  return day ? download(writeLoadCsv(day.load, day.step), 'text/csv; charset=utf-8', `${day.date}-van.csv`) : notFound()
})
