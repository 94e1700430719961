'use client'
import { useCallback, useMemo, useReducer, useRef } from 'react'
import type { LogEntry } from '@/core/handover/log'
import { type JobResult, job } from '@/core/job'
import type { Order } from '@/core/order/order'
import type { SealChoice } from '@/core/seal/seal-choice'
import { type OpeningSheet, recordsOf, type Versioned } from '@/core/sheet'
import type { Wishes } from '@/core/specification/wishes'
import type { Reading } from '@/core/survey/reading'
import { tradeWith } from '@/trade/trade'
import { send } from './send'

export type Storing = 'storing' | 'stored' | 'not-stored'

type State = {
  readonly sheet: OpeningSheet
  /** What became of rows sent since the page was opened, by their id. */
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
}

type Action =
  | { readonly type: 'reading'; readonly reading: Reading }
  | { readonly type: 'log'; readonly entry: LogEntry }
  | { readonly type: 'row'; readonly id: string; readonly storing: Storing }
  | { readonly type: 'wishes'; readonly wishes: Versioned<Wishes> }
  | { readonly type: 'seals'; readonly seals: Versioned<SealChoice> }
  | { readonly type: 'order'; readonly order: Order }
  | { readonly type: 'trouble'; readonly message: string | null }

function reduce(state: State, action: Action): State {
  const { sheet } = state
  const withRow = (id: string, storing: Storing) => new Map(state.rows).set(id, storing)
  switch (action.type) {
    case 'reading':
      return {
        ...state,
        sheet: { ...sheet, readings: [...sheet.readings, action.reading] },
        rows: withRow(action.reading.id, 'storing'),
      }
    case 'log':
      return {
        ...state,
        sheet: { ...sheet, log: [...sheet.log, action.entry] },
        rows: withRow(action.entry.id, 'storing'),
      }
    case 'row':
      return { ...state, rows: withRow(action.id, action.storing) }
    case 'wishes':
      return { ...state, sheet: { ...sheet, wishes: action.wishes } }
    case 'seals':
      return { ...state, sheet: { ...sheet, sealChoice: action.seals } }
    case 'order':
      return { ...state, sheet: { ...sheet, orders: [...sheet.orders, action.order] } }
    case 'trouble':
      return { ...state, trouble: action.message }
  }
}

export type SheetStore = {
  readonly sheet: OpeningSheet
  readonly result: JobResult
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
  readonly addReading: (reading: Reading) => Promise<boolean>
  readonly addLog: (entry: LogEntry) => Promise<boolean>
  readonly saveWishes: (change: Partial<Wishes>) => void
  readonly saveSeals: (change: SealChoice) => void
  readonly release: (orderId: string) => Promise<boolean>
  readonly retry: () => void
}

/** The sheet's records here, what the core says about them, and the way to the store. A row shows as stored only when the store said so. */
export function useSheet(initial: OpeningSheet): SheetStore {
  const [state, dispatch] = useReducer(reduce, { sheet: initial, rows: new Map(), trouble: null })
  const { sheet, rows, trouble } = state
  const base = `/api/openings/${initial.opening.id}`
  const trade = useMemo(() => tradeWith(sheet.units), [sheet.units])
  const result = useMemo(() => job(recordsOf(sheet), trade), [sheet, trade])

  const sendRow = useCallback(
    async (path: string, row: { readonly id: string }) => {
      dispatch({ type: 'row', id: row.id, storing: 'storing' })
      const sent = await send(`POST`, `${base}/${path}`, [row])
      dispatch({ type: 'row', id: row.id, storing: sent.ok ? 'stored' : 'not-stored' })
      dispatch({ type: 'trouble', message: sent.ok ? null : sent.message })
      return sent.ok
    },
    [base],
  )

  const wishes = useVersioned(
    sheet.wishes,
    `${base}/wishes`,
    next => dispatch({ type: 'wishes', wishes: next }),
    message => dispatch({ type: 'trouble', message }),
  )
  const seals = useVersioned(
    sheet.sealChoice,
    `${base}/seals`,
    next => dispatch({ type: 'seals', seals: next }),
    message => dispatch({ type: 'trouble', message }),
  )

  return {
    sheet,
    result,
    rows,
    trouble,
    addReading: reading => {
      dispatch({ type: 'reading', reading })
      return sendRow('readings', reading)
    },
    addLog: entry => {
      dispatch({ type: 'log', entry })
      return sendRow('log', entry)
    },
    saveWishes: wishes,
    saveSeals: seals,
    release: async orderId => {
      const sent = await send<{ order: Order }>('POST', `${base}/order`, { id: orderId })
      if (sent.ok) dispatch({ type: 'order', order: sent.value.order })
      dispatch({ type: 'trouble', message: sent.ok ? null : sent.message })
      return sent.ok
    },
    retry: () => {
      for (const one of sheet.readings) if (rows.get(one.id) === 'not-stored') void sendRow('readings', one)
      for (const one of sheet.log) if (rows.get(one.id) === 'not-stored') void sendRow('log', one)
      if (wishes.pending()) wishes({})
      if (seals.pending()) seals({})
    },
  }
}

/** Saves an edited record change by change, each against the revision the store last answered with. Changes made while one is
 *  under way are sent together after it. A record somebody else changed is shown as it stands, with a sentence. */
function useVersioned<T extends object>(
  current: Versioned<T>,
  path: string,
  show: (next: Versioned<T>) => void,
  tell: (message: string | null) => void,
) {
  const kept = useRef({ stored: current, wanted: current.data, busy: false })
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
  const save = (change: Partial<T>) => {
    const own = kept.current
    if (Object.keys(change).length) own.wanted = { ...own.wanted, ...change }
    show({ revision: own.stored.revision, data: own.wanted })
    void flush()
  }
  return Object.assign(save, { pending: () => kept.current.wanted !== kept.current.stored.data })
}
