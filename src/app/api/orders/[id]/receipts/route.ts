import { receiptSchema } from '@/core/order/receipt'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { answerAdded } from '@/server/post-rows'
import { findOrder } from '@/store/orders'
import { addRows, RECEIPTS } from '@/store/rows'

/** Notes what was found on a delivered unit, and what becomes of it. */
export const POST = handle('receive', async ({ db, acting, request, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  const receipt = await bodyOf(request, receiptSchema)
  if (receipt.orderId !== id || receipt.line > found.order.lines.length)
    return refuse(422, { code: 'other-line', message: 'This line is not in this order; nothing was stored.' })
  return answerAdded(await addRows(db, RECEIPTS, acting, id, [receipt]))
})
