'use client'
import { useCallback, useEffect, useMemo, useReducer, useState } from 'react'
import { drawnOf } from '@/core/draw'
import type { Drawn } from '@/core/drawing/drawn'
import type { LogEntry } from '@/core/log/log'
import type { Edits } from '@/core/new-edits'
import type { Order } from '@/core/order/order'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Answer } from '@/core/survey/answer'
import type { Photo } from '@/core/survey/photo'
import type { Reading } from '@/core/survey/reading'
import type { OpeningRecords, Trade } from '@/core/terms'
import { type Work, workbench } from '@/core/work'
import { tradeWith } from '@/trade/trade'
import { figuresIn, type SayFigure } from '@/words/figures'
import { slotName } from '@/words/walk'
import type { Clash } from './edit-box'
import { send } from './send'
import { first, reduce, type State, type Storing } from './sheet-state'
import { stamped, type Unstamped } from './stamp'
import { useEdits } from './use-edits'
import { useReader } from './use-reader'
import { useRows } from './use-rows'

export type { Storing } from './sheet-state'

/** Something the user did that can be taken back, and what it was. */
type Undo = { readonly what: string; readonly act: () => void }

export type SheetStore = {
  readonly sheet: OpeningSheet
  readonly records: OpeningRecords
  readonly trade: Trade
  readonly work: Work
  readonly drawn: Drawn
  /** Figures of the trade as they hold here, in the job's unit. */
  readonly say: SayFigure
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
  /** Rows the store does not take, each with its reason. */
  readonly refused: State['refused']
  readonly leaveOut: (id: string) => void
  readonly addReading: (reading: Reading) => Promise<boolean>
  readonly addAnswer: (answer: Pick<Answer, 'slot' | 'kind' | 'code' | 'note'>) => Promise<boolean>
  /** Takes an answer as somebody gave it before: from a file. */
  readonly takeAnswer: (answer: Answer) => Promise<boolean>
  readonly addLog: (entry: Unstamped) => Promise<boolean>
  /** Shows a photo the store has taken in. */
  readonly showPhoto: (photo: Photo) => void
  /** Changes one of the opening's edited records. */
  readonly save: <K extends keyof Edits>(kind: K, change: Partial<Edits[K]>, extent?: 'part' | 'whole') => void
  /** What somebody else changed otherwise, by record. */
  readonly clashes: readonly { readonly kind: keyof Edits; readonly clash: Clash }[]
  readonly choose: (kind: keyof Edits, side: 'mine' | 'theirs') => void
  /** Releases this opening, with others of its job, as one order or as the next revision of one. */
  readonly release: (asked: {
    readonly id: string
    readonly openings: readonly string[]
    readonly supersedes: string | null
  }) => Promise<boolean>
  /** Asks for the best units again: of a large catalogue the page has only some; always where one was added. */
  readonly refreshUnits: (when?: 'if-part' | 'always') => Promise<void>
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
  const [state, dispatch] = useReducer(reduce, initial, first)
  const [comparing, setComparing] = useState<readonly string[] | null>(null)
  const { can, undoing, undo } = useUndo()
  const [reader, setReader] = useReader(initial.memberName)
  const { sheet, rows, trouble, refused, clashes } = state
  const base = `/api/openings/${initial.opening.id}`
  const tell = useCallback((message: string | null) => dispatch({ type: 'trouble', message }), [])
  const core = useCore(sheet)
  const { add, again, leaveOut } = useRows(initial, base, dispatch, tell)
  const edits = useEdits(initial.edits, base, dispatch, tell)

  return {
    sheet,
    ...core,
    rows,
    trouble,
    refused,
    leaveOut,
    tell,
    comparing,
    setComparing,
    reader,
    setReader,
    ...adding(add, can, reader),
    showPhoto: photo => dispatch({ type: 'photo', photo }),
    save: (kind, change, extent = 'part') => {
      const stood = sheet.edits[kind].data
      const before = extent === 'whole' ? stood : pick(stood, Object.keys(change))
      can({ what: 'the last choice', act: () => edits.save(kind, before as Partial<typeof stood>, extent) })
      edits.save(kind, change, extent)
    },
    clashes,
    choose: edits.choose,
    refreshUnits: async (when = 'if-part') => {
      if (when === 'if-part' && sheet.catalogue.count <= sheet.units.length) return
      const answer = await fetch(`${base}/units`).catch(() => null)
      if (answer?.ok) dispatch({ type: 'units', list: await answer.json() })
    },
    release: async asked => {
      // What was just settled must stand in the store before it is released from there.
      await edits.settled()
      const sent = await send<{ order: Order }>('POST', '/api/orders', { ...asked, jobId: sheet.job.id })
      if (sent.ok) dispatch({ type: 'order', order: sent.value.order })
      tell(sent.ok ? null : sent.message)
      return sent.ok
    },
    retry: () => {
      again()
      edits.again()
    },
    undoing,
    undo,
  }
}

type Adding = Pick<SheetStore, 'addReading' | 'addAnswer' | 'takeAnswer' | 'addLog'>

/** The ways a row is added: stamped with who and when where it is new, and taken back by another row. */
function adding(add: ReturnType<typeof useRows>['add'], can: (undo: Undo) => void, reader: string): Adding {
  const takeAnswer = (answer: Answer) => add('answers', answer)
  const withdraw = ({ id, slot }: { readonly id: string; readonly slot: Answer['slot'] }) =>
    void takeAnswer({ ...stamped(reader), slot, kind: 'withdrawn', code: id, note: '' })
  return {
    addReading: reading => {
      can({ what: slotName(reading.slot), act: () => withdraw(reading) })
      return add('readings', reading)
    },
    addAnswer: given => {
      const answer: Answer = { ...given, ...stamped(reader) }
      can({ what: slotName(answer.slot), act: () => withdraw(answer) })
      return takeAnswer(answer)
    },
    takeAnswer,
    addLog: ({ value = null, text = '', ...entry }) => {
      const { id, takenBy: by, takenAt: at } = stamped(reader)
      return add('log', { ...entry, value, text, id, by, at } satisfies LogEntry)
    },
  }
}

/** What can be taken back, the latest first. */
function useUndo() {
  const [done, setDone] = useState<readonly Undo[]>([])
  const can = (undo: Undo) => setDone(before => [...before.slice(-49), undo])
  const undo = () => {
    const last = done.at(-1)
    if (!last) return
    setDone(done.slice(0, -1))
    last.act()
  }
  return { can, undo, undoing: done.at(-1)?.what ?? null }
}

const pick = (from: object, names: readonly string[]): object =>
  Object.fromEntries(Object.entries(from).filter(([name]) => names.includes(name)))

/** What the core says of the sheet as it stands, worked out again only as far as a change reaches. */
function useCore(sheet: OpeningSheet): Pick<SheetStore, 'records' | 'trade' | 'work' | 'drawn' | 'say'> {
  const [bench] = useState(workbench)
  const now = useMinute()
  const { units, firm, jobSchools, job } = sheet
  const trade = useMemo(() => tradeWith(units, { firm, jobSchools: jobSchools.data }), [units, firm, jobSchools])
  const records = useMemo(() => recordsOf(sheet), [sheet])
  const work = useMemo(() => bench(records, trade, now), [bench, records, trade, now])
  const drawn = useMemo(() => drawnOf(work, records.wishes), [work, records.wishes])
  const { lengths } = work.terms
  const say = useMemo(() => figuresIn(lengths, trade.numbers, job.step), [lengths, trade, job.step])
  return { records, trade, work, drawn, say }
}

/** Now, to the minute: what waits for foam to harden is let go on without a reload. */
function useMinute(): string {
  const [now, setNow] = useState(() => new Date().toISOString())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date().toISOString()), 60_000)
    return () => clearInterval(timer)
  }, [])
  return now
}
