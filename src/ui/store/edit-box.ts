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
export function editBox<T extends object>(first: Versioned<T>, path: string, on: EditEvents<T>): EditBox<T> {
  let stored = first
  let wanted = first.data
  let held: Clash<T> | null = null
  let busy: Promise<void> | null = null

  const showNow = () => on.show({ revision: stored.revision, data: wanted })
  const isOpen = () => wanted !== stored.data
  const keepNow = () => keepChange(path, isOpen() ? { base: stored, wanted } : null)

  /** Sends once; whether to go on. */
  const step = async (): Promise<boolean> => {
    const sending = wanted
    const { revision, data: base } = stored
    const sent = await send<Versioned<T>>('PUT', path, { revision, base, data: sending })
    if (sent.ok) {
      stored = sent.value
      wanted = wanted === sending ? stored.data : over(sending, wanted, stored.data)
      on.tell(null)
      on.stored?.()
      return true
    }
    on.tell(sent.message)
    if (sent.status === 409) {
      const { current, clashes } = sent.body as { current: Versioned<T>; clashes: readonly string[] }
      held = { mine: wanted, current, paths: clashes }
      on.clash(held)
    }
    return false
  }

  const flush = async () => {
    for (let goes = true; goes && isOpen() && !held; ) {
      keepNow()
      goes = await step()
      keepNow()
      showNow()
    }
    busy = null
  }
  const start = () => {
    keepNow()
    busy ??= flush()
  }

  return {
    save: (change, extent = 'part') => {
      wanted = extent === 'whole' ? (change as T) : { ...wanted, ...change }
      showNow()
      start()
    },
    again: start,
    resume: () => {
      const left = keptChange<T>(path)
      if (!left) return
      // It began from what it kept, whatever was loaded since: the store puts the two together.
      stored = left.base
      wanted = left.wanted
      showNow()
      start()
    },
    choose: side => {
      if (!held) return
      const { mine, current } = held
      wanted =
        side === 'mine' ? over(stored.data, mine, current.data) : (merge(stored.data, mine, current.data).value as T)
      stored = current
      held = null
      on.clash(null)
      on.tell(null)
      showNow()
      start()
    },
    settled: async () => {
      while (busy) await busy
    },
  }
}
