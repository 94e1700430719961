import { merge } from '@/core/base/merge'
import type { Versioned } from '@/core/sheet'
import { keepChange, keptChange } from './outbox'
import { send } from './send'

/** Both sides of a change that somebody else made otherwise: nothing of either is lost until one is chosen. */
export type Clash<T = object> = {
  readonly mine: T
  readonly current: Versioned<T>
  /** Paths of what both changed. */
  readonly paths: readonly string[]
}

export type EditEvents<T> = {
  /** What is to be shown now. */
  readonly show: (next: Versioned<T>) => void
  readonly tell: (message: string | null) => void
  readonly clash: (clash: Clash<T> | null) => void
  /** The store has it. */
  readonly stored?: () => void
}

export type EditBox<T> = {
  /** `whole` puts the change in the place of everything, so that what it leaves out is gone. */
  readonly save: (change: Partial<T>, extent?: 'part' | 'whole') => void
  /** Sends again what was not answered. */
  readonly again: () => void
  /** Sends what an earlier look at this page left unanswered. */
  readonly resume: () => void
  /** Settles a clash: what both changed is as one side has it. */
  readonly choose: (side: 'mine' | 'theirs') => void
  /** Resolves when everything saved so far was answered. */
  readonly settled: () => Promise<void>
}

/** `mine` on top of `theirs`: what both changed is mine. */
const over = <T>(base: T, mine: T, theirs: T): T => merge(base, theirs, mine).value as T

/** Saves an edited record change by change, each against what the store last answered. Changes made while one is under way are sent
 *  together after it, and kept in this browser until then. What somebody else changed beside it is taken in; what both changed is shown
 *  with both sides. */
export const editBox = <T extends object>(first: Versioned<T>, path: string, on: EditEvents<T>): EditBox<T> =>
  new Box(first, path, on)

class Box<T extends object> implements EditBox<T> {
  private wanted: T
  private held: Clash<T> | null = null
  private busy: Promise<void> | null = null

  constructor(
    private stored: Versioned<T>,
    private readonly path: string,
    private readonly on: EditEvents<T>,
  ) {
    this.wanted = stored.data
  }

  private show = () => this.on.show({ revision: this.stored.revision, data: this.wanted })
  private isOpen = () => this.wanted !== this.stored.data
  private keep = () => keepChange(this.path, this.isOpen() ? { base: this.stored, wanted: this.wanted } : null)

  /** Sends once; whether to go on. */
  private async step(): Promise<boolean> {
    const sending = this.wanted
    const { revision, data: base } = this.stored
    const sent = await send<Versioned<T>>('PUT', this.path, { revision, base, data: sending })
    if (sent.ok) {
      this.stored = sent.value
      const { data } = this.stored
      this.wanted = this.wanted === sending ? data : over(sending, this.wanted, data)
      this.on.tell(null)
      this.on.stored?.()
      return true
    }
    this.on.tell(sent.message)
    if (sent.status === 409) {
      const { current, clashes } = sent.body as { current: Versioned<T>; clashes: readonly string[] }
      this.held = { mine: this.wanted, current, paths: clashes }
      this.on.clash(this.held)
    }
    return false
  }

  private async flush(): Promise<void> {
    for (let goes = true; goes && this.isOpen() && !this.held; ) {
      this.keep()
      goes = await this.step()
      this.keep()
      this.show()
    }
    this.busy = null
  }

  readonly again = () => {
    this.keep()
    this.busy ??= this.flush()
  }

  readonly save = (change: Partial<T>, extent: 'part' | 'whole' = 'part') => {
    this.wanted = extent === 'whole' ? (change as T) : { ...this.wanted, ...change }
    this.show()
    this.again()
  }

  readonly resume = () => {
    const left = keptChange<T>(this.path)
    if (!left) return
    // It began from what it kept, whatever was loaded since: the store puts the two together.
    this.stored = left.base
    this.wanted = left.wanted
    this.show()
    this.again()
  }

  readonly choose = (side: 'mine' | 'theirs') => {
    if (!this.held) return
    const { mine, current } = this.held
    const base = this.stored.data
    const theirs = () => merge(base, mine, current.data).value as T
    this.wanted = side === 'mine' ? over(base, mine, current.data) : theirs()
    this.stored = current
    this.held = null
    this.on.clash(null)
    this.on.tell(null)
    this.show()
    this.again()
  }

  readonly settled = async () => {
    while (this.busy) await this.busy
  }
}
