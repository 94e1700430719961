import type { Versioned } from '@/core/sheet'
import { nowHere } from '../outbox/clock'
import { type ChangeItem, type Clash, isStored } from '../outbox/item'
import type { Outbox } from '../outbox/outbox'
import type { OutboxEvent } from '../outbox/parts'

export type { Clash } from '../outbox/item'

/** Where an edited record is saved: its address, that of what it belongs to, and what it is, in words. */
export type EditAddress = { readonly path: string; readonly of: string; readonly what: string }

export type EditEvents<T> = {
  /** What is to be shown now. */
  readonly show: (next: Versioned<T>) => void
  readonly clash: (clash: Clash<T> | null) => void
  /** The store has it. */
  readonly stored?: () => void
}

export type EditBox<T> = {
  /** `whole` puts the change in the place of everything, so that what it leaves out is gone. */
  readonly save: (change: Partial<T>, extent?: 'part' | 'whole') => void
  /** Settles a clash: what both changed is as one side has it. */
  readonly choose: (side: 'mine' | 'theirs') => void
  /** How the record stands at the store by now, as somebody else changed it. */
  readonly theirs: (stands: Versioned<T>) => void
  /** Shows what becomes of it from now on; gives what ends that. */
  readonly listen: () => () => void
}

type Sends = Pick<Outbox, 'get' | 'put' | 'choose' | 'listen'>

/** One edited record, changed through the outbox: shown as it is wanted, over what the store last answered. What somebody else changed beside it is
 *  taken in; what both changed is shown with both sides. */
export function editBox<T extends object>(
  first: Versioned<T>,
  { path, of, what }: EditAddress,
  outbox: Sends,
  on: EditEvents<T>,
): EditBox<T> {
  let stored = first
  const waiting = () => outbox.get(path) as ChangeItem<T> | undefined
  const current = (): Versioned<T> => {
    const item = waiting()
    return item ? { revision: item.base.revision, data: item.wanted } : stored
  }
  const show = () => {
    const item = waiting()
    on.show(current())
    on.clash(item?.stale ? { ...item.stale, mine: item.wanted } : null)
  }
  const heard = (event: OutboxEvent) => {
    const { id } = event.type === 'settled' ? event.sent : event.item
    if (id !== path) return
    const isDone = event.type === 'settled' && isStored(event.answer)
    if (isDone) stored = event.answer.body as Versioned<T>
    show()
    if (isDone) on.stored?.()
  }
  return {
    save: (change, extent = 'part') => {
      const wanted = extent === 'whole' ? (change as T) : { ...current().data, ...change }
      const base = waiting()?.base ?? stored
      void outbox.put({ kind: 'change', id: path, of, path, what, doneAt: nowHere().toISOString(), base, wanted })
    },
    choose: side => outbox.choose(path, side),
    theirs: stands => {
      if (stands.revision <= stored.revision) return
      stored = stands
      if (!waiting()) show()
    },
    listen: () => {
      if (waiting()) show()
      return outbox.listen(heard)
    },
  }
}
