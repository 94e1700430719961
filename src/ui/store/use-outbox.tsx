'use client'
import { createContext, type ReactNode, useContext, useEffect, useState, useSyncExternalStore } from 'react'
import type { Item } from '../outbox/item'
import { openOutbox, wake } from '../outbox/open'
import type { Outbox } from '../outbox/outbox'
import type { OutboxEvent, Snapshot } from '../outbox/parts'

const Context = createContext<Outbox | null>(null)

// One for each member for as long as the window is open: another page finds what waits.
const opened = new Map<string, Outbox>()
function outboxOf(member: string): Outbox {
  const there = opened.get(member) ?? openOutbox(member)
  if (typeof window !== 'undefined') opened.set(member, there)
  return there
}

/** Everything below writes through the outbox of this member. */
export function OutboxOf({ member, children }: { readonly member: string; readonly children: ReactNode }) {
  const [outbox] = useState(() => outboxOf(member))
  useEffect(() => {
    void outbox.start()
    return wake(outbox)
  }, [outbox])
  return <Context value={outbox}>{children}</Context>
}

/** @throws where nobody is signed in: no such page writes. */
export function useOutbox(): Outbox {
  const outbox = useContext(Context)
  if (!outbox) throw new Error('nothing is written where nobody is signed in')
  return outbox
}
export const useMaybeOutbox = (): Outbox | null => useContext(Context)

const NOTHING: Snapshot = {
  isKnown: true,
  items: [],
  sending: new Set(),
  writing: new Set(),
  unkept: new Set(),
  line: { state: 'fine', since: '' },
}
const never = () => () => undefined
const nothing = () => NOTHING

/** The same where it may be that nobody is signed in. */
export const useSnapshotOf = (outbox: Outbox | null): Snapshot =>
  useSyncExternalStore(outbox?.watch ?? never, outbox?.snapshot ?? nothing, outbox?.snapshot ?? nothing)

export const useSnapshot = (outbox: Outbox): Snapshot =>
  useSyncExternalStore(outbox.watch, outbox.snapshot, outbox.snapshot)

/** What becomes of what belongs to an address, from now on; and what waits of it already. */
export function useOutboxOf(of: string, act: (event: OutboxEvent) => void): void {
  const outbox = useOutbox()
  useEffect(() => {
    const about = (event: OutboxEvent) => (event.type === 'settled' ? event.sent : event.item).of === of
    for (const item of outbox.of(of)) act({ type: 'put', item })
    return outbox.listen(event => {
      if (about(event)) act(event)
    })
  }, [outbox, of, act])
}

/** What of an address the store does not take. */
export function useRefused(of: string): readonly Item[] {
  const { items } = useSnapshot(useOutbox())
  return items.filter(one => one.of === of && one.refused !== undefined)
}
