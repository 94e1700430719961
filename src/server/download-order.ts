import type { Verb } from '@/core/access/access'
import type { Audience } from '@/papers/order-sheet'
import { downloadPaper } from './download-paper'
import { handle, notFound } from './handle'
import { loadOrder } from './load-order'
import { orderPaper } from './order-paper'

/** A released order as a paper to take along: for its maker, or the firm's own. `suffix` sets its name apart. */
export const downloadOrder = (verb: Verb, audience: Audience, suffix: string) =>
  handle(verb, async asked => {
    const { db, acting, id } = asked
    const found = await loadOrder(db, acting, id)
    if (!found) return notFound()
    const { number, releasedAt } = found.order
    const paper = await orderPaper(db, acting, found, audience)
    return downloadPaper(asked, paper, new Date(releasedAt), `${number}${suffix}.pdf`)
  })
