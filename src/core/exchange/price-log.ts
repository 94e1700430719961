import type { Order } from '../order/order'
import type { Receipt } from '../order/receipt'
import type { Acknowledgement } from './acknowledgement'

/** What one line of an order should cost and take by the maker's list, what the maker wrote back, and when it came. */
export type PriceRow = {
  readonly maker: string
  readonly article: string
  readonly name: string
  readonly releasedAt: string
  readonly listCents: number
  /** `null` until the maker wrote back. */
  readonly saidCents: number | null
  readonly listDays: number
  readonly saidDays: number | null
  /** Days from release until it was first looked at on delivery; `null` until then. */
  readonly cameAfterDays: number | null
}

/** A figure of a line as the maker wrote it back, `ours` where they wrote the same; `null` where they did not write back, or left it out. */
export function saidOf(
  acknowledged: Acknowledgement | null,
  line: number,
  member: string,
  ours: number,
): number | null {
  const read = acknowledged?.lines.find(one => one.line === line)
  if (!read) return null
  const other = read.differences.find(one => one.path === member)
  if (!other) return ours
  return typeof other.second === 'number' ? other.second : null
}

/** The prices and days of an order's lines, by its last acknowledgement and what was received. */
export function priceRows(
  order: Order,
  acknowledged: Acknowledgement | null,
  receipts: readonly Receipt[],
): readonly PriceRow[] {
  return order.lines.map(({ unit }, i) => {
    const said = (member: string, ours: number) => saidOf(acknowledged, i + 1, member, ours)
    const came = receipts.find(one => one.line === i + 1)
    return {
      maker: unit.maker,
      article: unit.article,
      name: unit.name,
      releasedAt: order.releasedAt,
      listCents: unit.priceCents,
      saidCents: said('priceCents', unit.priceCents),
      listDays: unit.leadDays,
      saidDays: said('leadDays', unit.leadDays),
      cameAfterDays: came ? daysBetween(order.releasedAt, came.at) : null,
    }
  })
}

const DAY_MS = 86_400_000
/** Whole days of the calendar between two instants, by UTC. */
const daysBetween = (from: string, to: string): number =>
  (Date.parse(to.slice(0, 10)) - Date.parse(from.slice(0, 10))) / DAY_MS

/** Rows of one maker and article together, the latest first. */
export const byMakerAndArticle = (a: PriceRow, b: PriceRow): number =>
  a.maker.localeCompare(b.maker) || a.article.localeCompare(b.article) || b.releasedAt.localeCompare(a.releasedAt)
