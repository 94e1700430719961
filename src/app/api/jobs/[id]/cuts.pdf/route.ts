import { cutListPaper } from '@/papers/cut-list'
import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadCuts } from '@/server/load-cuts'

export const GET = handle('look', async asked => {
  const { db, acting, id } = asked
  const loaded = await loadCuts(db, acting, id)
  if (!loaded) return notFound()
  return downloadPaper(asked, cutListPaper(loaded.job, loaded.cuts), new Date(), `${loaded.job.name}-cuts.pdf`)
})
