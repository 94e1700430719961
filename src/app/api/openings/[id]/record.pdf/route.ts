import { recordsOf } from '@/core/sheet'
import { handoverRecord } from '@/papers/handover-record'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening, tradeOf, workOf } from '@/server/load-opening'
import { writePdf } from '@/writers/write-pdf'

export const GET = handle(async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const paper = handoverRecord(sheet.job, recordsOf(sheet), workOf(sheet), tradeOf(sheet).numbers)
  return download(await writePdf(paper, new Date()), 'application/pdf', `${sheet.opening.tag}-record.pdf`, true)
})
