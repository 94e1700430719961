import { z } from 'zod'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { loadOpening, resultOf } from '@/server/load-opening'
import { releaseOrder } from '@/store/orders'
import { findingWords } from '@/words/findings'

const release = z.strictObject({ id: z.uuid() })

/** Releases an order of this one opening; the id is made by whoever asks, so that asking twice releases once. */
export const POST = handle(async ({ db, acting, request, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const { id: orderId } = await bodyOf(request, release)
  const { line, findings } = resultOf(sheet)
  if (!line) {
    const issues = findings.order
      .filter(one => one.severity === 'stop')
      .map(one => ({ path: one.place, message: findingWords(one, sheet.job.step).title }))
    return refuse(422, { code: 'not-complete', message: 'The order is not complete; nothing was released.', issues })
  }
  const order = await releaseOrder(db, acting, sheet.job.id, orderId, new Date().toISOString(), [line])
  return Response.json({ order })
})
