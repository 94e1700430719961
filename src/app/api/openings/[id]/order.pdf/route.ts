import { orderSheet } from '@/papers/order-sheet'
import { download } from '@/server/download'
import { handle, notFound, refuse } from '@/server/handle'
import { loadOpening, workOf } from '@/server/load-opening'
import { writePdf } from '@/writers/write-pdf'

/** The order sheet as it would be released now, marked as not released. */
export const GET = handle(async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const { order, specify } = workOf(sheet)
  const { line } = order.value
  if (!line)
    return refuse(422, { code: 'not-complete', message: 'The order is not complete: the sheet can’t be made yet.' })
  const { unit, jamb } = specify.value.specification
  const traces = [
    ...(unit ? [['Unit width', unit.width] as const, ['Unit height', unit.height] as const] : []),
    ...(jamb ? [['Jamb', jamb.wanted] as const] : []),
  ]
  const paper = orderSheet(
    sheet.job,
    { number: null, revision: 1, maker: line.unit.maker, releasedAt: null, releasedBy: '' },
    [line],
    {
      traces,
    },
  )
  return download(await writePdf(paper, new Date()), 'application/pdf', `${sheet.opening.tag}-order.pdf`, true)
})
