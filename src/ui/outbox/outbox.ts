import { Holding } from './holding'
import {
  type Answer,
  type ChangeItem,
  type Item,
  isForGood,
  isHeld,
  type PhotoItem,
  parcelsOf,
  sendable,
  trying,
} from './item'
import type { Left, LineState, Snapshot } from './parts'

const MOST_AT_ONCE = 200
const PAUSES_MS = [1000, 2000, 4000, 8000, 15_000, 30_000, 60_000] as const
const AWAY: ReadonlySet<number> = new Set([0, 401, 429, 502, 503, 504])

/** Everything somebody did that the store does not have yet. It is the only way rows and changes are written: each is kept on the device first and
 *  then sent, in order, by one tab at a time, until the store has answered. */
export class Outbox extends Holding {
  private readonly alone = new Set<string>()
  private running: Promise<void> | null = null
  private isWanted = false
  private round = 0
  private callOff: () => void = () => undefined

  /** Looks what lies on the device, and sends it. */
  readonly start = async (): Promise<void> => {
    await this.loaded()
    await this.flush()
  }

  /** Sends what waits. Resolves when there is nothing more to do for now. */
  override readonly flush = (): Promise<void> => {
    this.isWanted = true
    this.running ??= this.run().finally(() => {
      this.running = null
    })
    return this.running
  }

  /** Whether the store has everything of some addresses, once what waits was sent. */
  readonly isSent = async (...of: readonly string[]): Promise<boolean> => {
    await this.flush()
    return !this.snapshot().items.some(one => of.includes(one.of))
  }

  /** Whether the server was heard, by somebody who asked for something else. */
  readonly heardOf = (isThere: boolean): void => {
    if (!isThere) this.stands('away')
    else if (this.line.state === 'away' && this.items.size) void this.flush()
    else if (this.line.state === 'away') this.stands('fine')
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
}

const rowsIn = (items: readonly Item[]) => items.filter(one => one.kind !== 'photo')
const photoIn = (items: readonly Item[]) => items.find(one => one.kind === 'photo')

/** What waits for somebody to look at it. */
export const heldOf = ({ items }: Snapshot): readonly Item[] => items.filter(isHeld)

/** Whether something is nowhere but on this page: the browser could not keep it, or is about to, and the store has not got it. */
export const isLostByLeaving = ({ unkept, writing }: Snapshot): boolean => unkept.size + writing.size > 0
