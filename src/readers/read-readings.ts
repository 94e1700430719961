import Papa from 'papaparse'
import { v5 as uuidV5 } from 'uuid'
import type { Family } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import { done, type Issue, type Outcome, refused } from '@/core/outcome'
import { raiseAnswer } from '@/core/records/raise'
import { type Answer, answerSchema } from '@/core/survey/answer'
import { instrumentFor } from '@/core/survey/instrument'
import { canBeRead } from '@/core/survey/readable'
import { GRADUATIONS, type Reading, readingSchema } from '@/core/survey/reading'
import { GAP_SLOTS, isSlot, type Slot } from '@/core/survey/slots'
import { ALL_OUTSIDE, ladderFor, readingsFor, surveyWhere } from '@/core/survey/survey-of'
import { isLength } from '@/core/units/length'
import { type LengthUnit, parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { impossibleWords } from '@/words/readable'
import { slotName } from '@/words/walk'

const NAMESPACE = '7c0d2a54-3f39-4c8e-9d0f-0f2f6a1d9b77'
const MOST_ROWS = 5000

/** A row that can't be taken, counted as a person sees it in the file: the head of a CSV is row 1. */
export type RejectedReading = { readonly row: number; readonly column: string; readonly reason: string }
export type CheckedReadings = {
  readonly readings: readonly Reading[]
  /** Facts, skips and withdrawals: JSON carries them, CSV does not. */
  readonly answers: readonly Answer[]
  readonly rejected: readonly RejectedReading[]
}

/** What a file's rows are read for. */
export type ReadingsFor = {
  readonly openingId: string
  readonly family: Family
  readonly unit: LengthUnit
  /** Who and when, for rows that don't say. */
  readonly takenBy: string
  readonly takenAt: string
}

type Row = Readonly<Record<string, unknown>>

/** Reads readings from a CSV or JSON file, row by row: what can be taken, and every other row with its reason.
 *  A row without an id gets one made of what it says, so that a file taken twice is stored once.
 *  Issue codes `file.not-json`, `file.not-readings`, `file.no-columns`, `file.too-many` refuse the file as a whole. */
export function readReadings(name: string, text: string, wanted: ReadingsFor): Outcome<CheckedReadings> {
  const isJson = /\.json$/i.test(name) || /^\s*[[{]/.test(text)
  const read = isJson ? jsonRows(text) : csvRows(text)
  if (!read.ok) return read
  const { rows, answerRows } = read.value
  if (rows.length > MOST_ROWS) return refused('file.too-many', { most: MOST_ROWS })
  const slots = new Set<Slot>([
    ...DOORS[wanted.family].survey.ways.flatMap(way => readingsFor(allAsked(wanted.family), way)),
    ...GAP_SLOTS,
  ])
  const names = new Map([...slots].map(slot => [slotName(slot).toLowerCase(), slot]))
  const readings = new Map<string, Reading>()
  const rejected: RejectedReading[] = []
  rows.forEach((row, i) => {
    const one = readRow(row, slots, names, wanted)
    if (one.ok) readings.set(one.value.id, one.value)
    else rejected.push({ row: i + (isJson ? 1 : 2), column: one.issues[0]!.path, reason: issueWords(one.issues[0]!) })
  })
  const { answers, bad } = readAnswers(answerRows, wanted.family)
  return done({ readings: [...readings.values()], answers, rejected: [...rejected, ...bad] })
}

/** The rows of a file, unchecked. A CSV has no answers. */
type FileRows = { readonly rows: readonly Row[]; readonly answerRows: readonly unknown[] }

function jsonRows(text: string): Outcome<FileRows> {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return refused('file.not-json')
  }
  const rows = isRow(value) ? value.readings : value
  const answerRows = isRow(value) && Array.isArray(value.answers) ? value.answers : []
  if (!Array.isArray(rows) || rows.length + answerRows.length === 0) return refused('file.not-readings')
  return done({ rows: rows.map(row => (isRow(row) ? row : { slot: String(row).slice(0, 40) })), answerRows })
}

/** Whatever may be asked of a kind, where its outside trim comes off too. */
const allAsked = (family: Family) => surveyWhere(DOORS[family].survey, ALL_OUTSIDE)

/** The answers of a JSON file: those that can be taken, and the others with their place among the answers. */
function readAnswers(
  rows: readonly unknown[],
  family: Family,
): { readonly answers: readonly Answer[]; readonly bad: readonly RejectedReading[] } {
  const questions = new Set<string>(DOORS[family].survey.ways.flatMap(way => ladderFor(allAsked(family), way)))
  const answers: Answer[] = []
  const bad: RejectedReading[] = []
  for (const [i, row] of rows.slice(0, MOST_ROWS).entries()) {
    const parsed = answerSchema.safeParse(isRow(row) ? raiseAnswer(row) : row)
    const reject = (member: string, issue: Parameters<typeof issueWords>[0]) =>
      bad.push({ row: i + 1, column: `answers, ${member}`, reason: issueWords(issue) })
    if (!parsed.success) {
      const [{ path, message } = { path: [], message: '' }] = parsed.error.issues
      const member = String(path[0] ?? '')
      reject(member, { code: 'row.member', facts: { member, message } })
    } else if (questions.has(parsed.data.slot) || parsed.data.kind === 'withdrawn') answers.push(parsed.data)
    else reject('slot', { code: 'row.slot', facts: { slot: parsed.data.slot } })
  }
  return { answers, bad }
}

const isRow = (value: unknown): value is Row => typeof value === 'object' && value !== null && !Array.isArray(value)

function csvRows(text: string): Outcome<FileRows> {
  const { data, meta } = Papa.parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: head => MEMBERS[head.trim().toLowerCase()] ?? head.trim().toLowerCase(),
  })
  const columns = meta.fields ?? []
  if (!columns.includes('slot') || !columns.includes('text'))
    return refused('file.no-columns', { columns: columns.slice(0, 12).join(', ').slice(0, 200) || 'none' })
  return data.length ? done({ rows: data, answerRows: [] }) : refused('file.not-readings')
}

/** The columns of a CSV, in small letters, as members of a reading. */
const MEMBERS: Readonly<Record<string, string>> = {
  slot: 'slot',
  typed: 'text',
  text: 'text',
  ticks: 'value',
  instrument: 'instrument',
  graduation: 'graduation',
  levellengthticks: 'levelLength',
  deviationticks: 'deviation',
  device: 'device',
  takenby: 'takenBy',
  takenat: 'takenAt',
  note: 'note',
  occasion: 'occasion',
  id: 'id',
}

const said = (row: Row, member: string): string | undefined => {
  const value = row[member]
  if (value === undefined || value === null || value === '') return undefined
  // An apostrophe before a sign keeps a spreadsheet from taking a text for a formula; it is not part of the text.
  return String(value)
    .trim()
    .replace(/^'(?=[=+\-@])/, '')
}

function readRow(
  row: Row,
  slots: ReadonlySet<Slot>,
  names: ReadonlyMap<string, Slot>,
  wanted: ReadingsFor,
): Outcome<Reading> {
  const given = said(row, 'slot') ?? ''
  const slot = isSlot(given) ? given : names.get(given.toLowerCase())
  if (!slot || !slots.has(slot)) return refused('row.slot', { slot: given.slice(0, 60) }, 'slot')
  const text = said(row, 'text') ?? ''
  const value = lengthIn(text, said(row, 'value'), wanted.unit, said(row, 'graduation'))
  if (!value.ok) return value
  const [levelLength, deviation] = [ticksOf(row, 'levelLength'), ticksOf(row, 'deviation')]
  if (!levelLength.ok) return levelLength
  if (!deviation.ok) return deviation
  const unit = wanted.unit
  const plain = {
    slot,
    value: value.value,
    text,
    occasion: said(row, 'occasion') ?? 'survey',
    instrument: said(row, 'instrument') ?? instrumentFor(slot),
    graduation: said(row, 'graduation') ?? (unit === 'in' ? '1/16' : '1'),
    levelLength: levelLength.value,
    deviation: deviation.value,
    device: said(row, 'device') ?? '',
    takenBy: said(row, 'takenBy') ?? wanted.takenBy,
    takenAt: said(row, 'takenAt') ?? wanted.takenAt,
    note: said(row, 'note') ?? '',
  }
  const id = said(row, 'id') ?? uuidV5(`${wanted.openingId}/${JSON.stringify(plain)}`, NAMESPACE)
  const parsed = readingSchema.safeParse({ ...plain, id })
  if (parsed.success && !canBeRead(slot, parsed.data.value))
    return refused('row.member', { member: 'text', message: impossibleWords(slot, text) }, 'typed')
  if (parsed.success) return done(parsed.data)
  const [issue] = parsed.error.issues
  const member = String(issue!.path[0] ?? '')
  return refused('row.member', { member, message: issue!.message }, member)
}

/** The value: as typed, and as ticks where the file gives them too; where both can be read they must agree. */
function lengthIn(
  text: string,
  given: string | undefined,
  unit: LengthUnit,
  tape: string | undefined,
): Outcome<Reading['value']> {
  const graduation = GRADUATIONS.find(one => one === tape)
  const typed = parseLength(text, { unit, graduation })
  if (given === undefined) {
    if (typed.ok) return done(typed.value.ticks)
    return { ok: false, issues: [{ ...(typed.issues[0] as Issue), path: 'typed' }] }
  }
  const ticks = Number(given)
  if (!isLength(ticks)) return refused('row.ticks', { ticks: given.slice(0, 40) }, 'ticks')
  const isUnsure = !typed.ok && typed.issues[0]!.code === 'length.ambiguous'
  if (!typed.ok && !isUnsure) return { ok: false, issues: [{ ...(typed.issues[0] as Issue), path: 'typed' }] }
  if (typed.ok && typed.value.ticks !== ticks)
    return refused('row.differs', { typed: text.slice(0, 40), ticks }, 'typed')
  return done(ticks)
}

function ticksOf(row: Row, member: string): Outcome<Reading['levelLength']> {
  const given = said(row, member)
  if (given === undefined) return done(null)
  const ticks = Number(given)
  return isLength(ticks) ? done(ticks) : refused('row.ticks', { ticks: given.slice(0, 40) }, member)
}
