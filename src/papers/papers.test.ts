import { done, reading, records, shownJob, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { orderOf } from '@/core/test/orders'
import { inches } from '@/core/units/length'
import { NUMBERS } from '@/trade/rates'
import { bothUnits } from '@/words/both-units'
import { handWords } from '@/words/order'
import { writePdf } from '@/writers/write-pdf'
import { handoverRecord } from './handover-record'
import { orderSheet } from './order-sheet'
import type { Block, Paper } from './paper'
import { OWN, TO_MAKER } from './test/audience'

const JOB = shownJob()
const own = records(
  { ...TRUE_OPENING, 'gap.head.left': '1/8', 'wall.left': '6' },
  { chosen: { unit: unit().id, reason: 'the customer likes it' }, swing: 'out' },
)
const result = done(own, trade())
const textOf = (blocks: readonly Block[]): string => JSON.stringify(blocks.filter(block => block.kind !== 'drawing'))

describe('the order sheet', () => {
  const draft = orderSheet(
    JOB,
    { number: null, revision: 1, maker: 'Test', releasedAt: null, releasedBy: '' },
    [result.line!],
    OWN,
  )
  const released = orderSheet(
    JOB,
    { number: 'H-0007', revision: 1, maker: 'Test', releasedAt: '2026-01-05T08:00:00.000Z', releasedBy: 'Ida Marlow' },
    [result.line!],
    TO_MAKER,
  )
  it('says the hand in words before any code', () => {
    const text = textOf(draft.blocks)
    expect(text.indexOf('Hinges on the LEFT')).toBeGreaterThan(0)
    expect(text.indexOf('Hinges on the LEFT')).toBeLessThan(text.indexOf('back to the hinges RH'))
    expect(text).toContain('conventions disagree')
  })
  it('draws which way the door goes, and how it looks from outside', () =>
    expect(draft.blocks.flatMap(block => (block.kind === 'drawing' ? [block.caption] : []))).toEqual([
      'Plan, outside below',
      'From outside, as ordered',
    ]))
  it('answers what a clerk would ask back', () => {
    const text = textOf(draft.blocks)
    for (const part of [
      '37 1/2 in (952.5 mm)',
      'Jamb extension',
      'Sill depth',
      'Lock bore',
      'double',
      'Lead time',
      '7 days',
      'the customer likes it',
      'stud to stud',
      'Not included',
    ])
      expect(text).toContain(part)
  })
  it('warns that it is not released, until it is', () => {
    expect([draft.title, released.title]).toEqual(['Order sheet, not released', 'Order H-0007'])
    expect(textOf(draft.blocks)).toContain('do not order from this sheet')
    expect(textOf(released.blocks)).toContain('2026-01-05 by Ida Marlow')
  })
  it('shows how a size came about, on the firm’s own sheet', () => {
    expect(textOf(draft.blocks)).toContain('the smallest width governs')
    expect(textOf(released.blocks)).not.toContain('the smallest width governs')
  })
  it('tells its maker nothing of what it costs here, nor why it was chosen', () => {
    expect(textOf(draft.blocks)).toContain('$825.50')
    expect(textOf(released.blocks)).not.toContain('$')
    expect(textOf(released.blocks)).not.toContain('the customer likes it')
  })
  it('says who orders, where it goes, the call size, and what was assumed', () => {
    for (const part of [
      'Larkspur, Sandmartin Quay 1',
      'Deliver to',
      '3068, 3 ft 0 in by 6 ft 8 in',
      'Assumed, not measured',
    ])
      expect(textOf(released.blocks)).toContain(part)
  })
  it.each([
    ['left', 'in', 'LEFT', 'IN'],
    ['right', 'out', 'RIGHT', 'OUT'],
  ] as const)('hinges %s, swings %s', (hinges, swing, side, way) => {
    expect(handWords({ hinges, swing })).toContain(`Hinges on the ${side}, seen from outside. Swings ${way}`)
  })
  it('gives both units, the job’s own first', () =>
    expect([bothUnits(inches(1), '1/16'), bothUnits(inches(1), '0.1')]).toEqual(['1 in (25.4 mm)', '25.4 mm (1 in)']))
})

const order = orderOf([result.line!])
/** A line of another opening stands last on the same order. */
const other = {
  ...result.line!,
  opening: { ...result.line!.opening, id: '01900000-0000-7000-8000-0000000000b2' },
  unit: unit({ article: 'OTHER', name: 'Not this one' }),
}
const ordered = {
  ...own,
  readings: [...own.readings, reading('gap.head.centre', '1/8', { occasion: 'set' })],
  orders: [{ ...order, lines: [result.line!, other] }],
}

describe('the hand-over record', () => {
  it('holds what was fitted, tested, sealed and read', () => {
    const text = textOf(handoverRecord(JOB, ordered, done(ordered).work, { numbers: NUMBERS, zone: 'UTC' }).blocks)
    for (const part of [
      'Test T-1',
      'H-0007',
      'Frame plumb and level',
      'Push-in foam strip in the kerf (stays)',
      'How it was set',
      'Top hinge',
      'Wall, left',
      'Upkeep',
      'never paint a seal'.slice(6),
    ])
      expect(text).toContain(part)
    expect(text).not.toContain('OTHER')
  })
  it('says what the supplier still owes, until it is there', () => {
    const order = ordered.orders[0]!
    const receipt = (state: 'accepted' | 'accepted-parts-owed') => ({
      id: order.id,
      orderId: order.id,
      line: order.lines.findIndex(line => line.opening.id === ordered.opening.id) + 1,
      readings: {},
      hinges: null,
      swing: null,
      checks: {},
      counts: {},
      damage: [],
      state,
      note: 'second key',
      by: 'Bram Oake',
      at: '2026-01-08T08:00:00.000Z',
    })
    const text = (...states: readonly Parameters<typeof receipt>[0][]) => {
      const received = { ...ordered, receipts: states.map(receipt) }
      return textOf(handoverRecord(JOB, received, done(received).work, { numbers: NUMBERS, zone: 'UTC' }).blocks)
    }
    expect(text('accepted-parts-owed')).toContain('"Still owed","second key; since 2026-01-08, Bram Oake"')
    expect(text('accepted-parts-owed', 'accepted')).not.toContain('Still owed')
  })
  it('of an opening nobody measured says so', () => {
    const bare = records({}, { hinges: null })
    expect(
      textOf(handoverRecord(JOB, bare, done(bare, trade()).work, { numbers: NUMBERS, zone: 'UTC' }).blocks),
    ).toContain('none released')
  })
})

it('a paper becomes a PDF of as many pages as it needs', async () => {
  const long = {
    ...handoverRecord(JOB, own, result.work, { numbers: NUMBERS, zone: 'UTC' }),
    blocks: Array.from(
      { length: 8 },
      () => handoverRecord(JOB, own, result.work, { numbers: NUMBERS, zone: 'UTC' }).blocks,
    ).flat(),
  }
  const pages = async (paper: Paper) => {
    const bytes = (await writePdf(paper, new Date(0))).toString('latin1')
    expect(bytes.startsWith('%PDF-')).toBe(true)
    return bytes.match(/\/Type \/Page\b/g)!.length
  }
  const [one, many] = [
    await pages(handoverRecord(JOB, own, result.work, { numbers: NUMBERS, zone: 'UTC' })),
    await pages(long),
  ]
  expect(one).toBeGreaterThanOrEqual(1)
  expect(many).toBeGreaterThan(one * 4)
}, 30_000)
