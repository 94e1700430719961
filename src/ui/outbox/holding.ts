import { isSame } from '@/core/base/merge'
import type { Disk } from './disk'
import { type Answer, chosen, type Item, onTop, settle } from './item'
import { FINE, type Left, type LineState, type OutboxEvent, type OutboxParts, type Snapshot, type Told } from './parts'

/** What waits for the store, as it lies on the device and stands on this page; what other tabs of the same member do is taken in. */
export abstract class Holding {
  protected items = new Map<string, Item>()
  protected sending: ReadonlySet<string> = new Set()
  protected unkept: ReadonlySet<string> = new Set()
  protected line: LineState = FINE
  protected readonly writing = new Map<string, number>()
  private readonly listeners = new Set<(event: OutboxEvent) => void>()
  private readonly watchers = new Set<() => void>()
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
  private readonly pictures = new Map<string, Blob>()

  constructor(protected readonly parts: OutboxParts) {}

  /** Sends what waits. Resolves when there is nothing more to do for now. */
  abstract readonly flush: () => Promise<void>

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

  /** What another tab did. */
  readonly heard = (told: Told): void => {
    if (told.type === 'settled') this.take(told.sent, told.answer, told.left)
    else if (told.type === 'gone') this.dropped(told.id)
    else if (!this.writing.has(told.item.id)) {
      this.items.set(told.item.id, told.item)
      this.emit({ type: 'put', item: told.item })
    }
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
  protected after(act: (disk: Disk) => Promise<unknown>): Promise<boolean> {
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

  protected forget(id: string): void {
    this.items.delete(id)
    this.pictures.delete(id)
    this.marked(id, false)
  }

  /** Takes in what lies on the device: what other tabs put there or had stored. What this page could not keep stays. */
  protected async refresh(): Promise<void> {
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

  /** What lies on the device counts, but for what this page has changed of it since and is about to put there. */
  protected take(sent: Item, answer: Answer, left: Left): void {
    const isOwn = left === undefined || this.writing.has(sent.id) || this.unkept.has(sent.id)
    const next = isOwn ? settle(this.items.get(sent.id), sent, answer) : left
    if (next) this.items.set(sent.id, next)
    else this.forget(sent.id)
    this.emit({ type: 'settled', sent, answer, next })
  }

  private emit(event: OutboxEvent): void {
    this.show()
    for (const act of this.listeners) act(event)
  }

  protected show(): void {
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
