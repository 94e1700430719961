import { type Audience, orderSheet } from '@/papers/order-sheet'
import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { companyName, findFirm } from '@/store/firm'
import type { OrderView } from './load-order'

/** Who orders, as it stands on papers. */
export async function firmOnPapers(db: Db, acting: Acting) {
  const [name, firm] = await Promise.all([companyName(db, acting), findFirm(db, acting)])
  const { address, phone, email } = firm.data.about
  return {
    name,
    address: [address, phone, email].filter(Boolean).join(', '),
    paper: firm.data.paper,
    counting: { currency: firm.data.currency, numbers: firm.data.numbers },
  }
}

/** A released order as a paper: for its maker, or the firm's own. */
export async function orderPaper(
  db: Db,
  acting: Acting,
  { order, job, changes }: OrderView,
  audience: Audience,
): Promise<Paper> {
  return orderSheet(job, order, order.lines, { audience, firm: await firmOnPapers(db, acting), changes })
}
