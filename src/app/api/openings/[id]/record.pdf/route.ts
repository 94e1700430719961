import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { openingRecord } from '@/server/record-paper'

export const GET = handle('look', async asked => {
  const { db, acting, id } = asked
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const paper = await openingRecord(db, acting, sheet)
  return downloadPaper(asked, paper, new Date(), `${sheet.opening.tag}-record.pdf`)
})
