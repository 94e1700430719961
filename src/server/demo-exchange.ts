import { createHash } from 'node:crypto'
import { said } from '@/core/catalogue/unit'
import { type MessageLine, messageOf } from '@/core/exchange/message'
import type { Order } from '@/core/order/order'
import type { Receipt } from '@/core/order/receipt'
import { type LengthUnit, parseLength } from '@/core/units/parse-length'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { addDeskAnswer, noteAttempt, putOutgoing } from '@/store/exchange'
import { addRows, RECEIPTS } from '@/store/rows'
import { demoId as idOf } from './demo-ids'

/** What came of a demo order: what the supplier wrote back, and when its unit was accepted. */
export type DemoExchange = {
  readonly takenBy: string
  readonly acknowledged?: 'agrees' | { readonly path: string; readonly value: string } | undefined
  readonly received?: string | undefined
  readonly heldAt?: string | undefined
}

const laterBy = (moment: string, minutes: number): string =>
  new Date(Date.parse(moment) + minutes * 60_000).toISOString()

/** Loads what came of an order: it was sent, acknowledged and received long ago. */
export async function loadExchange(
  db: Db,
  acting: Acting,
  { order, company }: { readonly order: Order; readonly company: string },
  { takenBy, acknowledged, received, heldAt }: DemoExchange,
  unit: LengthUnit,
): Promise<void> {
  const message = messageOf(order, { id: acting.companyId, name: company })
  const sentAt = laterBy(order.releasedAt, 1)
  await putOutgoing(
    db,
    acting,
    { id: order.id, orderId: order.id, kind: 'order', body: JSON.stringify(message), createdAt: order.releasedAt },
    Date.parse(order.releasedAt),
  )
  await noteAttempt(
    db,
    { companyId: acting.companyId, id: order.id },
    { state: 'answered', attempts: 1, dueAt: 0, trouble: '', sentAt },
  )
  if (acknowledged) {
    const lines = acknowledged === 'agrees' ? message.lines : misread(message.lines, acknowledged, unit)
    const text = JSON.stringify({
      format: 'harvek-acknowledgement',
      version: 1,
      company: acting.companyId,
      order: order.id,
      state: 'accepted',
      message: 'Thank you for your order.',
      lines,
    })
    await addDeskAnswer(db, acting.companyId, {
      id: idOf('desk-answer', order.id),
      orderId: order.id,
      receivedAt: laterBy(order.releasedAt, 90),
      text,
      print: createHash('sha256').update(text).digest('hex'),
    })
  }
  if (heldAt) await addRows(db, RECEIPTS, acting, order.id, [heldReceipt(order, takenBy, heldAt)])
  if (received) await addRows(db, RECEIPTS, acting, order.id, [acceptedReceipt(order, takenBy, received)])
}

/** The lines with one member of the first read otherwise: `throat` as `4 3/4`. */
function misread(
  lines: readonly MessageLine[],
  { path, value }: { readonly path: string; readonly value: string },
  unit: LengthUnit,
): readonly unknown[] {
  const parsed = parseLength(value, { unit })
  const [first, ...others]: Record<string, unknown>[] = JSON.parse(JSON.stringify(lines))
  const names = path.split('.')
  let at = first!
  for (const name of names.slice(0, -1)) at = at[name] as Record<string, unknown>
  at[names.at(-1)!] = parsed.ok ? parsed.value.ticks : value
  return [first, ...others]
}

/** A unit that came with its weatherstrip torn. */
const heldReceipt = (order: Order, by: string, at: string): Receipt => ({
  ...acceptedReceipt(order, by, at),
  id: idOf('receipt', order.id, 'held'),
  checks: { weatherstrip: 'wrong' },
  counts: {},
  state: 'hold',
  note: 'Weatherstrip torn at the latch side.',
})

/** A unit that came exactly as ordered. */
function acceptedReceipt(order: Order, by: string, at: string): Receipt {
  const line = order.lines[0]!
  const { width, height } = line.unit
  const jamb = said(line.unit, 'jamb')
  return {
    id: idOf('receipt', order.id),
    orderId: order.id,
    line: 1,
    readings: {
      'width.top': width,
      'width.middle': width,
      'width.bottom': width,
      'height.left': height,
      'height.right': height,
      ...(jamb === null ? {} : { jamb }),
    },
    hinges: line.hinges,
    swing: line.swing,
    checks: { weatherstrip: 'right', sill: 'right', finish: 'right', kerf: 'right', clip: 'right' },
    damage: [],
    counts: line.spares,
    state: 'accepted',
    note: '',
    by,
    at,
  }
}
