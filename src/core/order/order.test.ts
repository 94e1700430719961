import { TESTS } from '../../trade/tests'
import { DOORS } from '../doors/doors'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import { progressOf } from '../progress'
import type { OpeningRecords } from '../terms'
import {
  done,
  entry,
  fact,
  NOW,
  reading,
  readings,
  records,
  stepEntry,
  TRUE_OPENING,
  testEntry,
  trade,
  unit,
} from '../test/fixtures'
import { goingOn } from '../test/orders'
import { testsOf } from '../test/tests-request'
import { work } from '../work'
import { mayRelease } from './check-order'
import { orderLineSchema } from './order'
import { isSameLine } from './same-line'

const CHOSEN = { chosen: { unit: unit().id, reason: 'cheapest' } }
const run = (texts: { readonly [slot: string]: string } = TRUE_OPENING, wished = {}) =>
  done(records(texts, { ...CHOSEN, ...wished }), trade())
const codes = (result: ReturnType<typeof run>) => result.findings.order.map(one => one.code)

describe('an order line', () => {
  it('of a complete opening can be released, and is what its schema says', () => {
    const { line } = run()
    expect(orderLineSchema.parse(line)).toEqual(line)
    expect(line).toMatchObject({
      hinges: 'left',
      swing: 'in',
      derived: { width: unit().width },
      reason: 'cheapest',
      core: '5',
      risks: [],
    })
  })
  it.each([
    ['hinges', { hinges: null }],
    ['swing', { swing: null }],
    ['bore', { bore: null }],
    ['unit', { chosen: null }],
  ])('without %s is blocked, and says so', (what, wished) => {
    const result = run(TRUE_OPENING, wished)
    expect(result.line).toBeNull()
    expect(result.findings.order).toContainEqual(
      expect.objectContaining({ code: 'order-missing', severity: 'stop', facts: { what } }),
    )
  })
  it('without a wall reading is blocked', () => {
    const { 'wall.left': _l, 'wall.head': _h, 'wall.right': _r, ...rest } = TRUE_OPENING
    expect(run(rest).line).toBeNull()
  })
  it('from a suspect reading is blocked', () => {
    const result = run({ ...TRUE_OPENING, 'trim-off/widths.top': '39' })
    expect(codes(result)).toContain('order-reading-suspect')
    expect(result.line).toBeNull()
  })
  it('for a unit that does not go in is blocked', () => {
    const result = done(
      records(TRUE_OPENING, CHOSEN),
      trade([unit({ width: (unit().width + 81_280) as ReturnType<typeof unit>['width'] })]),
    )
    expect(codes(result)).toContain('order-does-not-fit')
    expect(result.line).toBeNull()
  })
  it('of an out-swing warns of its hand and can still go', () => {
    const result = run(TRUE_OPENING, { swing: 'out' })
    expect(codes(result)).toContain('order-hand')
    expect(mayRelease([])).toBe(true)
    expect(result.line!.risks).toContain('order-hand')
  })
  it('names all unchecked readings in one line', () => {
    const { 'trim-off/bow.left': _l, 'trim-off/bow.right': _r, ...rest } = TRUE_OPENING
    const unchecked = run(rest).findings.order.filter(one => one.code === 'order-unchecked')
    expect(unchecked).toHaveLength(1)
    expect(unchecked[0]!.facts.slot).toContain('trim-off/widths.middle')
  })
})

describe('a line that was released', () => {
  const line = run().line!
  it('is the same whatever order its members stand in', () => {
    const turned = Object.fromEntries(Object.entries(line).reverse()) as typeof line
    expect(isSameLine(line, turned)).toBe(true)
  })
  it('differs when anything in it does', () => {
    expect(isSameLine(line, { ...line, swing: 'out' })).toBe(false)
    expect(isSameLine(line, { ...line, unit: { ...line.unit, leadDays: 8 } })).toBe(false)
  })
})

describe('parallel lean', () => {
  it('is corrected first, though the smallest width passes', () => {
    const leaning = {
      ...TRUE_OPENING,
      'trim-off/lean.left': '7/16',
      'trim-off/lean.right': '7/16',
      'trim-off/diagonals.risingRight': '91 3/64',
      'trim-off/diagonals.risingLeft': '90 5/8',
    }
    const { findings, specification } = run(leaning)
    expect(specification.unit!.width.value).toBe(unit().width)
    expect(findings.diagnose).toContainEqual(expect.objectContaining({ code: 'plumb-smaller', severity: 'correct' }))
  })
})

const tested = (log: readonly LogEntry[], swing: 'in' | 'out' = 'in') =>
  testsOf({ of: DOORS['hinged-outside'].tests, swing, log })

describe('the log', () => {
  it('lets the latest entry stand, in whatever order they came', () => {
    const log = [
      entry('step', 'foam', 'reopened', 3),
      entry('step', 'foam', 'done', 2),
      entry('test', 'bill', 'failed', 1),
    ]
    expect(standingEntries('step', log).get('foam')!.result).toBe('reopened')
  })
  it('makes a failed test a finding until it passes', () => {
    const failed = entry('test', 'bill', 'failed', 1)
    expect(tested([failed]).findings).toHaveLength(1)
    expect(tested([failed, entry('test', 'bill', 'passed', 2)]).findings).toEqual([])
  })
  it('asks only for the tests of this swing', () => {
    const ids = (swing: 'in' | 'out') => tested([], swing).value.tests.map(one => one.id)
    expect([ids('in').includes('sweep'), ids('in').includes('hinge-pins')]).toEqual([true, false])
    expect([ids('out').includes('sweep'), ids('out').includes('hinge-pins')]).toEqual([false, true])
  })
})

describe('how far the work is', () => {
  const stage = (
    change: Partial<ReturnType<typeof records>>,
    texts: { readonly [slot: string]: string } = TRUE_OPENING,
    wished = {},
  ) => {
    const own = { ...records(texts, { ...CHOSEN, ...wished }), ...change }
    return progressOf(work(own, trade(), NOW), own)
  }
  const order = {
    id: unit().id,
    number: 'H-1',
    revision: 1,
    supersedes: null,
    maker: 'Test',
    releasedAt: '2026-01-01T00:00:00.000Z',
    releasedBy: 'Ida Marlow',
    withdrawn: null,
    lines: [run().line!],
  }
  const steps = run().steps.map(stepEntry)
  it.each([
    ['measure', stage({}, {}).stage],
    ['specify', stage({}, TRUE_OPENING, { hinges: null }).stage],
    ['order', stage({}).stage],
    ['fit', stage({ orders: [order] }).stage],
    ['seal', stage({ orders: [order], log: steps }).stage],
  ])('%s comes next', (expected, found) => expect(found).toBe(expected))
  it('a suspect reading sends back to measuring', () =>
    expect(stage({}, { ...TRUE_OPENING, 'trim-off/widths.top': '39' })).toMatchObject({
      stage: 'measure',
      worst: 'correct',
    }))
  it('is finished when everything is sealed and tested', () => {
    const gaps = Object.fromEntries(['head.left', 'left.top', 'right.top'].map(place => [`gap.${place}`, '1/8']))
    const tests = TESTS.map((one, i) => testEntry(one, 100 + i))
    const seals = ['head', 'left', 'right', 'bottom'].map((edge, i) => entry('seal', edge, 'fitted', 200 + i))
    const set = Object.entries({ ...gaps, 'gap.bottom.left': '1/4' }).map(([slot, text]) =>
      reading(slot, text, { occasion: 'set' }),
    )
    const own = records(TRUE_OPENING, CHOSEN)
    const finished = {
      ...own,
      readings: [...own.readings, ...set],
      orders: [order],
      log: [...steps, ...tests, ...seals],
    }
    expect(progressOf(work(finished, trade(), NOW), finished)).toMatchObject({ finished: true, worst: 'fine' })
  })
})

it('the same readings in another order give the same result', () => {
  const own = records(TRUE_OPENING, CHOSEN)
  const all = readings({ ...TRUE_OPENING, 'gap.head.left': '1/8' })
  expect(JSON.stringify(done({ ...own, readings: [...all].reverse() }, trade()).shims)).toBe(
    JSON.stringify(done({ ...own, readings: all }, trade()).shims),
  )
})

describe('near the sea', () => {
  const against = (finish: string, settings: readonly 'near-sea'[] = ['near-sea']) => {
    const sheet = unit({ details: { ...unit().details, 'hinge-finish': finish } })
    const own = records(TRUE_OPENING, { settings: [...settings], chosen: { unit: sheet.id, reason: 'it fits' } })
    return done(own, trade([sheet])).findings.order.map(one => one.facts.of)
  }
  it.each([
    ['zinc', true],
    ['black', true],
    ['stainless', false],
    ['brass, satin', false],
  ])('hinges of %s hold the order back: %s', (finish, holds) =>
    expect(against(finish).includes('finish-near-sea')).toBe(holds),
  )
  it('and inland they do not', () => expect(against('zinc', [])).not.toContain('finish-near-sea'))
})

describe('the class of hinge', () => {
  it('follows what the leaf’s material weighs where that is known', () => {
    const of = (densityKgM3: number | null) => {
      const sheet = unit({ details: { ...unit().details, 'hinge-size': '4 in ball bearing' } })
      const own = records(TRUE_OPENING, { densityKgM3, chosen: { unit: sheet.id, reason: 'it fits' } })
      return done(own, trade([sheet])).line?.hingeClass
    }
    expect([of(null), of(150), of(900)]).toEqual([null, 'plain-76', 'ball-100'])
  })
  const weighing = (construction: 'fire-60' | 'hollow-core', size: string) => {
    const sheet = unit({ details: { ...unit().details, 'hinge-size': size } })
    return done(records(TRUE_OPENING, { construction, chosen: { unit: sheet.id, reason: 'it fits' } }), trade([sheet]))
  }
  it.each([
    ['hollow-core', 'plain-76'],
    ['fire-60', 'ball-100'],
  ] as const)('of a leaf of %s is ordered: at least %s', (construction, least) =>
    expect(weighing(construction, '4 in ball bearing').line?.hingeClass).toBe(least),
  )
  it('holds the order back where plain hinges are under a leaf that wants ball bearings', () => {
    const against = (result: ReturnType<typeof weighing>) => result.findings.order.map(one => one.facts.of)
    expect(against(weighing('fire-60', '4 in plain'))).toContain('hinges-plain')
    expect(against(weighing('fire-60', '4 in ball bearing'))).not.toContain('hinges-plain')
    expect(against(weighing('hollow-core', '4 in plain'))).not.toContain('hinges-plain')
  })
})

describe('what is to be corrected first', () => {
  const twisted = { ...TRUE_OPENING, 'through.left': '1/2', 'through.right': '-1/2' }
  const own = {
    ...records(twisted, { chosen: { unit: unit().id, reason: '' } }),
    answers: [fact('fact.condition', 'rotten')],
  }
  const codesIn = (one: OpeningRecords) => done(one, trade()).findings.order.map(it => it.code)
  it('keeps an order back until somebody says why it goes out all the same', () => {
    expect(codesIn(own)).toContain('order-correct-first')
    expect(done(own, trade()).line).toBeNull()
    const gone = goingOn(own, trade())
    expect(codesIn(gone)).toContain('order-went-on')
    expect(done(gone, trade()).line!.wentOn.length).toBeGreaterThan(0)
    expect(done(gone, trade()).line!.wentOn[0]).toMatchObject({ reason: 'the customer knows' })
  })
  it('a reason for one thing lets no other pass', () => {
    const { order } = goingOn(own, trade())
    const [first] = Object.entries(order.waived)
    const onlyOne = { ...own, order: { ...own.order, waived: Object.fromEntries([first!]) } }
    expect(Object.keys(order.waived).length).toBeGreaterThan(1)
    expect(done(onlyOne, trade()).line).toBeNull()
  })
  it('a stop can’t be gone on against', () => {
    const rotten = goingOn({ ...own, wishes: { ...own.wishes, subfloor: 'rotten' } }, trade())
    expect(done(rotten, trade()).line).toBeNull()
  })
  it('names in one line what was never read', () => {
    const { 'trim-off/widths.middle': _m, 'trim-off/widths.top': _t, ...less } = TRUE_OPENING
    const found = done(records(less, { chosen: { unit: unit().id, reason: '' } }), trade()).findings.order
    expect(found.filter(one => one.facts.of === 'order-unread').map(one => one.facts.slot)).toEqual([
      'trim-off/widths.middle trim-off/widths.top',
    ])
  })
  it('is printed with its reason on the maker’s sheet', () => {
    const { line } = done(goingOn(own, trade()), trade())
    expect(JSON.stringify(line!.wentOn)).toContain('the customer knows')
  })
})
