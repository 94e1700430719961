import { findingWords } from '../../words/findings'
import { type CatalogueUnit, said } from '../catalogue/unit'
import { UNIT_DOORS } from '../doors/doors'
import { assumedOpening } from '../opening/model-opening'
import { RECEIPT } from '../records/records'
import { readRecord } from '../records/version'
import { leafUnit, lockUnit, sliderUnit, stormUnit } from '../test/family-units'
import { done, LENGTHS, length, receipt, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { type Length, ZERO } from '../units/length'
import { checksAsked, orderedReadings, partsAsked } from './asked-of-delivered'
import { arrivalOn, awaitedFor, deliveryOf, owedOn, receiptsFor } from './delivery'
import { type Found, hingeSideGap, judgeReceipt } from './judge-receipt'
import type { Order, OrderLine } from './order'
import { type Receipt, receiptSchema } from './receipt'
import type { UnitReading } from './receipt-values'
import { revisionChanges, standingOrders } from './revision'

const line: OrderLine = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const AS_ORDERED: { readonly [name in UnitReading]?: Length } = {
  'width.top': length('37 1/2'),
  'width.middle': length('37 1/2'),
  'width.bottom': length('37 1/2'),
  'height.left': length('81 3/4'),
  'height.right': length('81 3/4'),
  jamb: length('4 9/16'),
}
const found = (readings: Found['readings'] = {}, more: Partial<Found> = {}): Found => ({
  readings: { ...AS_ORDERED, ...readings },
  hinges: 'left',
  swing: 'in',
  checks: {},
  counts: {},
  damage: [],
  ...more,
})
const judged = (one: Found, of: OrderLine = line) => {
  const { findings, state } = judgeReceipt(of, one, LENGTHS)
  return [state, findings.map(({ code, place }) => `${code} ${place}`)] as const
}

it.each([
  ['width.top', '0', false],
  ['height.left', '-81 3/4', false],
  ['jamb', '1/64', true],
  ['mortise.leaf.top', '0', true],
  ['leaf.gap', '-1/16', false],
  ['bow.left', '-1/16', true],
  ['head.ends', '-1/16', true],
] as const)('a reading of %s as %s can be: %s', (name, text, can) =>
  expect(receiptSchema.shape.readings.safeParse({ [name]: length(text) }).success).toBe(can),
)

describe('a delivered unit', () => {
  it('as ordered is accepted', () => expect(judged(found())).toEqual(['accepted', ['receipt-as-ordered unit']]))
  it.each([
    ['width.middle', '37 9/16', 'accepted', 'receipt-as-ordered unit'],
    ['width.middle', '37 37/64', 'hold', 'receipt-size width.middle'],
    ['height.left', '81 11/16', 'accepted', 'receipt-as-ordered unit'],
    ['height.left', '81 43/64', 'hold', 'receipt-size height.left'],
    ['jamb', '6 9/16', 'hold', 'receipt-size jamb'],
    ['bow.left', '1/16', 'accepted', 'receipt-as-ordered unit'],
    ['bow.right', '-5/64', 'hold', 'receipt-bow bow.right'],
    ['head.ends', '5/64', 'hold', 'receipt-head-ends head.ends'],
  ] as const)('whose %s reads %s: %s', (name, text, state, first) =>
    expect(judged(found({ [name]: length(text) }))).toEqual([state, [first]]),
  )
  it.each([
    ['90 1/2', '90 5/8', 'accepted'],
    ['90 1/2', '90 41/64', 'hold'],
  ])('whose diagonals read %s and %s: %s', (one, other, state) =>
    expect(judged(found({ 'diagonal.one': length(one), 'diagonal.other': length(other) }))[0]).toBe(state),
  )
  it('of the wrong hand or swing is refused', () => {
    expect(judged(found({}, { hinges: 'right' }))).toEqual(['refused', ['receipt-hand hinges']])
    expect(judged(found({}, { swing: 'out' }))).toEqual(['refused', ['receipt-hand swing']])
  })
  it.each([
    ['weatherstrip', 'hold'],
    ['clip', 'hold'],
    ['fire-label', 'refused'],
    ['glass-label', 'refused'],
  ] as const)('with its %s wrong: %s', (check, state) =>
    expect(judged(found({}, { checks: { [check]: 'wrong' } }))[0]).toBe(state),
  )
  it('with a dent is held, and what was seen stays with its place', () => {
    const damage = [{ what: 'dent' as const, where: 'leaf, lower left' }]
    const { state, findings } = judgeReceipt(line, found({}, { damage }), LENGTHS)
    expect([state, findings[0]!.code, findings[0]!.facts]).toEqual(['hold', 'receipt-damage', damage[0]])
  })
  it('that was stored before damage had its own place is read with none', () => {
    const { damage: _, ...old } = receipt('01900000-0000-7000-8000-000000000001')
    expect(readRecord(RECEIPT, old, 1).damage).toEqual([])
  })
  it('that comes with too few parts is accepted, parts owed', () => {
    expect(judged(found({}, { counts: { 'long-screws': 2, plugs: 3 } }))).toEqual([
      'accepted-parts-owed',
      ['receipt-parts long-screws'],
    ])
    expect(judged(found({}, { counts: { 'long-screws': 3 } }))[0]).toBe('accepted')
  })
  it('that nobody has read is on hold, and says what is open', () => {
    const { findings, state } = judgeReceipt(line, { ...found(), readings: {}, hinges: null }, LENGTHS)
    expect(state).toBe('hold')
    expect(findings[0]!.facts.what).toBe('width.top width.middle width.bottom height.left height.right jamb hinges')
  })
  it('a leaf is read for its thickness instead of a jamb', () => {
    const leaf = { ...line, unit: leafUnit(), jambExtension: null }
    const { findings } = judgeReceipt(leaf, { ...found(), readings: {} }, LENGTHS)
    expect(findings[0]!.facts.what).toBe('width.top width.middle width.bottom height.left height.right thickness')
  })
})

describe('mortises tell before fitting', () => {
  it('plates 1/32 too deep on both parts turn a 1/8 gap into 1/16', () => {
    const [closed, plate, deep] = [length('1/8'), length('3/32'), length('1/8')]
    expect(hingeSideGap(closed, plate, deep, deep)).toBe(length('1/16'))
    const one = judgeReceipt(
      line,
      found({ plate, 'leaf.gap': closed, 'mortise.jamb.top': deep, 'mortise.leaf.top': deep }),
      LENGTHS,
    ).findings[0]!
    expect(one).toMatchObject({ code: 'receipt-hinge-gap', facts: { cards: 2, gap: { length: length('1/16') } } })
  })
  it('plates that stand proud widen it: no card helps', () => {
    const gap = judgeReceipt(
      line,
      found({
        plate: length('1/8'),
        'leaf.gap': length('1/8'),
        'mortise.jamb.middle': length('3/32'),
        'mortise.leaf.middle': length('1/8'),
      }),
      LENGTHS,
    ).findings[0]!
    expect(gap).toMatchObject({ code: 'receipt-hinge-gap', facts: { cards: 0, gap: { length: length('5/32') } } })
  })
  it.each([
    ['3/32', '1/8', false],
    ['3/32', '9/64', true],
  ])('depths of %s and %s are uneven: %s', (one, other, isUneven) => {
    const codes = judgeReceipt(
      line,
      found({ 'mortise.jamb.top': length(one), 'mortise.jamb.bottom': length(other) }),
      LENGTHS,
    ).findings.map(({ code }) => code)
    expect(codes.includes('receipt-mortises')).toBe(isUneven)
  })
})

const order = (id: string, lines: readonly OrderLine[], more: Partial<Order> = {}): Order => ({
  id,
  number: 'H-1',
  revision: 1,
  supersedes: null,
  maker: 'Test',
  releasedAt: '2026-01-01T00:00:00.000Z',
  releasedBy: 'Ida Marlow',
  withdrawn: null,
  lines: [...lines],
  ...more,
})
const other: OrderLine = {
  ...line,
  opening: { ...line.opening, id: '01900000-0000-7000-8000-0000000000b2', tag: 'A2' },
}

describe('a revision', () => {
  const before = order('a', [line, other])
  it('says which openings came, went and changed, and in what', () => {
    const third = { ...other, opening: { ...other.opening, id: '01900000-0000-7000-8000-0000000000b3', tag: 'A3' } }
    const after = order('b', [{ ...line, swing: 'out', cents: { ...line.cents, total: 1 } }, third])
    expect(revisionChanges(before, after)).toMatchObject([
      { kind: 'changed', tag: 'A1', differences: [{ path: 'swing' }] },
      { kind: 'added', tag: 'A3' },
      { kind: 'removed', tag: 'A2' },
    ])
  })
  it.each([
    [{ core: '9', risks: ['x'] }],
    [{ measuredAt: '2027-01-01T00:00:00.000Z', measuredBy: 'Bram Oake', way: 'pocket' as const }],
    [{ cents: { ...line.cents, total: 1 }, preparations: [], reason: 'another' }],
    [{ traces: [], wentOn: [] }],
  ])('of the same order changes nothing, whatever came of it since: %j', more =>
    expect(revisionChanges(before, order('b', [{ ...line, ...more }, other]))).toEqual([]),
  )
  it('takes the place of the one it supersedes', () => {
    const later = order('b', [line], { supersedes: 'a', revision: 2 })
    const apart = order('c', [other], { number: 'H-2' })
    expect(standingOrders([before, later, apart]).map(one => one.id)).toEqual(['b', 'c'])
  })
})

describe('where a unit is', () => {
  const { id } = line.opening
  const receipt = (orderId: string, number: number, state: Receipt['state']): Receipt => ({
    id: orderId,
    orderId,
    line: number,
    ...found(),
    state,
    note: '',
    by: 'Ida Marlow',
    at: '2026-01-03T00:00:00.000Z',
  })
  const ordered = [order('a', [other, line])]
  it.each([
    ['not ordered', [], [], 'not-ordered'],
    ['ordered', ordered, [], 'awaited'],
    ['another line received', ordered, [receipt('a', 1, 'accepted')], 'awaited'],
    ['on hold', ordered, [receipt('a', 2, 'hold')], 'held'],
    ['refused', ordered, [receipt('a', 2, 'refused')], 'held'],
    ['accepted', ordered, [receipt('a', 2, 'hold'), receipt('a', 2, 'accepted')], 'accepted'],
    ['parts owed', ordered, [receipt('a', 2, 'accepted-parts-owed')], 'accepted'],
    [
      'a later revision that leaves the line as it was',
      [...ordered, order('b', [line], { supersedes: 'a', revision: 2 })],
      [receipt('a', 2, 'accepted')],
      'accepted',
    ],
    [
      'a later revision that changes it',
      [...ordered, order('b', [{ ...line, swing: 'out' }], { supersedes: 'a', revision: 2 })],
      [receipt('a', 2, 'accepted')],
      'awaited',
    ],
  ])('%s', (_, orders, receipts, expected) => expect(deliveryOf(id, orders, receipts)).toBe(expected))
  it('is awaited by the days of its sheet, from when it was ordered, until it is looked at', () => {
    expect(awaitedFor(id, ordered, [])).toEqual({
      orderId: 'a',
      line: 2,
      releasedAt: ordered[0]!.releasedAt,
      days: line.unit.leadDays,
    })
    expect([awaitedFor(id, [], []), awaitedFor(id, ordered, [receipt('a', 2, 'hold')])]).toEqual([null, null])
    expect(arrivalOn({ releasedAt: '2026-02-27T23:59:00.000Z', days: 2 })).toBe('2026-03-01')
    expect(arrivalOn({ releasedAt: '2026-12-31T08:00:00.000Z', days: 0 })).toBe('2026-12-31')
  })
  it('a revision keeps what was received, under its own lines', () => {
    const later = order('b', [line, { ...other, swing: 'out' }], { supersedes: 'a', revision: 2 })
    const received = [receipt('a', 1, 'accepted'), receipt('a', 2, 'accepted'), receipt('b', 2, 'hold')]
    expect(receiptsFor(later, [...ordered, later], received).map(one => [one.orderId, one.line, one.state])).toEqual([
      ['b', 1, 'accepted'],
      ['b', 2, 'hold'],
    ])
  })
  it('says what is owed until a later receipt has it', () => {
    const spared = { ...line, spares: { ...line.spares, 'long-screws': 6, plugs: 4 } }
    const orders = [order('a', [spared])]
    const short: Receipt = {
      ...receipt('a', 1, 'accepted-parts-owed'),
      counts: { 'long-screws': 4, plugs: 4 },
      note: 'left casing dented',
    }
    expect(owedOn(id, orders, [short])).toEqual({
      parts: [{ part: 'long-screws', missing: 2 }],
      note: 'left casing dented',
      at: short.at,
      by: 'Ida Marlow',
    })
    expect(owedOn(id, orders, [short, receipt('a', 1, 'accepted')])).toBeNull()
    expect(owedOn(id, orders, [receipt('a', 1, 'hold')])).toBeNull()
    expect(owedOn(id, [], [])).toBeNull()
    const own = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
    const owed = (receipts: readonly Receipt[]) =>
      done({ ...own, orders, receipts }, trade()).work.fit.findings.find(one => one.code === 'parts-owed')
    expect(owed([short])?.facts).toEqual({ parts: 'long-screws:2', note: 'left casing dented', since: '2026-01-03' })
    expect(findingWords(owed([short])!, '1/16').title).toBe('Owed since 2026-01-03: 2 long screws, left casing dented')
    expect(owed([short, receipt('a', 1, 'accepted')])).toBeUndefined()
  })
  it('decides whether the old door may come out', () => {
    const run = (receipts: readonly Receipt[]) => {
      const own = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
      const { findings } = done({ ...own, orders: ordered, receipts }, trade())
      return findings.fit.map(one => one.code).filter(code => code.startsWith('unit-'))
    }
    expect([run([]), run([receipt('a', 2, 'refused')]), run([receipt('a', 2, 'accepted')])]).toEqual([
      ['unit-not-accepted'],
      ['unit-held'],
      [],
    ])
  })
})

it.each([
  ['hinged-outside', 3, { 'long-screws': 3, plugs: 3, 'hinge-cards': 6, 'corner-pads': 2 }],
  ['pair', 3, { 'long-screws': 6, plugs: 6, 'hinge-cards': 12, 'corner-pads': 4 }],
  ['interior', 2, { 'hinge-cards': 4 }],
  ['slider', 3, {}],
] as const)('spares of %s with %s hinges', (family, hinges, expected) =>
  expect(UNIT_DOORS[family].order.spares(hinges)).toEqual(expected),
)

describe('a delivered unit against the opening it is for', () => {
  const opening = { points: assumedOpening(length('38'), length('82 1/2'), LENGTHS).points, pad: ZERO }
  const measured = (width: string, height = '81 3/4') =>
    found({ 'width.top': length('37 1/2'), 'width.middle': length(width), 'height.left': length(height) })
  const codes = (one: Found) =>
    judgeReceipt(line, one, LENGTHS, opening)
      .findings.map(it => it.code)
      .filter(code => code.includes('go'))
  it.each([
    ['37 1/2', '81 3/4', ['receipt-goes-in']],
    ['37 3/4', '81 3/4', ['receipt-goes-in']],
    ['37 7/8', '81 3/4', ['receipt-does-not-go-in']],
    ['37 1/2', '82 1/2', ['receipt-does-not-go-in']],
  ])('of %s by %s: %j, by its largest readings', (width, height, expected) =>
    expect(codes(measured(width, height))).toEqual(expected),
  )
  it('is held where it does not go in, and not judged before the opening was read', () => {
    expect(judgeReceipt(line, measured('37 7/8'), LENGTHS, opening).state).toBe('hold')
    expect(judgeReceipt(line, measured('37 1/2'), LENGTHS, null).findings.map(one => one.code)).not.toContain(
      'receipt-goes-in',
    )
  })
})

describe('what a delivered unit is looked at by', () => {
  const of = (one: CatalogueUnit): OrderLine => ({ ...line, unit: one, spares: {} })
  it.each([
    ['a slider', sliderUnit(), ['sill', 'finish', 'glass-label', 'clip'], []],
    ['a storm door', stormUnit(), ['finish', 'glass-label'], []],
    ['a lock set', lockUnit(), ['finish'], ['keys']],
  ])('%s: only what it has', (_, one, checks, parts) => {
    const hasGlass = (said(one, 'glass') ?? 'none') !== 'none'
    expect(checksAsked(of(one))).toEqual(checks.filter(check => check !== 'glass-label' || hasGlass))
    expect(partsAsked(of(one))).toEqual(parts)
  })
  it('has what is ordered beside each reading that is held against it', () =>
    expect(orderedReadings(line).get('width.top')).toBe(line.unit.width))
  it('misses a key where none came with its lock', () => {
    const findings = judgeReceipt(of(lockUnit()), found({}, { counts: { keys: 0 } }), LENGTHS).findings
    expect(findings.map(one => one.code)).toContain('receipt-parts')
  })
})
