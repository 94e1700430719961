import type { Order } from '@/core/order/order'
import type { Acting } from '@/store/acting'
import { note } from '@/store/audit'
import { type Db, transact } from '@/store/connection'
import { callBack, putOutgoing } from '@/store/exchange'
import { withdrawOrder } from '@/store/orders'

/** The message's id is another's already: nothing was taken back. */
export class MessageTaken extends Error {}

/** Takes an order back and puts the word to its supplier on its way, both or neither, once; one that nobody was told of yet is called back.
 *  @throws MessageTaken */
export async function withdraw(
  db: Db,
  acting: Acting,
  { id, number, revision }: Order,
  { messageId, reason }: { readonly messageId: string; readonly reason: string },
  now: Date,
): Promise<void> {
  const at = now.toISOString()
  const body = JSON.stringify({
    format: 'harvek-withdrawal',
    version: 1,
    company: acting.companyId,
    order: { id, number, revision },
    reason,
  })
  await transact(db, async tx => {
    if (!(await withdrawOrder(tx, acting, id, { at, by: acting.name, reason }))) return
    await note(tx, acting, { verb: 'withdrawn', subject: 'order', subjectId: id, after: { reason } })
    // Called back in its first minute, nobody has to be told.
    if (await callBack(tx, acting, id, now.getTime())) return
    const message = { id: messageId, orderId: id, kind: 'withdrawal', body, createdAt: at } as const
    if (!(await putOutgoing(tx, acting, message, now.getTime()))) throw new MessageTaken()
  })
}
