import { isSame } from '@/core/base/merge'
import type { Disk } from './disk'
import {
  type Answer,
  type ChangeItem,
  chosen,
  type Item,
  isForGood,
  isHeld,
  onTop,
  type Parcel,
  type PhotoItem,
  parcelsOf,
  sendable,
  settle,
  trying,
} from './item'

/** How things are sent: what came back to each, in order. */
export type Line = {
  readonly parcels: (parcels: readonly Pick<Parcel, 'method' | 'path' | 'body'>[]) => Promise<readonly Answer[]>
  readonly photo: (item: PhotoItem, picture: Blob) => Promise<Answer>
}

/** Runs something while no other tab does the same. */
export type Alone = <T>(act: () => Promise<T>) => Promise<T>

/** What lies on the device of an item by now; `undefined` where nothing can be kept there. */
type Left = Item | null | undefined

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

const MOST_AT_ONCE = 200
const PAUSES_MS = [1000, 2000, 4000, 8000, 15_000, 30_000, 60_000] as const
const AWAY: ReadonlySet<number> = new Set([0, 401, 429, 502, 503, 504])
const FINE: LineState = { state: 'fine', since: '' }

/** Everything somebody did that the store does not have yet. It is the only way rows and changes are written: each is kept on the device first and
 *  then sent, in order, by one tab at a time, until the store has answered. */
export class Outbox {
  private items = new Map<string, Item>()
  private readonly writing = new Map<string, number>()
  private readonly listeners = new Set<(event: OutboxEvent) => void>()
  private readonly watchers = new Set<() => void>()
  private readonly alone = new Set<string>()
  private sending: ReadonlySet<string> = new Set()
  private unkept: ReadonlySet<string> = new Set()
  private line: LineState = FINE
  private isKnown = false
  private shown: Snapshot = {
    isKnown: false,
    items: [],
    sending: this.sending,
    writing: new Set(),
    unkept: this.unkept,
    line: FINE,
  }
  private disk: Promise<Disk | null> | null = null
  private writes: Promise<unknown> = Promise.resolve()
  private running: Promise<void> | null = null
  private isWanted = false
  private round = 0
  private callOff: () => void = () => undefined
  private pictures = new Map<string, Blob>()

  constructor(private readonly parts: OutboxParts) {}

  /** Looks what lies on the device, and sends it. */
  readonly start = async (): Promise<void> => {
    await this.loaded()
    await this.flush()
  }

  /** Resolves once it is known what lies on the device. */
  readonly loaded = (): Promise<void> => this.refresh()

  readonly snapshot = (): Snapshot => this.shown
  readonly watch = (act: () => void): (() => void) => {
    this.watchers.add(act)
    return () => void this.watchers.delete(act)
  }
  readonly listen = (act: (event: OutboxEvent) => void): (() => void) => {
    this.listeners.add(act)
    return () => void this.listeners.delete(act)
  }
  readonly get = (id: string): Item | undefined => this.items.get(id)
  /** What waits of what has its address at `of`, in its order. */
  readonly of = (of: string): readonly Item[] => this.shown.items.filter(one => one.of === of)

  /** Keeps an item, shows it and sends it. Resolves once it lies on the device; `false` where the browser keeps nothing. */
  readonly put = (item: Item, picture?: Blob): Promise<boolean> => {
    const there = this.items.get(item.id)
    const next = there?.kind === 'change' && item.kind === 'change' ? onTop(there, item) : item
    return this.keep(next, there, picture)
  }

  /** Settles a clash: what both changed is as one side has it. */
  readonly choose = (id: string, side: 'mine' | 'theirs'): void => {
    const there = this.items.get(id)
    if (there?.kind === 'change') void this.keep(chosen(there, side), there)
  }

  /** Sends again what the store refused: whoever asked has changed what kept it from being taken. */
  readonly tryAgain = (id: string): void => {
    const there = this.items.get(id)
    if (!there) return
    const { refused: _, ...rest } = there
    void this.keep(rest as Item, there)
  }

  /** Gives an item up. */
  readonly leaveOut = (id: string): void => {
    if (!this.items.has(id)) return
    void this.after(disk => disk.remove(id))
    this.dropped(id)
    this.parts.tell({ type: 'gone', id })
  }

  /** The picture of a photo that waits. */
  readonly picture = async (id: string): Promise<Blob | null> =>
    this.pictures.get(id) ?? (await (await this.opened())?.picture(id)) ?? null

  /** Sends what waits. Resolves when there is nothing more to do for now. */
  readonly flush = (): Promise<void> => {
    this.isWanted = true
    this.running ??= this.run().finally(() => {
      this.running = null
    })
    return this.running
  }

  /** Whether the store has everything of some addresses, once what waits was sent. */
  readonly isSent = async (...of: readonly string[]): Promise<boolean> => {
    await this.flush()
    return !this.shown.items.some(one => of.includes(one.of))
  }

  /** What another tab did. */
  readonly heard = (told: Told): void => {
    if (told.type === 'settled') this.take(told.sent, told.answer, told.left)
    else if (told.type === 'gone') this.dropped(told.id)
    else if (!this.writing.has(told.item.id)) {
      this.items.set(told.item.id, told.item)
      this.emit({ type: 'put', item: told.item })
    }
  }

  /** Whether the server was heard, by somebody who asked for something else. */
  readonly heardOf = (isThere: boolean): void => {
    if (!isThere) this.stands('away')
    else if (this.line.state === 'away' && this.items.size) void this.flush()
    else if (this.line.state === 'away') this.stands('fine')
  }

  private readonly opened = (): Promise<Disk | null> => {
    this.disk ??= this.parts.open().catch(() => null)
    return this.disk
  }

  private keep(item: Item, knew: Item | undefined, picture?: Blob): Promise<boolean> {
    const { id } = item
    this.items.set(id, item)
    if (picture) this.pictures.set(id, picture)
    this.writing.set(id, (this.writing.get(id) ?? 0) + 1)
    this.emit({ type: 'put', item })
    const kept = this.after(async disk => {
      if (picture) await disk.putPicture({ id, picture })
      await disk.write(item, knew)
    }).then(isKept => {
      const left = (this.writing.get(id) ?? 1) - 1
      if (left) this.writing.set(id, left)
      else this.writing.delete(id)
      this.marked(id, !isKept && this.items.has(id))
      this.show()
      if (isKept) this.parts.tell({ type: 'put', item })
      return isKept
    })
    void this.flush()
    return kept
  }

  /** Does something on the device after what was begun there before; whether it went. */
  private after(act: (disk: Disk) => Promise<unknown>): Promise<boolean> {
    const done = this.writes.then(async () => {
      const disk = await this.opened()
      if (!disk) return false
      await act(disk)
      return true
    })
    const went = done.catch(() => false)
    this.writes = went
    return went
  }

  private marked(id: string, isUnkept: boolean): void {
    if (this.unkept.has(id) === isUnkept) return
    const next = new Set(this.unkept)
    if (isUnkept) next.add(id)
    else next.delete(id)
    this.unkept = next
    this.show()
  }

  private dropped(id: string): void {
    const item = this.items.get(id)
    if (!item) return
    this.forget(id)
    this.emit({ type: 'gone', item })
  }

  private forget(id: string): void {
    this.items.delete(id)
    this.pictures.delete(id)
    this.marked(id, false)
  }

  /** Takes in what lies on the device: what other tabs put there or had stored. What this page could not keep stays. */
  private async refresh(): Promise<void> {
    await this.writes
    const disk = await this.opened()
    const there = disk && (await disk.all().catch(() => null))
    this.isKnown = true
    if (!there) return this.show()
    const isOwn = (id: string) => this.unkept.has(id) || this.writing.has(id)
    const before = this.items
    const own = [...before.values()].filter(one => isOwn(one.id))
    this.items = new Map([...there.filter(one => !isOwn(one.id)), ...own].map(one => [one.id, one]))
    for (const item of there)
      if (!isOwn(item.id) && !isSame(before.get(item.id), item)) this.emit({ type: 'put', item })
    this.show()
  }

  private async run(): Promise<void> {
    while (this.isWanted) {
      this.isWanted = false
      this.callOff()
      await this.parts.alone(() => this.sendAll())
    }
  }

  private async sendAll(): Promise<void> {
    await this.refresh()
    // What the server stumbled over is looked at again another time; the rest goes on.
    const stumbled = new Set<string>()
    const open = () => sendable([...this.items.values()]).filter(one => !stumbled.has(one.id))
    for (let rows = rowsIn(open()); rows.length; rows = rowsIn(open()))
      if (await this.sendRows(rows.slice(0, MOST_AT_ONCE), stumbled)) return
    for (let photo = photoIn(open()); photo; photo = photoIn(open())) if (await this.sendPhoto(photo, stumbled)) return
    if (stumbled.size) this.again()
    else this.round = 0
    this.stands('fine')
  }

  /** Sends rows and changes; whether the store is out of reach. */
  private async sendRows(rows: readonly Exclude<Item, PhotoItem>[], stumbled: Set<string>): Promise<boolean> {
    const tried = await Promise.all(rows.map(one => (one.kind === 'change' ? this.trying(one) : one)))
    const going = tried.flatMap(one => one ?? [])
    const parcels = parcelsOf(going, this.alone)
    this.onItsWay(going)
    const answers = await this.parts.line.parcels(parcels.map(({ method, path, body }) => ({ method, path, body })))
    this.onItsWay([])
    for (const [i, { items }] of parcels.entries()) {
      const answer = answers[i] ?? { status: 0, body: null }
      if (AWAY.has(answer.status)) return this.away(answer)
      if (items.length > 1 && isForGood(answer)) for (const one of items) this.alone.add(one.id)
      else for (const one of items) await this.answered(one, answer, stumbled)
    }
    return false
  }

  /** What of a change is sent is taken down before: its reply may be lost. */
  private async trying({ id }: ChangeItem): Promise<ChangeItem | null> {
    let there: ChangeItem | null | undefined
    const isKept = await this.after(async disk => {
      there = await disk.trying(id)
    })
    const own = this.items.get(id)
    if (own?.kind !== 'change') return null
    if (isKept && !this.unkept.has(id)) {
      if (there) this.items.set(id, { ...own, base: there.base, ...(there.sent ? { sent: there.sent } : {}) })
      // Another window had it stored.
      else if (!this.writing.has(id)) this.forget(id)
      return there ?? null
    }
    const next = trying(own)
    this.items.set(id, next)
    return next
  }

  private async sendPhoto(item: PhotoItem, stumbled: Set<string>): Promise<boolean> {
    const picture = await this.picture(item.id)
    if (!picture) {
      await this.answered(
        item,
        { status: 410, body: { message: 'Its picture is not on this device any more.' } },
        stumbled,
      )
      return false
    }
    this.onItsWay([item])
    const answer = await this.parts.line.photo(item, picture)
    this.onItsWay([])
    if (AWAY.has(answer.status)) return this.away(answer)
    await this.answered(item, answer, stumbled)
    return false
  }

  private async answered(sent: Item, answer: Answer, stumbled: Set<string>): Promise<void> {
    if (answer.status >= 500) return void stumbled.add(sent.id)
    let left: Left
    await this.after(async disk => {
      left = await disk.settle(sent, answer)
    })
    this.take(sent, answer, left)
    this.parts.tell({ type: 'settled', sent, answer, left })
  }

  /** What lies on the device counts, but for what this page has changed of it since and is about to put there. */
  private take(sent: Item, answer: Answer, left: Left): void {
    const isOwn = left === undefined || this.writing.has(sent.id) || this.unkept.has(sent.id)
    const next = isOwn ? settle(this.items.get(sent.id), sent, answer) : left
    if (next) this.items.set(sent.id, next)
    else this.forget(sent.id)
    this.emit({ type: 'settled', sent, answer, next })
  }

  private away({ status, body }: Answer): true {
    const code = (body as { code?: string } | null)?.code
    this.stands(code === 'other-member' ? code : status === 401 ? 'nobody' : status === 429 ? 'patience' : 'away')
    this.again()
    return true
  }

  /** Tries again after a while, the longer the more often it was in vain; never all devices at once. */
  private again(): void {
    const pause = PAUSES_MS[Math.min(this.round, PAUSES_MS.length - 1)] ?? 60_000
    this.round++
    this.callOff()
    this.callOff = this.parts.later(() => void this.flush(), pause * (0.8 + 0.4 * Math.random()))
  }

  private stands(state: LineState['state']): void {
    if (this.line.state === state) return
    this.line = { state, since: this.parts.now() }
    this.show()
  }

  private onItsWay(items: readonly Item[]): void {
    this.sending = new Set(items.map(one => one.id))
    this.show()
  }

  private emit(event: OutboxEvent): void {
    this.show()
    for (const act of this.listeners) act(event)
  }

  private show(): void {
    const { isKnown, sending, unkept, line } = this
    this.shown = {
      isKnown,
      items: [...this.items.values()],
      sending,
      writing: new Set(this.writing.keys()),
      unkept,
      line,
    }
    for (const act of this.watchers) act()
  }
}

const rowsIn = (items: readonly Item[]) => items.filter(one => one.kind !== 'photo')
const photoIn = (items: readonly Item[]) => items.find(one => one.kind === 'photo')

/** What waits for somebody to look at it. */
export const heldOf = ({ items }: Snapshot): readonly Item[] => items.filter(isHeld)
