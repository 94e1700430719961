import type { CatalogueUnit } from './core/catalogue/unit'
import { frontOf, UNIT_DOORS } from './core/doors/doors'
import { elevation } from './core/drawing/elevation'
import { plan } from './core/drawing/plan'
import { receivingScene } from './core/drawing/receiving'
import { type MessageLine, messageOf, messageSchema } from './core/exchange/message'
import type { LogEntry } from './core/log/log'
import { answerIn, readingsAsked, walkOf } from './core/order/asked-of-delivered'
import { type Found, judgeReceipt } from './core/order/judge-receipt'
import { type Order, orderSchema } from './core/order/order'
import { sizeRequest } from './core/order/size-request'
import { progressOf } from './core/progress'
import { essentialFor } from './core/survey/survey-of'
import type { OpeningRecords } from './core/terms'
import { done, entry, LENGTHS, NOW, reading, shownJob, stepEntry, testEntry, trade } from './core/test/fixtures'
import { KIND_CASES, openingOf, sealed } from './core/test/kind-cases'
import { orderOf } from './core/test/orders'
import { work } from './core/work'
import { fitCard } from './papers/fit-card'
import { handoverRecord } from './papers/handover-record'
import { measureSheet } from './papers/measure-sheet'
import { orderSheet } from './papers/order-sheet'
import type { Block } from './papers/paper'
import { OWN, TO_MAKER } from './papers/test/audience'
import { NUMBERS } from './trade/rates'
import { deliveredName, lookedHow } from './words/looked'
import { requestText } from './words/size-request'
import { writeOrderText } from './writers/write-order-text'

const JOB = shownJob()

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
    damage: [],
  }
}

/** Everything that is noted until the door is handed over. */
function noted(own: OpeningRecords, units: readonly CatalogueUnit[]): readonly LogEntry[] {
  const { steps, sealed: edges, tests } = done(own, trade(units))
  const at = (n: number) => n * 86_400_000
  return [
    ...steps.map((one, i) => stepEntry(one, at(i))),
    ...edges.edges.map((one, i) => entry('seal', one.id, 'fitted', at(100 + i))),
    ...tests.map((one, i) => testEntry(one, at(200 + i))),
  ]
}

/** Everything that is printed as letters. */
const stringsIn = (blocks: readonly Block[]): readonly string[] =>
  blocks.flatMap(block => {
    switch (block.kind) {
      case 'heading':
      case 'text':
        return [block.text]
      case 'facts':
        return block.rows.flat()
      case 'table':
        return [...block.head, ...block.rows.flat()]
      case 'checks':
        return block.items.map(one => one.text)
      default:
        return [block.caption]
    }
  })

describe.each(Object.entries(KIND_CASES))('%s, from the survey to the record', (_, one) => {
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
  it('is asked of a maker where nothing fits: its sizes, its hand, and nothing that is no word', () => {
    const { work: did } = first
    const request = sizeRequest({
      takes: did.door.takes,
      settles: did.door.specify.settles,
      specified: did.specify.value,
      site: did.order.value.request.site,
      wishes: openings[0].wishes,
      floor: did.order.value.request.floor,
    })
    if (!one.unit) return expect(request).toBeNull()
    expect(request!.kind).toBe(one.unit.kind)
    expect(request!.lengths.length).toBeGreaterThanOrEqual(2)
    const text = requestText('D1', 'Door', request!, '1/16')
    expect(text).not.toMatch(/undefined|null|NaN|\[object/)
    expect(text.split('\n').length).toBeGreaterThanOrEqual(5)
  })
  it('is ordered in two lines, whose sheet, message and letter say the same', () => {
    if (!one.unit) return expect(first.offers).toEqual([])
    const order = orderFor(units, openings)
    expect(order.lines.map(line => [line.opening.tag, line.unit.kind])).toEqual([
      ['D1', one.unit.kind],
      ['D2', one.unit.kind],
    ])
    const sheet = JSON.stringify(orderSheet(JOB, order, order.lines, TO_MAKER).blocks)
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
  it('is walked round as it is delivered: each thing once, in words, with its place on the front where it has one', () => {
    if (!one.unit) return
    const [line] = orderFor(units, openings).lines
    const walk = walkOf(line!)
    expect(new Set(walk.map(it => it.place)).size).toBe(walk.length)
    for (const { place } of walk) expect([deliveredName(place), lookedHow(place)].every(it => it.length > 3)).toBe(true)
    expect(walk[0]!.kind).toBe(line!.hinges || line!.swing ? (line!.hinges ? 'hinges' : 'swing') : 'length')
    const found = asOrdered(line!)
    const open = walk.filter(it => answerIn(found, it) === null)
    expect(
      open.every(it => it.kind === 'check' || !('ordered' in it) || it.ordered === null || it.place === 'keys'),
    ).toBe(true)
    const front = frontOf(line!)
    const drawn = front && receivingScene(front, line!.unit, readingsAsked(line!), found.readings)
    const places = drawn?.marks.filter(it => it.kind === 'reading').map(it => it.id) ?? []
    expect(places.length > 0).toBe(front !== null)
    for (const id of places) expect(walk.map(it => it.place as string)).toContain(id)
  })
  it('is set, sealed, tested and handed over; and shows no other kind’s steps', () => {
    const orders = one.unit ? [orderFor(units, openings)] : []
    const slots = first.sealed.edges.flatMap(edge => edge.slots)
    const gaps = slots.flatMap(slot => [
      reading(slot, slot.startsWith('gap.bottom') ? '1/4' : '1/8', { occasion: 'set' }),
      reading(slot, '0', { occasion: 'sealed' }),
    ])
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
    const paper = handoverRecord(JOB, own, handed.work, { numbers: NUMBERS, zone: 'UTC' })
    const text = JSON.stringify(paper.blocks.filter(block => block.kind !== 'drawing'))
    expect(text).toContain(one.unit ? 'H-0001' : 'the door stays')
    if (one.unit) expect(text).toContain(one.unit.article)
  })
  it.each([
    ['1/16', /\d ?mm\b/],
    ['1', /\d ?in\b(?! \d)|\d+\/\d+ in/],
  ] as const)(
    'says the lengths of its papers in the unit of its job, in %s, the other only beside it in brackets',
    (step, other) => {
      const job = { ...JOB, unit: step === '1' ? 'mm' : 'in', step } as const
      const order = one.unit ? orderFor(units, openings) : null
      const own = { ...openings[0], orders: order ? [order] : [] }
      const { work: did, sealed: edges } = done(own, trade(units))
      const papers = [
        measureSheet(job, own, did, { blank: false, photos: [] }),
        measureSheet(job, own, did, { blank: true, photos: [] }),
        fitCard(job, own, did),
        handoverRecord(job, own, did, { numbers: NUMBERS, zone: 'UTC' }),
        ...(order ? [orderSheet(job, order, order.lines, TO_MAKER), orderSheet(job, order, order.lines, OWN)] : []),
      ]
      expect(edges).toBeDefined()
      for (const { title, blocks } of papers)
        for (const said of stringsIn(blocks)) {
          // What was typed stands as it was typed, and a call size is a name in feet and inches.
          if (own.readings.some(it => it.text === said) || /^\d{4}, \d ft/.test(said)) continue
          const bare = said.replace(/\([^()]*\)/g, '')
          expect([title, said, other.exec(bare)?.[0]]).toEqual([title, said, undefined])
        }
    },
  )
  it('asks of a unit only what its kind has', () => {
    if (!one.unit) return
    const named = UNIT_DOORS[one.unit.kind].order.details({ bore: 'single', glass: 'safety', labelMinutes: 20 })
    expect(new Set(named).size).toBe(named.length)
  })
})
