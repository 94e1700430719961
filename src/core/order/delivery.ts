import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import { partsAsked, partsWanted } from './asked-of-delivered'
import type { Order } from './order'
import type { Receipt } from './receipt'
import { isAccepted, type PartCount } from './receipt-values'
import { standingOrders } from './revision'
import { isSameLine } from './same-line'

/** Where an opening's unit is: `held` covers one that is on hold or was refused. */
export type Delivery = 'not-ordered' | 'awaited' | 'held' | 'accepted'

/** The receipts that hold for an order: its own, and before them those of the states it took the place of, for every line that is
 *  ordered as it was; those are given under this order's own line. */
export function receiptsFor(order: Order, orders: readonly Order[], receipts: readonly Receipt[]): readonly Receipt[] {
  const own = receipts.filter(one => one.orderId === order.id)
  const before = orders.find(one => one.id === order.supersedes)
  if (!before) return own
  const kept = receiptsFor(before, orders, receipts).flatMap(one => {
    const old = before.lines[one.line - 1]!
    const at = order.lines.findIndex(line => line.opening.id === old.opening.id && isSameLine(old, line))
    return at < 0 ? [] : [{ ...one, orderId: order.id, line: at + 1 }]
  })
  return [...kept, ...own]
}

/** The delivery of an opening by its standing order and the last receipt of its line. */
export function deliveryOf(openingId: string, orders: readonly Order[], receipts: readonly Receipt[]): Delivery {
  const standing = standingLine(openingId, orders, receipts)
  if (!standing) return 'not-ordered'
  if (!standing.last) return 'awaited'
  return isAccepted(standing.last.state) ? 'accepted' : 'held'
}

/** What is ordered and was not looked at on delivery yet. */
export type Awaited = {
  readonly orderId: string
  /** From 1. */
  readonly line: number
  /** ISO 8601. */
  readonly releasedAt: string
  /** Days it takes by its sheet as it was ordered. */
  readonly days: number
}

/** What is awaited for an opening; `null` where nothing is. */
export function awaitedFor(openingId: string, orders: readonly Order[], receipts: readonly Receipt[]): Awaited | null {
  const standing = standingLine(openingId, orders, receipts)
  if (!standing || standing.last) return null
  const { order, at, line } = standing
  return { orderId: order.id, line: at + 1, releasedAt: order.releasedAt, days: line.unit.leadDays }
}

const DAY_MS = 86_400_000
/** The day by which it should be there, `days` of the calendar after it was ordered. */
export const arrivalOn = ({ releasedAt, days }: Pick<Awaited, 'releasedAt' | 'days'>): string =>
  new Date(Date.parse(releasedAt) + days * DAY_MS).toISOString().slice(0, 10)

/** The line that is ordered for an opening, and what was last received on it; `null` where nothing is ordered. */
function standingLine(openingId: string, orders: readonly Order[], receipts: readonly Receipt[]) {
  const order = standingOrders(orders).findLast(one => one.lines.some(line => line.opening.id === openingId))
  if (!order) return null
  const at = order.lines.findIndex(line => line.opening.id === openingId)
  const last = receiptsFor(order, orders, receipts).findLast(one => one.line === at + 1) ?? null
  return { order, at, line: order.lines[at]!, last }
}

/** What a supplier still owes on an accepted unit. */
export type Owed = {
  readonly parts: readonly { readonly part: PartCount; readonly missing: number }[]
  readonly note: string
  /** ISO 8601, and who looked. */
  readonly at: string
  readonly by: string
}

/** What is owed by the last receipt of an opening's unit; `null` where nothing is, or where the unit itself is not accepted. */
export function owedOn(openingId: string, orders: readonly Order[], receipts: readonly Receipt[]): Owed | null {
  const { line, last } = standingLine(openingId, orders, receipts) ?? { line: null, last: null }
  if (!line || last?.state !== 'accepted-parts-owed') return null
  const parts = partsAsked(line).flatMap(part => {
    const came = last.counts[part]
    const missing = came === undefined ? 0 : partsWanted(line, part) - came
    return missing > 0 ? [{ part, missing }] : []
  })
  return { parts, note: last.note, at: last.at, by: last.by }
}

export type DeliveryCode = 'unit-not-accepted' | 'unit-held' | 'parts-owed'

/** The old door is not removed before the new unit was looked at and accepted; what is owed on it stays in sight until it is there. */
export function deliveryFindings(delivery: Delivery, owed: Owed | null): readonly Finding<DeliveryCode>[] {
  if (owed) return [partsOwed(owed)]
  if (delivery === 'not-ordered' || delivery === 'accepted') return []
  const isHeld = delivery === 'held'
  return [
    {
      code: isHeld ? 'unit-held' : 'unit-not-accepted',
      place: 'unit',
      severity: isHeld ? 'stop' : 'watch',
      facts: {},
      rule: 'receipt',
      cures: [cure('receipt.look')],
    },
  ]
}

/** What is owed as a finding's fact: `part:how many`, parted by spaces. */
export const owedCodes = (parts: Owed['parts']): string =>
  parts.map(({ part, missing }) => `${part}:${missing}`).join(' ')

const partsOwed = ({ parts, note, at }: Owed): Finding<DeliveryCode> => ({
  code: 'parts-owed',
  place: 'unit',
  severity: 'watch',
  facts: { parts: owedCodes(parts), note, since: at.slice(0, 10) },
  rule: 'receipt',
  cures: [cure('receipt.look')],
})
