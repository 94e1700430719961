import { z } from 'zod'
import { objectionTo } from '@/core/exchange/objection'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { loadOrder } from '@/server/load-order'
import { putOutgoing } from '@/store/exchange'

const asked = z.strictObject({ id: z.uuid(), answerId: z.uuid() })

/** Writes back to the supplier what was objected to; the id is made by whoever asks, so that asking twice writes once. */
export const POST = handle('order', async ({ db, acting, request, id }) => {
  const view = await loadOrder(db, acting, id)
  const { id: objectionId, answerId } = await bodyOf(request, asked)
  const answer = view?.answers.find(one => one.id === answerId)
  if (!view || !answer?.ok) return notFound()
  const { number, revision } = view.order
  const objection = objectionTo(answer.acknowledgement, answer.decisions, acting.companyId, { id, number, revision })
  if (!objection)
    return refuse(422, { code: 'nothing-objected', message: 'Nothing was objected to; nothing was sent.' })
  await putOutgoing(
    db,
    acting,
    {
      id: objectionId,
      orderId: id,
      kind: 'objection',
      body: JSON.stringify(objection),
      createdAt: new Date().toISOString(),
    },
    Date.now(),
  )
  return Response.json({ ok: true })
})
