import { LENGTHS } from '../../trade/lengths'
import { tradeWith } from '../../trade/trade'
import type { CatalogueUnit } from '../catalogue/unit'
import type { OpeningRecords, Trade } from '../job'
import type { Receipt } from '../order/receipt'
import { newWishes } from '../specification/new-wishes'
import type { Wishes } from '../specification/wishes'
import type { Job } from '../survey/job-record'
import type { Reading } from '../survey/reading'
import { isLevelReading, isSlot, type Slot } from '../survey/slots'
import { inches, type Length } from '../units/length'
import { parseLength } from '../units/parse-length'

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

export const unit = (more: Partial<CatalogueUnit> = {}): CatalogueUnit => ({
  id: '01900000-0000-7000-8000-0000000000aa',
  article: 'T-1',
  maker: 'Test',
  name: 'Entry',
  family: 'hinged-outside',
  width: inches(37, 1, 2),
  height: inches(81, 3, 4),
  leafWidth: inches(36),
  leafHeight: inches(80),
  jamb: inches(4, 9, 16),
  hinges: 'both',
  swing: 'both',
  material: 'timber',
  bore: 'double',
  labelMinutes: 0,
  leafBottom: inches(1, 1, 8),
  sillDepth: inches(5, 9, 16),
  priceCents: 60_000,
  leadDays: 7,
  stock: true,
  glass: 'none',
  lacks: [],
  details: {
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
  },
  storm: null,
  leaf: null,
  frame: null,
  panels: null,
  lock: null,
  ...more,
})

export const records = (
  texts: { readonly [slot: string]: string } = TRUE_OPENING,
  wished: Partial<Wishes> = {},
): OpeningRecords => ({
  opening: { id: '01900000-0000-7000-8000-0000000000bb', tag: 'A1', name: 'Front entry', family: 'hinged-outside' },
  readings: readings(texts),
  answers: [],
  wishes: wishes(wished),
  sealChoice: {},
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
  latitudeE6: 54_100_000,
  longitudeE6: -200_000,
  createdAt: '2026-01-01T00:00:00.000Z',
  ...more,
})

export const trade = (units: readonly CatalogueUnit[] = [unit()]): Trade => tradeWith(units)

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
  state: 'hold',
  note: '',
  by: 'Ida Marlow',
  at: '2026-01-12T07:00:00.000Z',
  ...more,
})
