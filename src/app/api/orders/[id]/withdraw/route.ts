import { z } from 'zod'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { loadOrder } from '@/server/load-order'
import { MessageTaken, withdraw } from '@/server/withdraw'

const asked = z.strictObject({ id: z.uuid(), reason: z.string().trim().min(1).max(500) })

/** Takes an order back as a whole and tells the supplier; the id is made by whoever asks, so that asking twice tells it once. */
export const POST = handle('order', async ({ db, acting, request, id }) => {
  const view = await loadOrder(db, acting, id)
  if (!view) return notFound()
  const { id: messageId, reason } = await bodyOf(request, asked)
  if (view.supersededBy)
    return refuse(409, { code: 'superseded', message: 'This revision was superseded. Withdraw the one that holds.' })
  if (view.standing === 'received')
    return refuse(409, { code: 'received', message: 'Everything of this order was received; it can’t be withdrawn.' })
  try {
    await withdraw(db, acting, view.order, { messageId, reason }, new Date())
  } catch (error) {
    if (!(error instanceof MessageTaken)) throw error
    return refuse(409, {
      code: 'id-taken',
      message: 'Something else bears this id; the order stands. Withdraw it again.',
    })
  }
  return Response.json({ ok: true })
})
