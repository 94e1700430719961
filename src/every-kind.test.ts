import type { Family } from './core/base/kinds'
import type { CatalogueUnit } from './core/catalogue/unit'
import { UNIT_DOORS } from './core/doors/doors'
import { elevation } from './core/drawing/elevation'
import { plan } from './core/drawing/plan'
import { type MessageLine, messageOf, messageSchema } from './core/exchange/message'
import { SET_BY_SHEET } from './core/fit/fitted'
import type { LogEntry } from './core/log/log'
import { type Found, judgeReceipt } from './core/order/judge-receipt'
import { type Order, orderSchema } from './core/order/order'
import { progressOf } from './core/progress'
import { SEALED_BY_SHEET } from './core/seal/sealed'
import { DETAILS } from './core/specification/wish-values'
import { essentialFor } from './core/survey/survey-of'
import type { Way } from './core/survey/ways'
import type { OpeningRecords } from './core/terms'
import {
  frameUnit,
  interiorUnit,
  leafUnit,
  lockUnit,
  pairUnit,
  sidelightsUnit,
  sliderUnit,
  stormUnit,
} from './core/test/family-units'
import {
  done,
  entry,
  fact,
  jobRecord,
  LENGTHS,
  length,
  NOW,
  reading,
  records,
  type Settled,
  TRUE_OPENING,
  trade,
  unit,
} from './core/test/fixtures'
import { OLD_LEAF } from './core/test/old-leaf'
import { orderOf } from './core/test/orders'
import { work } from './core/work'
import { handoverRecord } from './papers/handover-record'
import { measureSheet } from './papers/measure-sheet'
import { orderSheet } from './papers/order-sheet'
import { NUMBERS } from './trade/rates'
import { writeOrderText } from './writers/write-order-text'

const wide = (width: string) => ({
  ...TRUE_OPENING,
  'trim-off/widths.bottom': width,
  'trim-off/widths.middle': width,
  'trim-off/widths.top': width,
})
const without = (texts: object, part: RegExp) =>
  Object.fromEntries(Object.entries(texts).filter(([name]) => !part.test(name)))
const LEAF = {
  ...OLD_LEAF,
  'core/widths.bottom': '35 3/4',
  'core/widths.top': '35 3/4',
  'core/heights.right': '79 1/8',
}
const TRIM = {
  'brickmould/widths.bottom': '36',
  'brickmould/widths.middle': '36',
  'brickmould/widths.top': '36',
  'brickmould/heights.left': '80 1/2',
  'brickmould/heights.right': '80 1/2',
  'mould.face': '2',
  'mould.proud': '1 1/8',
  'handle.height': '36',
  'handle.proud': '2',
}
const GAPS = Object.fromEntries(
  ['head', 'left', 'right', 'bottom'].flatMap(side =>
    (side === 'head' || side === 'bottom' ? ['left', 'centre', 'right'] : ['top', 'middle', 'bottom']).map(at => [
      `gap.${side}.${at}`,
      side === 'bottom' ? '1/4' : '1/8',
    ]),
  ),
)

type Case = {
  readonly family: Family
  readonly way: Way
  readonly texts: object
  readonly facts?: Readonly<Record<string, string>>
  readonly wished?: Partial<Settled>
  readonly unit: CatalogueUnit | null
  /** What its line must say beside its size. */
  readonly says: readonly string[]
}

const CASES: Readonly<Record<string, Case>> = {
  'a hinged outside unit': {
    family: 'hinged-outside',
    way: 'trim-off',
    texts: TRUE_OPENING,
    facts: { 'fact.old-door': 'in-place' },
    unit: unit(),
    says: ['Hinges on the LEFT', '37 1/2 in'],
  },
  'a pair': {
    family: 'pair',
    way: 'trim-off',
    texts: without(wide('74 1/2'), /diagonals/),
    facts: { 'fact.active-leaf': 'right' },
    wished: { hinges: null },
    unit: pairUnit(),
    says: ['The RIGHT leaf is ACTIVE', 'Passive leaf width'],
  },
  'a unit with sidelights': {
    family: 'sidelights',
    way: 'trim-off',
    texts: {
      ...without(wide('51 1/2'), /diagonals/),
      'leaf.width': '36',
      'sidelight.left': '12',
      'sidelight.right': '0',
    },
    unit: sidelightsUnit(),
    says: ['Sidelight left', '12 in'],
  },
  'a storm door': {
    family: 'storm',
    way: 'brickmould',
    texts: TRIM,
    wished: { swing: 'out', bore: null },
    unit: stormUnit(),
    says: ['hinge rail', 'Door, at its largest'],
  },
  'a slider': {
    family: 'slider',
    way: 'trim-off',
    texts: TRUE_OPENING,
    facts: { 'fact.moving-panel': 'left' },
    wished: { hinges: null, swing: null, bore: null },
    unit: sliderUnit(),
    says: ['The LEFT panel MOVES'],
  },
  'a steel leaf': {
    family: 'steel-leaf',
    way: 'core',
    texts: LEAF,
    facts: { 'fact.label': '90', 'fact.label-legible': 'yes', 'fact.pins': 'removable', 'fact.bore': 'single' },
    wished: { bore: null },
    unit: leafUnit(),
    says: ['Hinges, from the top down', '7 1/4 in'],
  },
  'a steel frame': {
    family: 'steel-frame',
    way: 'trim-off',
    facts: { 'fact.wall-state': 'finished', 'fact.wall-kind': 'wood-studs' },
    texts: { ...TRUE_OPENING, 'wall.left': '5', 'wall.head': '5', 'wall.right': '5' },
    wished: { bore: 'single' },
    unit: frameUnit(),
    says: ['Throat that takes the wall'],
  },
  'an inside door': {
    family: 'interior',
    way: 'trim-off',
    texts: {
      ...without(wide('32'), /diagonals|heights/),
      'trim-off/heights.left': '81 3/4',
      'trim-off/heights.centre': '81 3/4',
      'trim-off/heights.right': '81 3/4',
      'leaf.thickness': '1 3/8',
      backset: '2 3/8',
    },
    facts: { 'fact.lock-function': 'passage', 'fact.lock-case': 'tubular-latch' },
    wished: { bore: 'single' },
    unit: interiorUnit(),
    says: ['Hinges on the LEFT'],
  },
  'a lock set': {
    family: 'interior',
    way: 'core',
    texts: {
      'core/widths.bottom': '762 mm',
      'core/widths.middle': '762 mm',
      'core/widths.top': '762 mm',
      'core/heights.left': '1981 mm',
      'core/heights.right': '1981 mm',
      'leaf.thickness': '40 mm',
      backset: '57 mm',
    },
    facts: { 'fact.lock-case': 'mortise-case', 'fact.lock-function': 'privacy' },
    wished: { bore: null },
    unit: lockUnit(),
    says: ['Faceplate', 'Lock backset'],
  },
  'a door that is only sealed': {
    family: 'seal-only',
    way: 'core',
    texts: { ...LEAF, ...GAPS },
    facts: {
      'fact.kerf': 'yes',
      'fact.threshold': 'fixed',
      'fact.floor': 'hard',
      'fact.airflow': 'not-needed',
      'fact.seal-why': 'draft',
    },
    wished: { material: 'timber' },
    unit: null,
    says: [],
  },
}

const SETTLED = Object.fromEntries(DETAILS.map(name => [name, 'x']))
const JOB = jobRecord()
const sealed = (one: CatalogueUnit): CatalogueUnit => ({
  ...one,
  details: { ...SETTLED, ...(one.kind === 'slider' ? { 'frame-kind': 'block' } : {}) },
})

function openingOf({ family, way, texts, facts = {}, wished = {}, unit: chosen }: Case, n: number): OpeningRecords {
  const base = records({ ...texts }, { way, chosen: chosen && { unit: chosen.id, reason: '' }, ...wished })
  return {
    ...base,
    opening: { ...base.opening, id: `01900000-0000-7000-8000-0000000000b${n}`, tag: `D${n}`, family },
    answers: Object.entries(facts).map(([slot, code]) => fact(slot as 'fact.kerf', code)),
  }
}

/** An order of two openings of the same kind. */
function orderFor(units: readonly CatalogueUnit[], openings: readonly OpeningRecords[]): Order {
  const lines = openings.map(one => {
    const { line, findings } = done(one, trade(units))
    if (!line) throw new Error(JSON.stringify(findings.order.filter(it => it.severity === 'stop')))
    return line
  })
  return orderSchema.parse(orderOf(lines, { number: 'H-0001' }))
}

/** A delivered unit read as it was ordered. */
function asOrdered({ unit: one, hinges, swing, jambExtension }: Order['lines'][number]): Found {
  const said = one as { readonly jamb?: number | null; readonly leafThickness?: number | null }
  const size = Object.fromEntries([
    ...['top', 'middle', 'bottom'].map(at => [`width.${at}`, one.width]),
    ...['left', 'right'].map(at => [`height.${at}`, one.height]),
    ...(said.jamb == null ? [] : [['jamb', said.jamb + (jambExtension ?? 0)]]),
    ...(said.leafThickness == null ? [] : [['thickness', said.leafThickness]]),
  ])
  return {
    readings: size,
    hinges,
    swing,
    checks: {},
    counts: { 'long-screws': 9, plugs: 9, 'hinge-cards': 18, 'corner-pads': 9 },
  }
}

/** Everything that is noted until the door is handed over. */
function noted(own: OpeningRecords, units: readonly CatalogueUnit[]): readonly LogEntry[] {
  const { steps, sealed: edges, tests, isWorkedOut } = done(own, trade(units))
  const at = (n: number) => n * 86_400_000
  return [
    ...(steps.length
      ? steps.map((one, i) => entry('step', one.id, 'done', at(i)))
      : [entry('step', SET_BY_SHEET, 'done', at(1))]),
    ...(edges.isWorkedOut && isWorkedOut !== undefined
      ? edges.edges.map((one, i) => entry('seal', one.id, 'fitted', at(100 + i)))
      : [entry('seal', SEALED_BY_SHEET, 'fitted', at(100))]),
    ...tests.map((one, i) =>
      entry('test', one.id, 'passed', at(200 + i), {
        value:
          one.unit === 'length'
            ? { length: length('0') }
            : one.unit === 'none'
              ? null
              : { number: one.unit === 'second' ? 9 : 20 },
      }),
    ),
  ]
}

describe.each(Object.entries(CASES))('%s, from the survey to the record', (_, one) => {
  const units = one.unit ? [sealed(one.unit)] : []
  const openings = [openingOf(one, 1), openingOf(one, 2)] as const
  const first = done(openings[0], trade(units))

  it('is surveyed: everything essential is answered, and it is drawn', () => {
    const { survey } = first
    const open = essentialFor(first.work.door.survey, one.way).filter(
      it => !survey.bySlot.has(it as never) && !survey.facts.has(it as never),
    )
    expect(open).toEqual([])
    expect(elevation(first, 'measure').marks.length).toBeGreaterThan(5)
    expect(plan(first).marks.length).toBeGreaterThan(3)
    expect(measureSheet(JOB, openings[0], first.work, { blank: false, photos: [] }).blocks.length).toBeGreaterThan(3)
  })
  it('is ordered in two lines, whose sheet, message and letter say the same', () => {
    if (!one.unit) return expect(first.offers).toEqual([])
    const order = orderFor(units, openings)
    expect(order.lines.map(line => [line.opening.tag, line.unit.kind])).toEqual([
      ['D1', one.unit.kind],
      ['D2', one.unit.kind],
    ])
    const sheet = JSON.stringify(orderSheet(JOB, order, order.lines).blocks)
    for (const part of one.says) expect(sheet).toContain(part)
    const message = messageSchema.parse(messageOf(order, { id: order.id, name: 'Larkspur' }))
    const text = writeOrderText(message, '1/16')
    for (const line of message.lines as readonly MessageLine[]) {
      expect(line).toMatchObject({ kind: one.unit.kind, width: one.unit.width, height: one.unit.height })
      expect(text).toContain(`Line ${line.line}, for ${line.tag}`)
    }
  })
  it('is received: as it was ordered it is accepted, an inch too wide it is held', () => {
    if (!one.unit) return
    const [line] = orderFor(units, openings).lines
    const found = asOrdered(line!)
    expect(judgeReceipt(line!, found, LENGTHS).state).toMatch(/^accepted/)
    const wrong = { ...found, readings: { ...found.readings, 'width.top': (one.unit.width + 81_280) as never } }
    expect(judgeReceipt(line!, wrong, LENGTHS).state).toBe('hold')
  })
  it('is set, sealed, tested and handed over; and shows no other kind’s steps', () => {
    const orders = one.unit ? [orderFor(units, openings)] : []
    const gaps = Object.entries(GAPS).map(([slot, text]) => reading(slot, text, { occasion: 'set' }))
    const bare = {
      ...openings[0],
      orders,
      readings: [...openings[0].readings, ...gaps],
    }
    const own = { ...bare, log: noted(bare, units) }
    const handed = done(own, trade(units))
    const { fit } = first.work.door
    expect(handed.steps.length > 0).toBe(fit.steps !== null)
    expect(handed.tests.map(it => [it.id, it.verdict]).filter(([, verdict]) => verdict !== 'passed')).toEqual([])
    const progress = progressOf(work(own, trade(units), NOW), own)
    expect(progress.done).toEqual(['measure', 'diagnose', 'specify', 'order', 'fit', 'seal', 'handover'])
    expect(progress.finished).toBe(true)
    const paper = handoverRecord(JOB, own, handed.work, NUMBERS)
    const text = JSON.stringify(paper.blocks.filter(block => block.kind !== 'drawing'))
    expect(text).toContain(one.unit ? 'H-0001' : 'the door stays')
    if (one.unit) expect(text).toContain(one.unit.article)
  })
  it('asks of a unit only what its kind has', () => {
    if (!one.unit) return
    const named = UNIT_DOORS[one.unit.kind].order.details({ bore: 'single', glass: 'safety', labelMinutes: 20 })
    expect(new Set(named).size).toBe(named.length)
  })
})
