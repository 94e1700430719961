'use client'
import { type Dispatch, useCallback, useEffect, useMemo, useReducer, useState } from 'react'
import type { Glance } from '@/core/glance'
import type { LogEntry } from '@/core/log/log'
import type { Edits } from '@/core/new-edits'
import type { Order } from '@/core/order/order'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Answer } from '@/core/survey/answer'
import type { Photo } from '@/core/survey/photo'
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
import { type Action, first, reduce, type State, type Storing } from './sheet-state'
import { stamped, type Unstamped } from './stamp'
import { useEdits } from './use-edits'
import { useOthers } from './use-others'
import { useReader } from './use-reader'
import { useRows } from './use-rows'

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
  readonly retry: () => void
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
  const { sheet, rows, trouble, refused, clashes } = state
  const base = `/api/openings/${initial.opening.id}`
  const tell = useCallback((message: string | null) => dispatch({ type: 'trouble', message }), [])
  const seen = useGlance(atFirst)
  const now = useMinute()
  const read = useRead(sheet)
  const { add, again, leaveOut } = useRows(initial, base, dispatch, tell)
  const maySettle = useMay('settle')
  const learns = !useMay('vouch')
  const edits = useEdits(initial.edits, base, dispatch, tell)
  useOthers(base, dispatch)

  return {
    sheet,
    ...read,
    ...seen,
    now,
    rows,
    trouble,
    refused,
    leaveOut,
    tell,
    comparing,
    setComparing,
    reader,
    setReader,
    ...adding(add, can, reader, learns),
    showPhoto: photo => dispatch({ type: 'photo', photo }),
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
      // What was just settled must stand in the store before it is released from there.
      await edits.settled()
      return releasing({ ...asked, jobId: sheet.job.id }, dispatch, tell)
    },
    retry: () => {
      again()
      edits.again()
    },
    undoing,
    undo,
  }
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
function adding(
  add: ReturnType<typeof useRows>['add'],
  can: (undo: Undo) => void,
  reader: string,
  learns: boolean,
): Adding {
  const takeAnswer = (answer: Answer) => add('answers', answer)
  const withdraw = ({ id, slot }: { readonly id: string; readonly slot: Answer['slot'] }) =>
    void takeAnswer({ ...stamped(reader), slot, kind: 'withdrawn', code: id, note: '' })
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
