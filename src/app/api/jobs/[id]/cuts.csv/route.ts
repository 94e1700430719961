import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadCuts } from '@/server/load-cuts'
import { writeCutsCsv } from '@/writers/write-cuts-csv'

export const GET = handle('look', async ({ db, acting, id }) => {
  const loaded = await loadCuts(db, acting, id)
  if (!loaded) return notFound()
  const csv = writeCutsCsv(loaded.cuts, loaded.job.step)
  return download(csv, 'text/csv; charset=utf-8', `${loaded.job.name}-cuts.csv`)
})
