import { recordsOf } from '@/core/sheet'
import { fitCard } from '@/papers/fit-card'
import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadOpening, workOf } from '@/server/load-opening'

export const GET = handle('look', async asked => {
  const { db, acting, id } = asked
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const paper = fitCard(sheet.job, recordsOf(sheet), workOf(sheet))
  return downloadPaper(asked, paper, new Date(), `${sheet.opening.tag}-fit.pdf`)
})
