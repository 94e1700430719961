import { claimNote } from '@/papers/claim-note'
import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { LENGTHS } from '@/trade/lengths'
import { loadOrder } from './load-order'

/** The claim note of a line by its last receipt; `null` where nothing was received on it. */
export async function loadClaim(
  db: Db,
  acting: Acting,
  orderId: string,
  number: number,
): Promise<{ readonly paper: Paper; readonly at: string; readonly name: string } | null> {
  const view = await loadOrder(db, acting, orderId)
  const line = view?.order.lines[number - 1]
  const receipt = view?.receipts.findLast(one => one.line === number)
  if (!view || !line || !receipt) return null
  return {
    paper: claimNote(view.job, view.order, line, receipt, LENGTHS),
    at: receipt.at,
    name: `${view.order.number}-${line.opening.tag}-claim.pdf`,
  }
}
