'use client'
import { useEffect, useRef } from 'react'
import { differencesOf } from '@/core/order/differences'
import type { Versioned } from '@/core/sheet'
import { keepPending, readPending } from './kept'
import { send } from './send'

/** Saves an edited record change by change, each against the revision the store last answered with. Changes made while one is
 *  under way are sent together after it, and kept in this browser until then, over a reload too. A record somebody else changed is shown
 *  as it stands, with a sentence. */
export function useVersioned<T extends object>(
  current: Versioned<T>,
  path: string,
  show: (next: Versioned<T>) => void,
  tell: (message: string | null) => void,
) {
  const kept = useRef({
    stored: current,
    wanted: current.data,
    busy: false,
    flushing: Promise.resolve(),
    /** What an earlier look at this page had under way: found stored, it is no one else's change. */
    before: null as T | null,
  })
  const flush = async () => {
    const own = kept.current
    if (own.busy) return
    own.busy = true
    while (own.wanted !== own.stored.data) {
      const data = own.wanted
      keepPending(path, { base: own.stored.revision, sending: data, wanted: data })
      const sent = await send<{ revision: number }>('PUT', path, { revision: own.stored.revision, data })
      if (sent.ok) {
        own.stored = { revision: sent.value.revision, data }
        tell(null)
      } else if (sent.status === 409) {
        const { revision } = own.stored
        own.stored = (sent.body as { current: Versioned<T> }).current
        if (follows(own.stored, revision, own.before)) continue
        own.wanted = own.stored.data
        tell(sent.message)
      } else {
        tell(sent.message)
        // What the server will never take is not sent again by a page that comes back.
        if (sent.status >= 400 && sent.status < 500) keepPending(path, null)
        break
      }
      show({ revision: own.stored.revision, data: own.wanted })
    }
    own.busy = false
    if (own.wanted === own.stored.data) keepPending(path, null)
  }
  /** `whole` puts the change in the place of everything, so that what it leaves out is gone. */
  const save = (change: Partial<T>, extent: 'part' | 'whole' = 'part') => {
    const own = kept.current
    if (extent === 'whole') own.wanted = change as T
    else if (Object.keys(change).length) own.wanted = { ...own.wanted, ...change }
    show({ revision: own.stored.revision, data: own.wanted })
    if (own.busy) {
      const sending = readPending<T>(path)?.sending ?? null
      keepPending(path, { base: own.stored.revision, sending, wanted: own.wanted })
    }
    kept.current.flushing = Promise.all([kept.current.flushing, flush()]).then(() => undefined)
  }
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was left over is looked at once, when the page is there
  useEffect(() => {
    const left = readPending<T>(path)
    if (!left) return
    const own = kept.current
    const isUntouched = own.stored.revision === left.base || follows(own.stored, left.base, left.sending)
    if (!isUntouched || isSame(own.stored.data, left.wanted)) return keepPending(path, null)
    own.before = left.sending
    save(left.wanted, 'whole')
  }, [])
  return Object.assign(save, {
    pending: () => kept.current.wanted !== kept.current.stored.data,
    /** Resolves when everything saved so far was answered. */
    settled: () => kept.current.flushing,
  })
}

const isSame = (one: unknown, other: unknown): boolean => differencesOf(one, other).length === 0

/** Whether what stands is the one change that was under way from a revision. */
const follows = <T>({ revision, data }: Versioned<T>, base: number, sending: T | null): boolean =>
  sending !== null && revision === base + 1 && isSame(data, sending)
