import type { Difference } from '../base/differences'
import type { Order, OrderLine } from './order'
import { changesOf } from './same-line'

/** What a revision changed: an opening that came in, one that went out, or what is ordered for it. */
export type LineChange =
  | { readonly kind: 'added'; readonly tag: string }
  | { readonly kind: 'removed'; readonly tag: string }
  | { readonly kind: 'changed'; readonly tag: string; readonly differences: readonly Difference[] }

/** What changed from one released state to the next, in the order of its lines. */
export function revisionChanges(before: Pick<Order, 'lines'>, after: Pick<Order, 'lines'>): readonly LineChange[] {
  const lineOf = (order: Pick<Order, 'lines'>, line: OrderLine) =>
    order.lines.find(one => one.opening.id === line.opening.id)
  const stands = after.lines.flatMap((line): readonly LineChange[] => {
    const old = lineOf(before, line)
    if (!old) return [{ kind: 'added', tag: line.opening.tag }]
    const differences = changesOf(old, line)
    return differences.length ? [{ kind: 'changed', tag: line.opening.tag, differences }] : []
  })
  const gone = before.lines.filter(line => !lineOf(after, line))
  return [...stands, ...gone.map((line): LineChange => ({ kind: 'removed', tag: line.opening.tag }))]
}

/** Of several released states those that hold now: the last revision of each number that was not withdrawn. */
export const standingOrders = (orders: readonly Order[]): readonly Order[] => {
  const replaced = new Set(orders.flatMap(one => one.supersedes ?? []))
  return orders.filter(one => !replaced.has(one.id) && one.withdrawn === null)
}
