import { recordsOf } from '@/core/sheet'
import { handoverRecord } from '@/papers/handover-record'
import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadOpening, tradeOf, workOf } from '@/server/load-opening'

export const GET = handle(async asked => {
  const { db, acting, id } = asked
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const paper = handoverRecord(sheet.job, recordsOf(sheet), workOf(sheet), tradeOf(sheet))
  return downloadPaper(asked, paper, new Date(), `${sheet.opening.tag}-record.pdf`)
})
