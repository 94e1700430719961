import { isSame, merge } from '@/core/base/merge'
import type { Versioned } from '@/core/sheet'
import type { PhotoPlace } from '@/core/survey/photo-place'

// What somebody did that the store is to have, and what becomes of it by the store's answer. Plain data: it lies on the device until it is stored.

/** Both sides of a change that somebody else made otherwise: nothing of either is lost until one is chosen. */
export type Clash<T = object> = {
  readonly mine: T
  readonly current: Versioned<T>
  /** Paths of what both changed. */
  readonly paths: readonly string[]
  /** Who changed it otherwise, and when; `null` where that is not known. */
  readonly by: string | null
  readonly at: string | null
}

type Common = {
  /** Made once, where it was done; of a change, the address of what is changed. */
  readonly id: string
  /** The address of the opening, order or job it belongs to. */
  readonly of: string
  /** Where it is sent. */
  readonly path: string
  /** What it is, in words. */
  readonly what: string
  /** ISO 8601. */
  readonly doneAt: string
  /** Why the store does not take it; it waits for a person. */
  readonly refused?: string
}

/** A row with an id of its own, of a path that takes many at once. */
export type RowItem = Common & { readonly kind: 'row'; readonly row: { readonly id: string } }
/** Something that is made as a whole: a job, an opening, a receipt. */
export type WholeItem = Common & {
  readonly kind: 'whole'
  readonly body: unknown
  /** The address it makes: what belongs there waits for it. */
  readonly makes?: string
}
/** A change of an edited record: what it began from, and what is wanted in the end. */
export type ChangeItem<T = object> = Common & {
  readonly kind: 'change'
  readonly base: Versioned<T>
  readonly wanted: T
  /** What of it was sent and not answered: it may be there all the same, so the very same is sent until an answer comes. */
  readonly sent?: T
  /** What the store answered it with, where somebody else changed the same. */
  readonly stale?: Omit<Clash<T>, 'mine'>
}
/** A photo; its picture lies beside it. */
export type PhotoItem = Common & {
  readonly kind: 'photo'
  readonly slot: PhotoPlace | null
  readonly by: string
  readonly at: string
}
export type Item = RowItem | WholeItem | ChangeItem | PhotoItem

/** What a store said to one item; status 0 where nothing came back. */
export type Answer = { readonly status: number; readonly body: unknown }

/** Answers that stay the same however often the same is sent: the item is at fault, not the line, the store or who is signed in. */
const FOR_GOOD: ReadonlySet<number> = new Set([400, 403, 404, 409, 410, 413, 415, 422])

export const isStored = ({ status }: Answer): boolean => status >= 200 && status < 300
export const isForGood = ({ status }: Answer): boolean => FOR_GOOD.has(status)

/** Whether it waits for a person and is not sent meanwhile. */
export const isHeld = (item: Item): boolean =>
  item.refused !== undefined || (item.kind === 'change' && item.stale !== undefined)

/** The sentence of a refusal, with what it is about. */
export function messageIn({ status, body }: Answer): string {
  const refusal = body as { message?: string; issues?: readonly { message: string }[] } | null
  if (!refusal?.message) return `Not stored: the server answered ${status}.`
  return [refusal.message, ...(refusal.issues ?? []).slice(0, 5).map(one => `${one.message}.`)].join(' ')
}

/** `mine` on top of `theirs`: what both changed is mine. */
export const over = <T>(base: T, mine: T, theirs: T): T => merge(base, theirs, mine).value as T

/** A change as it is sent now. */
export const trying = (item: ChangeItem): ChangeItem => (item.sent ? item : { ...item, sent: item.wanted })

/** One change of two that were made without knowing of each other, in two windows; `knew` is what the later one was made from. */
export function together(there: ChangeItem, next: ChangeItem, knew: Item | undefined): ChangeItem {
  const from = knew?.kind === 'change' ? knew.wanted : next.base.data
  return { ...there, wanted: over(from, next.wanted, there.wanted) }
}

/** A change that was made while the record was already to be changed: one change of both. */
export function onTop(there: ChangeItem, next: ChangeItem): ChangeItem {
  const wanted =
    there.base.revision === next.base.revision ? next.wanted : over(next.base.data, next.wanted, there.base.data)
  const { stale, sent } = there
  return { ...next, base: there.base, wanted, ...(sent ? { sent } : {}), ...(stale ? { stale } : {}) }
}

type Stale = { readonly current?: Versioned<object>; readonly clashes?: readonly string[] } & Partial<
  Pick<Clash, 'by' | 'at'>
>

/** What stands to be sent once an answer came to what was `sent` of it; `null` when the store has all of it. `now` is the item as it is by then: a
 *  record may have been changed again meanwhile. */
export function settle(now: Item | undefined, sent: Item, answer: Answer): Item | null {
  if (!now) return null
  if (isStored(answer)) return now.kind === 'change' && sent.kind === 'change' ? goneOn(now, sent, answer.body) : null
  if (!isForGood(answer)) return now
  const { current, clashes = [], by = null, at = null } = (answer.body ?? {}) as Stale
  if (now.kind === 'change' && answer.status === 409 && current)
    return { ...now, stale: { current, paths: clashes, by, at } }
  return { ...now, refused: messageIn(answer) }
}

/** A change of which a part is stored: the rest goes on from there. */
function goneOn(now: ChangeItem, { sent }: ChangeItem, body: unknown): ChangeItem | null {
  const done = sent ?? now.wanted
  if (isSame(now.wanted, done)) return null
  const stored = body as Versioned<object>
  const { sent: _, ...rest } = now
  return { ...rest, base: stored, wanted: over(done, now.wanted, stored.data) }
}

/** Settles a clash: what both changed is as one side has it. */
export function chosen(item: ChangeItem, side: 'mine' | 'theirs'): ChangeItem {
  const { stale, base, wanted: mine, sent: _, ...rest } = item
  if (!stale) return item
  const theirs = stale.current.data
  const wanted = side === 'mine' ? over(base.data, mine, theirs) : (merge(base.data, mine, theirs).value as object)
  return { ...rest, base: stale.current, wanted }
}

/** What goes to the store in one go: rows of one path together. */
export type Parcel = {
  readonly items: readonly Item[]
  readonly method: 'POST' | 'PUT'
  readonly path: string
  readonly body: unknown
}

const bodyOf = (item: Exclude<Item, RowItem | PhotoItem>): unknown =>
  item.kind === 'whole'
    ? item.body
    : { revision: item.base.revision, base: item.base.data, data: item.sent ?? item.wanted }

/** Items as parcels, in their order. Rows in `alone` go by themselves: one of them may keep others from being taken. */
export function parcelsOf(items: readonly Exclude<Item, PhotoItem>[], alone: ReadonlySet<string>): readonly Parcel[] {
  const parcels: Parcel[] = []
  for (const item of items) {
    if (item.kind !== 'row') {
      const method = item.kind === 'change' ? 'PUT' : 'POST'
      parcels.push({ items: [item], method, path: item.path, body: bodyOf(item) })
      continue
    }
    const last = parcels.at(-1)
    const joins = last?.path === item.path && !alone.has(item.id) && !alone.has(last.items[0]!.id)
    if (joins && last)
      parcels[parcels.length - 1] = {
        ...last,
        items: [...last.items, item],
        body: [...(last.body as unknown[]), item.row],
      }
    else parcels.push({ items: [item], method: 'POST', path: item.path, body: [item.row] })
  }
  return parcels
}

/** What can be sent now, in its order: nothing that is held, and nothing that belongs to what is not there yet. */
export function sendable(items: readonly Item[]): readonly Item[] {
  const missing = new Set(items.flatMap(one => (one.kind === 'whole' && one.makes && isHeld(one) ? [one.makes] : [])))
  return items.filter(one => !isHeld(one) && !missing.has(one.of))
}
