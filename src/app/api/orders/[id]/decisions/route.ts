import { decisionsSchema } from '@/core/exchange/decisions'
import { bodyOf, handle, notFound } from '@/server/handle'
import { answerAdded } from '@/server/post-rows'
import { listDeskAnswers } from '@/store/exchange'
import { findOrder } from '@/store/orders'
import { addRows, DECISIONS } from '@/store/rows'

/** Notes what somebody decided of differences between an order and its acknowledgement. */
export const POST = handle('order', async ({ db, acting, request, id }) => {
  if (!(await findOrder(db, acting, id))) return notFound()
  const asked = await bodyOf(request, decisionsSchema)
  const answers = await listDeskAnswers(db, acting, [id])
  if (!answers.some(one => one.id === asked.answerId)) return notFound()
  const rows = asked.decisions.map(one => ({ ...one, orderId: id, answerId: asked.answerId }))
  return answerAdded(await addRows(db, DECISIONS, acting, id, rows))
})
