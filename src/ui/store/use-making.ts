'use client'
import { useState } from 'react'
import { nowHere } from '../outbox/clock'
import type { WholeItem } from '../outbox/item'
import { useOutbox } from './use-outbox'

type Made = Pick<WholeItem, 'id' | 'of' | 'path' | 'what' | 'body'> & { readonly makes: string }

/** Makes something with an id of its own through the outbox. `stored` and `kept` while the store is out of reach; refused with why, and then not
 *  kept: its form is still there. */
export function useMaking(): {
  readonly isBusy: boolean
  readonly said: string | null
  readonly say: (message: string | null) => void
  readonly make: (made: Made) => Promise<'stored' | 'kept' | null>
} {
  const outbox = useOutbox()
  const [isBusy, setBusy] = useState(false)
  const [said, say] = useState<string | null>(null)
  const make = async (made: Made) => {
    setBusy(true)
    say(null)
    await outbox.put({ kind: 'whole', ...made, doneAt: nowHere().toISOString() })
    await outbox.flush()
    const left = outbox.get(made.id)
    if (!left) return 'stored'
    setBusy(false)
    if (left.refused === undefined) return 'kept'
    outbox.leaveOut(left.id)
    say(left.refused)
    return null
  }
  return { isBusy, said, say, make }
}
