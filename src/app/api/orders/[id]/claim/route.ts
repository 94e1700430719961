import { z } from 'zod'
import { claimOf } from '@/core/exchange/claim'
import { judgeReceipt } from '@/core/order/judge-receipt'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { lengthsOfLine, loadOrder } from '@/server/load-order'
import { putOutgoing } from '@/store/exchange'

const asked = z.strictObject({ line: z.int().min(1) })

/** Tells the supplier of a line that did not come as it was ordered, by its last receipt. The receipt's id is the claim's: asking twice
 *  claims once. */
export const POST = handle('receive', async ({ db, acting, request, id }) => {
  const view = await loadOrder(db, acting, id)
  if (!view) return notFound()
  const { line: number } = await bodyOf(request, asked)
  const line = view.order.lines[number - 1]
  const receipt = view.receipts.findLast(one => one.line === number)
  if (!line || !receipt) return notFound()
  const judged = judgeReceipt(line, receipt, lengthsOfLine(view, number), view.openings[number - 1] ?? null)
  const { number: orderNumber, revision } = view.order
  const claim = claimOf(receipt, line, judged, acting.companyId, { id, number: orderNumber, revision })
  if (!claim)
    return refuse(422, {
      code: 'nothing-claimed',
      message:
        'Nothing was found on it that could be claimed; nothing was sent. Look at it to the end, or note what is wrong.',
    })
  const body = JSON.stringify(claim)
  const message = { id: receipt.id, orderId: id, kind: 'claim' as const, body, createdAt: new Date().toISOString() }
  await putOutgoing(db, acting, message, Date.now())
  return Response.json({ ok: true })
})
