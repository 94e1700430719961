'use client'
import { type Dispatch, useCallback, useEffect, useMemo, useReducer, useState } from 'react'
import type { Glance } from '@/core/glance'
import type { LogEntry } from '@/core/log/log'
import type { Edits } from '@/core/new-edits'
import type { Order } from '@/core/order/order'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Answer } from '@/core/survey/answer'
import type { Reading } from '@/core/survey/reading'
import type { Survey } from '@/core/survey/survey'
import { surveyTaken } from '@/core/survey/survey-taken'
import type { OpeningRecords } from '@/core/terms'
import type { Length } from '@/core/units/length'
import { whoMay } from '@/words/roles'
import { slotName } from '@/words/walk'
import type { Clash } from './edit-box'
import { useMay } from './rights'
import { send } from './send'
import { type Action, first, reduce, type Storing } from './sheet-state'
import { stamped, type Unstamped } from './stamp'
import { useEdits } from './use-edits'
import { useOthers } from './use-others'
import { useOutbox, useSnapshot } from './use-outbox'
import { useReader } from './use-reader'
import { type AddRow, useRows } from './use-rows'

export type { Storing } from './sheet-state'

/** Something the user did that can be taken back, and what it was. */
type Undo = { readonly what: string; readonly act: () => void }

export type SheetStore = {
  readonly sheet: OpeningSheet
  readonly records: OpeningRecords
  /** What stands read at the survey. */
  readonly survey: Survey
  /** What is seen of the work at a glance: as the page brought it, then as the work tells. */
  readonly glance: Glance
  readonly onGlance: (glance: Glance) => void
  /** Whether the work is there, and not only what the page brought of it. */
  readonly isWorked: boolean
  /** To the minute, ISO 8601. */
  readonly now: string
  /** This sheet and no other: what the work on it is kept by. */
  readonly key: object
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
  readonly addReading: (reading: Reading) => void
  readonly addAnswer: (answer: Pick<Answer, 'slot' | 'kind' | 'code' | 'note'>) => void
  /** Takes an answer as somebody gave it before: from a file. */
  readonly takeAnswer: (answer: Answer) => void
  readonly addLog: (entry: Unstamped) => void
  /** Changes one of the opening's edited records. */
  readonly save: <K extends keyof Edits>(kind: K, change: Partial<Edits[K]>, extent?: 'part' | 'whole') => void
  /** Where the unit would stand while it is moved: shown, and not kept until it is saved; `null` leaves it where it stands. */
  readonly tryShift: (shift: Length | null) => void
  /** Whether it is being moved, and not let go yet. */
  readonly isMoving: boolean
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
  readonly tell: (message: string | null) => void
  /** Who reads now: stands with every row that is added. */
  readonly reader: string
  readonly setReader: (name: string) => void
  /** What the user did last and can take back; `null` when there is nothing. */
  readonly undoing: string | null
  readonly undo: () => void
}

/** The sheet's records here, and the way to the store; what the core makes of them stands in `worked.ts`. A row shows as stored only when the store said so;
 *  until then this browser keeps it, over a reload too. */
export function useSheet(initial: OpeningSheet, atFirst: Glance): SheetStore {
  const [state, dispatch] = useReducer(reduce, initial, first)
  const [comparing, setComparing] = useState<readonly string[] | null>(null)
  const { can, undoing, undo } = useUndo()
  const [reader, setReader] = useReader(initial.memberName)
  const { sheet, trouble, clashes } = state
  const base = `/api/openings/${initial.opening.id}`
  const tell = useCallback((message: string | null) => dispatch({ type: 'trouble', message }), [])
  const seen = useGlance(atFirst)
  const now = useMinute()
  const read = useRead(sheet)
  const outbox = useOutbox()
  const add = useRows(initial, base, dispatch)
  const maySettle = useMay('settle')
  const learns = !useMay('vouch')
  const edits = useEdits(initial, base, dispatch)
  useOthers(base, dispatch, edits)

  return {
    sheet,
    ...read,
    ...seen,
    now,
    rows: useStoring(state.rows),
    trouble,
    tell,
    comparing,
    setComparing,
    reader,
    setReader,
    ...adding(add, can, reader, learns),
    save: (kind, change, extent = 'part') => {
      if (!maySettle) return tell(whoMay('settle'))
      if (kind === 'fit') read.tryShift(null)
      const stood = sheet.edits[kind].data
      const before = extent === 'whole' ? stood : pick(stood, Object.keys(change))
      can({ what: 'the last choice', act: () => edits.save(kind, before as Partial<typeof stood>, extent) })
      edits.save(kind, change, extent)
    },
    clashes,
    choose: edits.choose,
    refreshUnits: async (when = 'if-part') => {
      if (when === 'always' || sheet.catalogue.count > sheet.units.length) await loadUnits(base, dispatch)
    },
    release: async asked => {
      // What was just read and settled must stand in the store before it is released from there.
      if (await outbox.isSent(...asked.openings.map(one => `/api/openings/${one}`)))
        return releasing({ ...asked, jobId: sheet.job.id }, dispatch, tell)
      tell('Not released: something of it waits on this device and is not stored yet. Look at the bar below.')
      return false
    },
    undoing,
    undo,
  }
}

/** How far each row has come that was added here. */
function useStoring(rows: ReadonlyMap<string, 'waiting' | 'stored'>): ReadonlyMap<string, Storing> {
  const { line } = useSnapshot(useOutbox())
  const waiting = line.state === 'fine' ? 'sending' : 'kept'
  return useMemo(
    () => new Map([...rows].map(([id, one]): [string, Storing] => [id, one === 'stored' ? one : waiting])),
    [rows, waiting],
  )
}

async function releasing(asked: object, dispatch: Dispatch<Action>, tell: SheetStore['tell']): Promise<boolean> {
  const sent = await send<{ order: Order }>('POST', '/api/orders', asked)
  if (sent.ok) dispatch({ type: 'order', order: sent.value.order })
  tell(sent.ok ? null : sent.message)
  return sent.ok
}

/** What is seen of the work: as the page brought it until the work itself tells. */
function useGlance(atFirst: Glance): Pick<SheetStore, 'glance' | 'onGlance' | 'isWorked' | 'key'> {
  const [glance, onGlance] = useState(atFirst)
  const [key] = useState<object>(() => ({}))
  return { glance, onGlance, isWorked: glance !== atFirst, key }
}

/** The records of the sheet with the shift that is tried, and what stands read by them. */
function useRead(sheet: OpeningSheet): Pick<SheetStore, 'records' | 'survey' | 'tryShift' | 'isMoving'> {
  const [tried, tryShift] = useState<Length | null>(null)
  const stored = useMemo(() => recordsOf(sheet), [sheet])
  const records = useMemo(
    () => (tried === null ? stored : { ...stored, fit: { ...stored.fit, shift: tried } }),
    [stored, tried],
  )
  const { readings, answers } = records
  const { way } = records.wishes
  const survey = useMemo(() => surveyTaken(way, readings, answers).survey, [way, readings, answers])
  return { records, survey, tryShift, isMoving: tried !== null }
}

async function loadUnits(base: string, dispatch: Dispatch<Action>): Promise<void> {
  const answer = await fetch(`${base}/units`).catch(() => null)
  if (answer?.ok) dispatch({ type: 'units', list: await answer.json() })
}

type Adding = Pick<SheetStore, 'addReading' | 'addAnswer' | 'takeAnswer' | 'addLog'>

/** The ways a row is added: stamped with who and when where it is new, and taken back by another row. */
function adding(add: AddRow, can: (undo: Undo) => void, reader: string, learns: boolean): Adding {
  const takeAnswer = (answer: Answer) => add('answers', answer)
  const withdraw = ({ id, slot }: { readonly id: string; readonly slot: Answer['slot'] }) =>
    takeAnswer({ ...stamped(reader), slot, kind: 'withdrawn', code: id, note: '' })
  return {
    addReading: reading => {
      can({ what: slotName(reading.slot), act: () => withdraw(reading) })
      return add('readings', learns ? { ...reading, unchecked: true } : reading)
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

/** Now, to the minute: what waits for foam to harden is let go on without a reload. */
function useMinute(): string {
  const [now, setNow] = useState(() => new Date().toISOString())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date().toISOString()), 60_000)
    return () => clearInterval(timer)
  }, [])
  return now
}
