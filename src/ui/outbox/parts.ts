import type { Disk } from './disk'
import type { Answer, Item, Parcel, PhotoItem } from './item'

// What an outbox is made of, what it says, and what its tabs tell each other.

/** How things are sent: what came back to each, in order. */
export type Line = {
  readonly parcels: (parcels: readonly Pick<Parcel, 'method' | 'path' | 'body'>[]) => Promise<readonly Answer[]>
  readonly photo: (item: PhotoItem, picture: Blob) => Promise<Answer>
}

/** Runs something while no other tab does the same. */
export type Alone = <T>(act: () => Promise<T>) => Promise<T>

/** What lies on the device of an item by now; `undefined` where nothing can be kept there. */
export type Left = Item | null | undefined

/** What the tabs of one member tell each other. */
export type Told =
  | { readonly type: 'put'; readonly item: Item }
  | { readonly type: 'settled'; readonly sent: Item; readonly answer: Answer; readonly left: Left }
  | { readonly type: 'gone'; readonly id: string }

export type OutboxEvent =
  | { readonly type: 'put'; readonly item: Item }
  /** `next` is what is left to be sent or settled of it. */
  | { readonly type: 'settled'; readonly sent: Item; readonly answer: Answer; readonly next: Item | null }
  /** Left out by hand. */
  | { readonly type: 'gone'; readonly item: Item }

/** How it stands between this device and the store. */
export type LineState = {
  readonly state: 'fine' | 'away' | 'nobody' | 'other-member' | 'patience'
  /** Since when it is so, ISO 8601. */
  readonly since: string
}

export type Snapshot = {
  /** Whether it was looked yet what lies on the device. */
  readonly isKnown: boolean
  readonly items: readonly Item[]
  readonly sending: ReadonlySet<string>
  /** What does not lie on the device yet: it is being put there. */
  readonly writing: ReadonlySet<string>
  /** What the browser could not keep: it stands on this page alone. */
  readonly unkept: ReadonlySet<string>
  readonly line: LineState
}

export type OutboxParts = {
  /** `null` where the browser keeps nothing. */
  readonly open: () => Promise<Disk | null>
  readonly line: Line
  readonly alone: Alone
  readonly tell: (told: Told) => void
  readonly now: () => string
  /** Calls back after a while; gives what calls it off. */
  readonly later: (act: () => void, ms: number) => () => void
}

export const FINE: LineState = { state: 'fine', since: '' }
