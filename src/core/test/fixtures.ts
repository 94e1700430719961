import type { NumberFormat } from '@/core/catalogue/firm'
import { asWritten, type ShownJob } from '@/core/sheet'
import { LENGTHS } from '../../trade/lengths'
import { tradeWith } from '../../trade/trade'
import type { Allowances } from '../base/allowances'
import type { CatalogueUnit, UnitOf } from '../catalogue/unit'
import { drawnOf } from '../draw'
import type { FitChoices } from '../fit/fit-choices'
import type { SettingStep } from '../fit/setting-step'
import type { HandoverTest } from '../handover/tests-of'
import type { LogEntry } from '../log/log'
import { type Edits, newEdits } from '../new-edits'
import type { OrderChoices } from '../order/order-choices'
import type { Receipt } from '../order/receipt'
import type { SealChoice } from '../seal/seal-choice'
import { newWishes } from '../specification/new-wishes'
import type { Wishes } from '../specification/wishes'
import type { Answer } from '../survey/answer'
import type { Job } from '../survey/job-record'
import type { Reading } from '../survey/reading'
import { isLevelReading, isSlot, type Slot } from '../survey/slots'
import type { OpeningRecords, Trade } from '../terms'
import { inches, type Length, ZERO } from '../units/length'
import { parseLength } from '../units/parse-length'
import { work } from '../work'

export { randomFrom, wholeFrom } from '../base/random'
export { LENGTHS }

/** A length as typed on site; a test that mistypes one fails at once. */
export function length(text: string): Length {
  const parsed = parseLength(text, { unit: 'in' })
  if (!parsed.ok) throw new Error(`not a length: ${text}`)
  return parsed.value.ticks
}

let count = 0
const nextId = () => `01900000-0000-7000-8000-${String(++count).padStart(12, '0')}`

/** A reading of `slot` as typed, taken a second after the one before it. */
export function reading(slot: string, text: string, more: Partial<Reading> = {}): Reading {
  if (!isSlot(slot)) throw new Error(`no such slot: ${slot}`)
  const levelLength = isLevelReading(slot) ? inches(72) : null
  const takenAt = new Date(Date.UTC(2026, 0, 1) + ++count * 1000).toISOString()
  return {
    id: nextId(),
    slot,
    occasion: 'survey',
    value: length(text),
    text,
    instrument: 'tape',
    graduation: '1/16',
    levelLength,
    deviation: null,
    device: '',
    takenBy: 'Ida Marlow',
    takenAt,
    note: '',
    ...more,
  }
}

export const readings = (texts: { readonly [slot: string]: string }): readonly Reading[] =>
  Object.entries(texts).map(([slot, text]) => reading(slot, text))

/** An answer to a question that is no length, given a second after what came before. */
export const fact = (slot: Answer['slot'], code: string, more: Partial<Answer> = {}): Answer => ({
  id: nextId(),
  slot,
  kind: 'fact',
  code,
  note: '',
  takenBy: 'Ida Marlow',
  takenAt: new Date(Date.UTC(2026, 0, 1) + ++count * 1000).toISOString(),
  ...more,
})

/** A true opening of 38 by 82 1/2, read stud to stud. */
export const TRUE_OPENING = {
  'trim-off/widths.bottom': '38',
  'trim-off/widths.middle': '38',
  'trim-off/widths.top': '38',
  'trim-off/heights.left': '82 1/2',
  'trim-off/heights.centre': '82 1/2',
  'trim-off/heights.right': '82 1/2',
  'trim-off/diagonals.risingRight': '90 53/64',
  'trim-off/diagonals.risingLeft': '90 53/64',
  'trim-off/lean.left': '0',
  'trim-off/lean.right': '0',
  'trim-off/bow.left': '0',
  'trim-off/bow.right': '0',
  'trim-off/fall.sill': '0',
  'trim-off/fall.head': '0',
  'trim-off/crown.sill': '0',
  'trim-off/crown.head': '0',
  'wall.left': '4 1/2',
  'wall.head': '4 1/2',
  'wall.right': '4 1/2',
  'floor.highest': '1/4',
} as const satisfies { readonly [slot in Slot]?: string }

export const wishes = (more: Partial<Wishes> = {}): Wishes => ({
  ...newWishes('trim-off'),
  hinges: 'left',
  swing: 'in',
  bore: 'double',
  subfloor: 'sound',
  ...more,
})

export const DETAILS_SAID: CatalogueUnit['details'] = {
  core: 'polyurethane foam',
  style: 'six panels',
  'colour-outside': 'white',
  'colour-inside': 'white',
  sill: 'adjustable, aluminium',
  brickmould: '2 in, set back 1/2 in',
  'frame-material': 'timber',
  'hinge-size': '4 in, ball bearing',
  'hinge-finish': 'satin nickel',
  'bore-backset': '2 3/8',
  glazing: 'insulated, 24 mm',
  'smoke-gasket': 'none',
  weatherstrip: 'push-in foam',
  sweep: 'double fin',
}

/** A hinged outside unit of 37 1/2 by 81 3/4 whose sheet says what the trade has. */
export const unit = (more: Partial<UnitOf<'hinged-outside'>> = {}): UnitOf<'hinged-outside'> => ({
  id: '01900000-0000-7000-8000-0000000000aa',
  article: 'T-1',
  maker: 'Test',
  name: 'Entry',
  kind: 'hinged-outside',
  width: inches(37, 1, 2),
  height: inches(81, 3, 4),
  leafWidth: inches(36),
  leafHeight: inches(80),
  jamb: inches(4, 9, 16),
  legThickness: null,
  legMaterial: null,
  stop: null,
  hinges: 'both',
  swing: 'both',
  material: 'timber',
  bore: 'double',
  labelMinutes: 0,
  leafBottom: inches(1, 1, 8),
  sillDepth: inches(5, 9, 16),
  sillHorns: null,
  sillCap: null,
  sillUnderside: null,
  mouldWidth: null,
  mouldSetback: null,
  massKg: null,
  priceCents: 60_000,
  leadDays: 7,
  stock: true,
  glass: 'none',
  lacks: [],
  leafThickness: null,
  hingeCount: null,
  hingeTops: null,
  hingeHeight: null,
  strikeHeight: null,
  asksPan: null,
  asksBeads: null,
  asksFoam: null,
  asksHeadScrews: null,
  asksClip: null,
  hingeTurn: null,
  hingesApart: null,
  details: DETAILS_SAID,
  ...more,
})

/** Everything that is settled of an opening, whichever of its records it stands in. */
export type Settled = Wishes &
  OrderChoices &
  FitChoices & { readonly allowances: Allowances; readonly sealed: SealChoice['edges'] }

/** Parts what is settled into the records it stands in. */
export function settled({
  chosen = null,
  compared = [],
  details = {},
  questions = [],
  waived = {},
  shift = ZERO,
  allowances = {},
  sealed = {},
  ...wished
}: Partial<Settled> = {}): Edits {
  const seal = { ...newEdits('trim-off').seal, edges: sealed }
  return {
    wishes: wishes(wished),
    order: { chosen, compared, details, questions, waived },
    fit: { shift },
    seal,
    allowances,
  }
}

export const records = (
  texts: { readonly [slot: string]: string } = TRUE_OPENING,
  wished: Partial<Settled> = {},
): OpeningRecords => ({
  opening: { id: '01900000-0000-7000-8000-0000000000bb', tag: 'A1', name: 'Front entry', family: 'hinged-outside' },
  readings: readings(texts),
  answers: [],
  ...settled(wished),
  orders: [],
  receipts: [],
  log: [],
})

export const jobRecord = (more: Partial<Job> = {}): Job => ({
  id: '01900000-0000-7000-8000-0000000000cc',
  name: 'Quay 4',
  site: 'Harbour',
  unit: 'in',
  step: '1/16',
  visitOn: null,
  customer: { name: '', phone: '', email: '' },
  delivery: '',
  notes: '',
  place: { name: 'Harbour', latitudeE6: 54_100_000, longitudeE6: -200_000 },
  timeZone: 'Europe/London',
  loud: null,
  archivedAt: null,
  createdAt: '2026-01-01T00:00:00.000Z',
  ...more,
})

export const trade = (units: readonly CatalogueUnit[] = [unit()]): Trade => tradeWith(units)

/** What somebody noted, at so many milliseconds. */
export const entry = (
  kind: LogEntry['kind'],
  code: string,
  result: LogEntry['result'],
  at: number,
  more: Partial<LogEntry> = {},
): LogEntry => ({
  id: nextId(),
  kind,
  code,
  result,
  value: null,
  text: '',
  by: 'Bram Oake',
  at: new Date(at).toISOString(),
  ...more,
})

/** A step as it is done right: with a figure that holds whatever it is held against. */
export const stepEntry = ({ id, reads }: Pick<SettingStep, 'id' | 'reads'>, at: number): LogEntry =>
  entry('step', id, 'done', at, { value: reads && figureThatHolds(reads) })

/** A test as it is passed as a whole: with a figure that holds whatever it is held against. */
export const testEntry = ({ id, unit, limit }: Pick<HandoverTest, 'id' | 'unit' | 'limit'>, at: number): LogEntry =>
  entry('test', id, 'passed', at, { value: unit === 'none' ? null : figureThatHolds({ unit, limit }) })

function figureThatHolds({
  unit,
  limit,
}: Pick<NonNullable<SettingStep['reads']>, 'unit' | 'limit'>): LogEntry['value'] {
  const isMost = limit?.holds !== 'at-least'
  if (unit === 'length') return { length: length(isMost ? '0' : '36') }
  return { number: isMost ? 20 : 99 }
}

/** A delivered unit on which nothing was read. */
export const receipt = (orderId: string, more: Partial<Receipt> = {}): Receipt => ({
  id: orderId,
  orderId,
  line: 1,
  readings: {},
  hinges: null,
  swing: null,
  checks: {},
  counts: {},
  damage: [],
  state: 'hold',
  note: '',
  by: 'Ida Marlow',
  at: '2026-01-12T07:00:00.000Z',
  ...more,
})

/** When a test works out what is worked out. */
export const NOW = '2026-11-26T12:00:00.000Z'

/** What the work says of an opening, its stages side by side. */
export function done(of: OpeningRecords, by: Trade = trade(), now = NOW) {
  const all = work(of, by, now)
  const { measure, specify, order, fit, seal, handover, diagnose } = all
  return {
    work: all,
    terms: all.terms,
    ...drawnOf(all, of.wishes),
    ...measure.value,
    ...specify.value,
    ...order.value,
    ...fit.value,
    seals: seal.value.plan,
    sealed: seal.value,
    tests: handover.value.tests,
    handover: handover.value,
    findings: {
      measure: measure.findings,
      diagnose: diagnose.findings,
      specify: specify.findings,
      order: order.findings,
      fit: fit.findings,
      seal: seal.findings,
      handover: handover.findings,
    },
  }
}

/** A job as its openings show it. */
export const shownJob = (more: Partial<Job> = {}, numbers: NumberFormat = 'point'): ShownJob =>
  asWritten(jobRecord(more), numbers)
