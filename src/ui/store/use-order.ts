'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Decisions } from '@/core/exchange/decisions'
import type { Receipt } from '@/core/order/receipt'
import type { OrderView } from '@/server/load-order'
import { orderRowName } from '@/words/outbox'
import { nowHere } from '../outbox/clock'
import { isStored, type WholeItem } from '../outbox/item'
import type { OutboxEvent } from '../outbox/parts'
import { send } from './send'
import { stamped } from './stamp'
import { useOutbox, useOutboxOf, useSnapshot } from './use-outbox'
import { readerOf } from './use-reader'
import { useStable } from './use-stable'

/** How long after a look the next one follows, while something is on its way: soon at first, later four times a minute. Whatever is new starts it
 *  over. */
const PAUSES_MS = [1000, 1000, 1000, 2000, 2000, 4000, 8000, 15_000] as const

/** Rows somebody makes of an order, by the path they are sent to. */
type OrderRows = { readonly receipts: Receipt; readonly decisions: Decisions }

/** What became of a row: stored; kept on this device, as the store is out of reach; or not taken, and said why. */
export type AddedRow = 'stored' | 'kept' | 'refused'

export type OrderStore = {
  readonly view: OrderView
  readonly said: string | null
  readonly reload: () => Promise<void>
  /** Sends something about the order, and looks how it stands then. */
  readonly post: (path: string, body: unknown) => Promise<boolean>
  /** The same for rows that somebody made: kept on this device until the store has them. */
  readonly add: <P extends keyof OrderRows>(path: P, id: string, body: OrderRows[P]) => Promise<AddedRow>
  /** An id, who and when, for what somebody at this device makes now. */
  readonly stamp: () => { readonly id: string; readonly by: string; readonly at: string }
}

/** An order as it stands, with what waits of it on this device, looked at again while something is on its way. */
export function useOrder(initial: OrderView): OrderStore {
  const [view, setView] = useState(initial)
  const [said, setSaid] = useState<string | null>(null)
  const base = `/api/orders/${initial.order.id}`
  const look = useLook(base, setView)
  const reload = async () => {
    const answer = await look()
    setSaid(answer.ok ? null : answer.message)
  }
  const post = async (path: string, body: unknown) => {
    const sent = await send('POST', `${base}/${path}`, body)
    await reload()
    if (!sent.ok) setSaid(sent.message)
    return sent.ok
  }
  const stamp = () => {
    const { id, takenBy: by, takenAt: at } = stamped(readerOf(view.memberName))
    return { id, by, at }
  }
  const { waiting, add } = useAdding(initial, base, reload, setSaid)
  useRefresh(view, look)
  return { view: withWaiting(view, waiting), said, reload, post, add, stamp }
}

const RECEIPTS: keyof OrderRows = 'receipts'

/** The order with what was received by what stands on this device, stored or not. */
function withWaiting(view: OrderView, waiting: readonly WholeItem[]): OrderView {
  const there = new Set(view.receipts.map(one => one.id))
  const own = waiting.filter(one => one.path.endsWith(`/${RECEIPTS}`) && !there.has(one.id))
  return own.length ? { ...view, receipts: [...view.receipts, ...own.map(one => one.body as Receipt)] } : view
}

/** Adds rows through the outbox; what the store does not take is given back to its form, to be put right there. */
function useAdding(
  { order }: OrderView,
  base: string,
  reload: () => Promise<void>,
  say: (message: string | null) => void,
): { readonly waiting: readonly WholeItem[]; readonly add: OrderStore['add'] } {
  const outbox = useOutbox()
  const { items } = useSnapshot(outbox)
  const heard = useStable((event: OutboxEvent) => {
    if (event.type === 'settled' && isStored(event.answer)) void reload()
  })
  useOutboxOf(base, heard)
  const add: OrderStore['add'] = async (path, id, body) => {
    const what = `${order.number}: ${orderRowName(path)}`
    const item = { kind: 'whole', id, of: base, path: `${base}/${path}`, what, body } as const
    void outbox.put({ ...item, doneAt: nowHere().toISOString() })
    await outbox.flush()
    const left = outbox.get(id)
    if (!left) return 'stored'
    if (left.refused === undefined) return 'kept'
    outbox.leaveOut(id)
    say(left.refused)
    return 'refused'
  }
  const waiting = items.filter(one => one.kind === 'whole' && one.of === base && one.refused === undefined)
  return { waiting: waiting as readonly WholeItem[], add }
}

/** Asks how the order stands. An answer that was asked for before the one on show is old, whenever it comes, and never shown. */
function useLook(base: string, show: (view: OrderView) => void) {
  const asked = useRef(0)
  const shown = useRef(0)
  return useCallback(async () => {
    asked.current += 1
    const turn = asked.current
    const answer = await send<OrderView>('GET', base)
    if (answer.ok && turn > shown.current) {
      shown.current = turn
      show(answer.value)
    }
    return answer
  }, [base, show])
}

/** Looks again while something is on its way, whether its page shows it. */
function useRefresh(view: OrderView, look: () => Promise<unknown>): void {
  const isOnItsWay = view.outgoing.some(one => one.state !== 'answered')
  const standing = JSON.stringify([view.standing, view.outgoing.length, view.answers.length])
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is new starts the pauses over
  useEffect(() => {
    if (!isOnItsWay) return
    let round = 0
    let timer: ReturnType<typeof setTimeout>
    const next = () => {
      timer = setTimeout(again, PAUSES_MS[Math.min(round, PAUSES_MS.length - 1)])
      round++
    }
    const again = () => {
      if (document.hidden) next()
      else void look().then(next)
    }
    next()
    return () => clearTimeout(timer)
  }, [isOnItsWay, standing, look])
}
