'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Decisions } from '@/core/exchange/decisions'
import type { Receipt } from '@/core/order/receipt'
import type { OrderView } from '@/server/load-order'
import { keepRow, keptRows, letGo } from './outbox'
import { isForGood, send } from './send'
import { stamped } from './stamp'
import { readerOf } from './use-reader'

/** How long after a look the next one follows, while something is on its way: soon at first, later four times a minute. Whatever is new starts it
 *  over. */
const PAUSES_MS = [1000, 1000, 1000, 2000, 2000, 4000, 8000, 15_000] as const

/** Rows somebody makes of an order, by the path they are sent to. */
type OrderRows = { readonly receipts: Receipt; readonly decisions: Decisions }

export type OrderStore = {
  readonly view: OrderView
  readonly said: string | null
  readonly reload: () => Promise<void>
  /** Sends something about the order, and looks how it stands then. */
  readonly post: (path: string, body: unknown) => Promise<boolean>
  /** The same for rows that somebody made: kept in this browser until the store has them, over a reload too. */
  readonly add: <P extends keyof OrderRows>(path: P, id: string, body: OrderRows[P]) => Promise<boolean>
  /** An id, who and when, for what somebody at this device makes now. */
  readonly stamp: () => { readonly id: string; readonly by: string; readonly at: string }
}

/** An order as it stands, looked at again while something is on its way. */
export function useOrder(initial: OrderView): OrderStore {
  const [view, setView] = useState(initial)
  const [said, setSaid] = useState<string | null>(null)
  const base = `/api/orders/${initial.order.id}`
  const look = useLook(base, setView)
  const reload = async () => {
    const answer = await look()
    setSaid(answer.ok ? null : answer.message)
  }
  const sendRow = async (path: string, body: unknown) => {
    const sent = await send('POST', `${base}/${path}`, body)
    if (!sent.ok) setSaid(sent.message)
    await reload()
    if (!sent.ok) setSaid(sent.message)
    return sent
  }
  const post = async (path: string, body: unknown) => (await sendRow(path, body)).ok
  const addKept = async (path: string, id: string, body: unknown): Promise<boolean> => {
    const sent = await sendRow(path, body)
    // What is not taken stands in its form, to be put right there.
    if (sent.ok || isForGood(sent)) letGo(base, id)
    return sent.ok
  }
  const add: OrderStore['add'] = (path, id, body) => {
    keepRow(base, { path, row: { id }, body })
    return addKept(path, id, body)
  }
  const stamp = () => {
    const { id, takenBy: by, takenAt: at } = stamped(readerOf(view.memberName))
    return { id, by, at }
  }
  const isDone = useRef(false)
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was left over is sent once, when the page is there
  useEffect(() => {
    if (isDone.current) return
    isDone.current = true
    for (const { path, row, body } of keptRows(base)) void addKept(path, row.id, body)
  }, [base])
  useRefresh(view, look)
  return { view, said, reload, post, add, stamp }
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
