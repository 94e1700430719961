import { readAcknowledgement } from '@/core/exchange/acknowledgement'
import type { OrderMessage } from '@/core/exchange/message'
import { saidOf } from '@/core/exchange/price-log'
import { type Awaited, arrivalOn } from '@/core/order/delivery'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { listDeskAnswers, listOutgoing } from '@/store/exchange'

/** The day by which each of what is awaited should be there: by what its maker wrote back last, else by the days of its sheet as it was ordered. */
export async function arrivalsOf(
  db: Db,
  acting: Acting,
  awaited: readonly Awaited[],
): Promise<(one: Awaited) => string> {
  const ids = [...new Set(awaited.map(one => one.orderId))]
  if (ids.length === 0) return arrivalOn
  const [outgoing, answers] = await Promise.all([listOutgoing(db, acting, ids), listDeskAnswers(db, acting, ids)])
  const acknowledged = new Map(
    ids.flatMap(id => {
      const sent = outgoing.find(one => one.kind === 'order' && one.orderId === id)
      if (!sent) return []
      const message: OrderMessage = JSON.parse(sent.body)
      const read = answers.flatMap(one => {
        if (one.orderId !== id) return []
        const found = readAcknowledgement(one.text, message)
        return found.ok ? [found.value] : []
      })
      const last = read.at(-1)
      return last ? [[id, last] as const] : []
    }),
  )
  return one =>
    arrivalOn({
      ...one,
      days: saidOf(acknowledged.get(one.orderId) ?? null, one.line, 'leadDays', one.days) ?? one.days,
    })
}
