import type { LogEntry } from '../log/log'
import type { Order } from '../order/order'
import type { Receipt } from '../order/receipt'
import type { Occasion, Reading } from '../survey/reading'

// Everything that ever happened to a door, on one line of time.

export type TimelineEvent = {
  readonly at: string
  readonly by: string
} & (
  | { readonly kind: 'read'; readonly occasion: Occasion; readonly count: number; readonly again: number }
  | { readonly kind: 'ordered' | 'withdrawn'; readonly number: string; readonly revision: number }
  | { readonly kind: 'received'; readonly state: Receipt['state'] }
  | { readonly kind: 'worked'; readonly done: number; readonly notRight: number; readonly waived: number }
  | { readonly kind: 'moved' | 'sealed'; readonly count: number }
  | { readonly kind: 'tested'; readonly passed: number; readonly failed: number; readonly waived: number }
  | { readonly kind: 'signed'; readonly what: 'offer' | 'record' }
  | {
      readonly kind: 'call'
      readonly what: 'opened' | 'found' | 'cured' | 'closed' | 'reopened'
      readonly code: string
      readonly text: string
    }
  | { readonly kind: 'upkeep'; readonly code: string; readonly text: string }
)

type Given = {
  readonly openingId: string
  readonly readings: readonly Reading[]
  readonly log: readonly LogEntry[]
  readonly orders: readonly Order[]
  readonly receipts: readonly Receipt[]
}

/** What happened, the oldest first: what one person read, did or tested on one day stands in one line. `dayOf` tells a moment's day there. */
export function timelineOf(
  { openingId, readings, log, orders, receipts }: Given,
  dayOf: (at: string) => string,
): readonly TimelineEvent[] {
  const events = [
    ...readEvents(readings, dayOf),
    ...orderEvents(orders, openingId),
    ...receipts
      .filter(one =>
        orders.some(order => order.id === one.orderId && order.lines[one.line - 1]?.opening.id === openingId),
      )
      .map(one => ({ kind: 'received', state: one.state, at: one.at, by: one.by }) as const),
    ...logEvents(log, dayOf),
  ]
  return events.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
}

function gathered<T>(rows: readonly T[], key: (row: T) => string): readonly (readonly T[])[] {
  const groups = new Map<string, T[]>()
  for (const row of rows) groups.set(key(row), [...(groups.get(key(row)) ?? []), row])
  return [...groups.values()]
}

/** Readings by day, person and occasion; how many of them had been read before on the same occasion. */
function readEvents(readings: readonly Reading[], dayOf: (at: string) => string): readonly TimelineEvent[] {
  const sorted = [...readings].sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1))
  const seen = new Set<string>()
  const again = new Set<string>()
  for (const { id, slot, occasion } of sorted) {
    const place = `${occasion} ${slot}`
    if (seen.has(place)) again.add(id)
    seen.add(place)
  }
  return gathered(sorted, one => `${dayOf(one.takenAt)} ${one.takenBy} ${one.occasion}`).map(rows => ({
    kind: 'read',
    at: rows[0]!.takenAt,
    by: rows[0]!.takenBy,
    occasion: rows[0]!.occasion,
    count: rows.length,
    again: rows.filter(one => again.has(one.id)).length,
  }))
}

const orderEvents = (orders: readonly Order[], openingId: string): readonly TimelineEvent[] =>
  orders
    .filter(one => one.lines.some(line => line.opening.id === openingId))
    .flatMap(({ number, revision, releasedAt, releasedBy, withdrawn }): readonly TimelineEvent[] => [
      { kind: 'ordered', number, revision, at: releasedAt, by: releasedBy },
      ...(withdrawn ? [{ kind: 'withdrawn', number, revision, at: withdrawn.at, by: withdrawn.by } as const] : []),
    ])

const countOf = (rows: readonly LogEntry[], ...results: readonly LogEntry['result'][]): number =>
  rows.filter(one => results.includes(one.result)).length

function logEvents(log: readonly LogEntry[], dayOf: (at: string) => string): readonly TimelineEvent[] {
  const byDay = gathered(
    log.filter(one => ['step', 'move', 'test', 'seal'].includes(one.kind)),
    one => `${one.kind} ${dayOf(one.at)} ${one.by}`,
  )
  const single = log.flatMap((one): readonly TimelineEvent[] => singleEvent(one))
  return [...byDay.flatMap(dayEvent), ...single]
}

function dayEvent(rows: readonly LogEntry[]): readonly TimelineEvent[] {
  const sorted = [...rows].sort((a, b) => (a.at < b.at ? -1 : 1))
  const { kind, at, by } = sorted[0]!
  if (kind === 'move') return [{ kind: 'moved', count: rows.length, at, by }]
  if (kind === 'seal') return [{ kind: 'sealed', count: countOf(rows, 'fitted'), at, by }]
  if (kind === 'test')
    return [
      {
        kind: 'tested',
        passed: countOf(rows, 'passed'),
        failed: countOf(rows, 'failed'),
        waived: countOf(rows, 'waived'),
        at,
        by,
      },
    ]
  return [
    {
      kind: 'worked',
      done: countOf(rows, 'done'),
      notRight: countOf(rows, 'failed'),
      waived: countOf(rows, 'waived'),
      at,
      by,
    },
  ]
}

function singleEvent({ kind, code, result, text, at, by }: LogEntry): readonly TimelineEvent[] {
  if (kind === 'upkeep') return [{ kind: 'upkeep', code, text, at, by }]
  if (kind === 'call')
    return [{ kind: 'call', what: result as Extract<TimelineEvent, { kind: 'call' }>['what'], code, text, at, by }]
  if (kind !== 'choice') return []
  if (code === 'record') return [{ kind: 'signed', what: 'record', at, by }]
  return code.startsWith('offer/') ? [{ kind: 'signed', what: 'offer', at, by }] : []
}
