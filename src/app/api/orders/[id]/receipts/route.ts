import { receiptSchema } from '@/core/order/receipt'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { addReceipt } from '@/store/exchange'
import { findOrder } from '@/store/orders'

/** Notes what was found on a delivered unit, and what becomes of it. */
export const POST = handle(async ({ db, acting, request, id }) => {
  const found = await findOrder(db, acting, id)
  if (!found) return notFound()
  const receipt = await bodyOf(request, receiptSchema)
  if (receipt.orderId !== id || receipt.line > found.order.lines.length)
    return refuse(422, { code: 'other-line', message: 'This line is not in this order; nothing was stored.' })
  const { conflicting } = await addReceipt(db, acting, receipt)
  if (conflicting.length)
    return refuse(409, { code: 'id-taken', message: 'A receipt of this id is stored with other contents.' })
  return Response.json({ stored: [receipt.id] })
})
