'use client'
import { useRef } from 'react'
import type { Versioned } from '@/core/sheet'
import { send } from './send'

/** Saves an edited record change by change, each against the revision the store last answered with. Changes made while one is
 *  under way are sent together after it. A record somebody else changed is shown as it stands, with a sentence. */
export function useVersioned<T extends object>(
  current: Versioned<T>,
  path: string,
  show: (next: Versioned<T>) => void,
  tell: (message: string | null) => void,
) {
  const kept = useRef({ stored: current, wanted: current.data, busy: false, flushing: Promise.resolve() })
  const flush = async () => {
    const own = kept.current
    if (own.busy) return
    own.busy = true
    while (own.wanted !== own.stored.data) {
      const data = own.wanted
      const sent = await send<{ revision: number }>('PUT', path, { revision: own.stored.revision, data })
      if (sent.ok) {
        own.stored = { revision: sent.value.revision, data }
        tell(null)
      } else if (sent.status === 409) {
        own.stored = (sent.body as { current: Versioned<T> }).current
        own.wanted = own.stored.data
        tell(sent.message)
      } else {
        tell(sent.message)
        break
      }
      show({ revision: own.stored.revision, data: own.wanted })
    }
    own.busy = false
  }
  /** `whole` puts the change in the place of everything, so that what it leaves out is gone. */
  const save = (change: Partial<T>, extent: 'part' | 'whole' = 'part') => {
    const own = kept.current
    if (extent === 'whole') own.wanted = change as T
    else if (Object.keys(change).length) own.wanted = { ...own.wanted, ...change }
    show({ revision: own.stored.revision, data: own.wanted })
    kept.current.flushing = Promise.all([kept.current.flushing, flush()]).then(() => undefined)
  }
  return Object.assign(save, {
    pending: () => kept.current.wanted !== kept.current.stored.data,
    /** Resolves when everything saved so far was answered. */
    settled: () => kept.current.flushing,
  })
}
