import { orderSheet } from '@/papers/order-sheet'
import { downloadPaper } from '@/server/download-paper'
import { handle, notFound, refuse } from '@/server/handle'
import { loadOpening, workOf } from '@/server/load-opening'
import { firmOnPapers } from '@/server/order-paper'

/** The order sheet as it would be released now, marked as not released. */
export const GET = handle('money', async asked => {
  const { db, acting, id } = asked
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const { line } = workOf(sheet).order.value
  if (!line)
    return refuse(422, { code: 'not-complete', message: 'The order is not complete: the sheet can’t be made yet.' })
  const paper = orderSheet(
    sheet.job,
    { number: null, revision: 1, maker: line.unit.maker, releasedAt: null, releasedBy: '' },
    [line],
    { audience: 'firm', firm: await firmOnPapers(db, acting) },
  )
  return downloadPaper(asked, paper, new Date(), `${sheet.opening.tag}-order.pdf`)
})
