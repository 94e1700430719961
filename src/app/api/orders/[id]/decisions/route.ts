import { z } from 'zod'
import { bodyOf, handle, notFound } from '@/server/handle'
import { answerAdded } from '@/server/post-rows'
import { listDeskAnswers } from '@/store/exchange'
import { findOrder } from '@/store/orders'
import { addRows, DECISIONS } from '@/store/rows'

const decisions = z.strictObject({
  answerId: z.uuid(),
  decisions: z
    .array(
      z.strictObject({
        id: z.uuid(),
        line: z.int().min(1),
        path: z.string().min(1).max(120),
        verdict: z.enum(['accepted', 'objected']),
        by: z.string().min(1).max(80),
        at: z.iso.datetime({ precision: 3 }),
      }),
    )
    .min(1)
    .max(500),
})

/** Notes what somebody decided of differences between an order and its acknowledgement. */
export const POST = handle(async ({ db, acting, request, id }) => {
  if (!(await findOrder(db, acting, id))) return notFound()
  const asked = await bodyOf(request, decisions)
  const answers = await listDeskAnswers(db, acting, [id])
  if (!answers.some(one => one.id === asked.answerId)) return notFound()
  const rows = asked.decisions.map(one => ({ ...one, orderId: id, answerId: asked.answerId }))
  return answerAdded(await addRows(db, DECISIONS, acting, id, rows))
})
