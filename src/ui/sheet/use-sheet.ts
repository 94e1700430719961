'use client'
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react'
import { v7 as uuidV7 } from 'uuid'
import type { LogEntry } from '@/core/handover/log'
import { type JobResult, job } from '@/core/job'
import type { Order } from '@/core/order/order'
import type { SealChoice } from '@/core/seal/seal-choice'
import { type OpeningSheet, recordsOf, type Versioned } from '@/core/sheet'
import type { Wishes } from '@/core/specification/wishes'
import type { Answer } from '@/core/survey/answer'
import type { Photo } from '@/core/survey/photo'
import type { Reading } from '@/core/survey/reading'
import { tradeWith } from '@/trade/trade'
import { slotName } from '@/words/walk'
import { keepAnswer, keepReading, letGo, readKept } from './kept'
import { send } from './send'
import { useVersioned } from './use-versioned'

export type Storing = 'storing' | 'stored' | 'not-stored'

type State = {
  readonly sheet: OpeningSheet
  /** What became of rows sent since the page was opened, by their id. */
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
}

type Action =
  | { readonly type: 'reading'; readonly reading: Reading }
  | { readonly type: 'answer'; readonly answer: Answer }
  | { readonly type: 'log'; readonly entry: LogEntry }
  | { readonly type: 'photo'; readonly photo: Photo }
  | { readonly type: 'row'; readonly id: string; readonly storing: Storing }
  | { readonly type: 'wishes'; readonly wishes: Versioned<Wishes> }
  | { readonly type: 'seals'; readonly seals: Versioned<SealChoice> }
  | { readonly type: 'order'; readonly order: Order }
  | { readonly type: 'units'; readonly list: Pick<OpeningSheet, 'units' | 'catalogue'> }
  | { readonly type: 'trouble'; readonly message: string | null }

function reduce(state: State, action: Action): State {
  const { sheet } = state
  const withRow = (id: string, storing: Storing) => new Map(state.rows).set(id, storing)
  const added = (change: Partial<OpeningSheet>, id: string): State => ({
    ...state,
    sheet: { ...sheet, ...change },
    rows: withRow(id, 'storing'),
  })
  switch (action.type) {
    case 'reading':
      return added({ readings: [...sheet.readings, action.reading] }, action.reading.id)
    case 'answer':
      return added({ answers: [...sheet.answers, action.answer] }, action.answer.id)
    case 'log':
      return added({ log: [...sheet.log, action.entry] }, action.entry.id)
    case 'photo':
      return { ...state, sheet: { ...sheet, photos: [...sheet.photos, action.photo] } }
    case 'row':
      return { ...state, rows: withRow(action.id, action.storing) }
    case 'wishes':
      return { ...state, sheet: { ...sheet, wishes: action.wishes } }
    case 'seals':
      return { ...state, sheet: { ...sheet, sealChoice: action.seals } }
    case 'order':
      return { ...state, sheet: { ...sheet, orders: [...sheet.orders, action.order] } }
    case 'units':
      return { ...state, sheet: { ...sheet, ...action.list } }
    case 'trouble':
      return { ...state, trouble: action.message }
  }
}

/** Something the user did that can be taken back, and what it was. */
type Undo = { readonly what: string; readonly act: () => void }

export type SheetStore = {
  readonly sheet: OpeningSheet
  readonly result: JobResult
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
  readonly addReading: (reading: Reading) => Promise<boolean>
  readonly addAnswer: (answer: Omit<Answer, 'id' | 'takenBy' | 'takenAt'>) => Promise<boolean>
  /** Takes an answer as somebody gave it before: from a file. */
  readonly takeAnswer: (answer: Answer) => Promise<boolean>
  readonly addLog: (entry: LogEntry) => Promise<boolean>
  /** Shows a photo the store has taken in. */
  readonly showPhoto: (photo: Photo) => void
  readonly saveWishes: (change: Partial<Wishes>) => void
  readonly saveSeals: (change: SealChoice) => void
  /** Releases this opening, with others of its job, as one order or as the next revision of one. */
  readonly release: (asked: {
    readonly id: string
    readonly openings: readonly string[]
    readonly supersedes: string | null
  }) => Promise<boolean>
  /** Asks for the best units again: of a large catalogue the page has only some. */
  readonly refreshUnits: () => Promise<void>
  /** Units that stand side by side; `null` while the best of each kind do. */
  readonly comparing: readonly string[] | null
  readonly setComparing: (units: readonly string[] | null) => void
  readonly retry: () => void
  readonly tell: (message: string | null) => void
  /** Who reads now: stands with every row that is added. */
  readonly reader: string
  readonly setReader: (name: string) => void
  /** What the user did last and can take back; `null` when there is nothing. */
  readonly undoing: string | null
  readonly undo: () => void
}

/** The sheet's records here, what the core says about them, and the way to the store. A row shows as stored only when the store said so;
 *  until then this browser keeps it, over a reload too. */
export function useSheet(initial: OpeningSheet): SheetStore {
  const [state, dispatch] = useReducer(reduce, { sheet: initial, rows: new Map(), trouble: null })
  const [comparing, setComparing] = useState<readonly string[] | null>(null)
  const [done, setDone] = useState<readonly Undo[]>([])
  const [reader, setReader] = useReader(initial.memberName)
  const { sheet, rows, trouble } = state
  const openingId = initial.opening.id
  const base = `/api/openings/${openingId}`
  const { units, firm, jobSchools } = sheet
  const trade = useMemo(() => tradeWith(units, { firm, jobSchools: jobSchools.data }), [units, firm, jobSchools])
  const result = useMemo(() => job(recordsOf(sheet), trade), [sheet, trade])
  const tell = useCallback((message: string | null) => dispatch({ type: 'trouble', message }), [])

  const sendRow = useCallback(
    async (path: string, row: { readonly id: string }) => {
      dispatch({ type: 'row', id: row.id, storing: 'storing' })
      const sent = await send(`POST`, `${base}/${path}`, [row])
      if (sent.ok) letGo(openingId, row.id)
      dispatch({ type: 'row', id: row.id, storing: sent.ok ? 'stored' : 'not-stored' })
      tell(sent.ok ? null : sent.message)
      return sent.ok
    },
    [base, openingId, tell],
  )
  const takeReading = useCallback(
    (reading: Reading) => {
      keepReading(openingId, reading)
      dispatch({ type: 'reading', reading })
      return sendRow('readings', reading)
    },
    [openingId, sendRow],
  )
  const takeAnswer = useCallback(
    (answer: Answer) => {
      keepAnswer(openingId, answer)
      dispatch({ type: 'answer', answer })
      return sendRow('answers', answer)
    },
    [openingId, sendRow],
  )
  useKeptRows(initial, takeReading, takeAnswer)

  const wishes = useVersioned(
    sheet.wishes,
    `${base}/wishes`,
    next => dispatch({ type: 'wishes', wishes: next }),
    message => tell(message),
  )
  const seals = useVersioned(
    sheet.sealChoice,
    `${base}/seals`,
    next => dispatch({ type: 'seals', seals: next }),
    message => tell(message),
  )
  const can = (undo: Undo) => setDone(before => [...before.slice(-49), undo])
  const stamp = () => ({ id: uuidV7(), takenBy: reader, takenAt: new Date().toISOString() })
  const withdraw = (row: { readonly id: string; readonly slot: Answer['slot'] }) =>
    void takeAnswer({ ...stamp(), slot: row.slot, kind: 'withdrawn', code: row.id, note: '' })

  return {
    sheet,
    result,
    rows,
    trouble,
    tell,
    comparing,
    setComparing,
    reader,
    setReader,
    addReading: reading => {
      can({ what: slotName(reading.slot), act: () => withdraw(reading) })
      return takeReading(reading)
    },
    addAnswer: given => {
      const answer: Answer = { ...given, ...stamp() }
      can({ what: slotName(answer.slot), act: () => withdraw(answer) })
      return takeAnswer(answer)
    },
    takeAnswer,
    addLog: entry => {
      dispatch({ type: 'log', entry })
      return sendRow('log', entry)
    },
    showPhoto: photo => dispatch({ type: 'photo', photo }),
    saveWishes: change => {
      const before: Partial<Wishes> = Object.fromEntries(
        Object.keys(change).map(name => [name, sheet.wishes.data[name as keyof Wishes]]),
      )
      can({ what: 'the last choice', act: () => wishes(before) })
      wishes(change)
    },
    saveSeals: seals,
    refreshUnits: async () => {
      if (sheet.catalogue.count <= sheet.units.length) return
      const answer = await fetch(`${base}/units`).catch(() => null)
      if (answer?.ok) dispatch({ type: 'units', list: await answer.json() })
    },
    release: async asked => {
      // What was just settled must stand in the store before it is released from there.
      await wishes.settled()
      const sent = await send<{ order: Order }>('POST', '/api/orders', { ...asked, jobId: sheet.job.id })
      if (sent.ok) dispatch({ type: 'order', order: sent.value.order })
      tell(sent.ok ? null : sent.message)
      return sent.ok
    },
    retry: () => {
      for (const one of sheet.readings) if (rows.get(one.id) === 'not-stored') void sendRow('readings', one)
      for (const one of sheet.answers) if (rows.get(one.id) === 'not-stored') void sendRow('answers', one)
      for (const one of sheet.log) if (rows.get(one.id) === 'not-stored') void sendRow('log', one)
      if (wishes.pending()) wishes({})
      if (seals.pending()) seals({})
    },
    undoing: done.at(-1)?.what ?? null,
    undo: () => {
      const last = done.at(-1)
      if (!last) return
      setDone(done.slice(0, -1))
      last.act()
    },
  }
}

/** Who reads: the member who is signed in, until somebody else is named on this browser. */
function useReader(memberName: string): readonly [string, (name: string) => void] {
  const [reader, setReader] = useState(memberName)
  useEffect(() => {
    const kept = localStorage.getItem('harvek-reader')
    if (kept) setReader(kept)
  }, [])
  const choose = (name: string) => {
    setReader(name)
    localStorage.setItem('harvek-reader', name)
  }
  return [reader, choose]
}

/** Brings back what was typed before a reload and not stored yet, and sends it again under its own id. */
function useKeptRows(
  initial: OpeningSheet,
  takeReading: (reading: Reading) => Promise<boolean>,
  takeAnswer: (answer: Answer) => Promise<boolean>,
): void {
  const isDone = useRef(false)
  useEffect(() => {
    if (isDone.current) return
    isDone.current = true
    const { id } = initial.opening
    const kept = readKept(id)
    const stored = new Set([...initial.readings, ...initial.answers].map(one => one.id))
    for (const row of [...kept.readings, ...kept.answers]) if (stored.has(row.id)) letGo(id, row.id)
    for (const reading of kept.readings) if (!stored.has(reading.id)) void takeReading(reading)
    for (const answer of kept.answers) if (!stored.has(answer.id)) void takeAnswer(answer)
  }, [initial, takeReading, takeAnswer])
}
