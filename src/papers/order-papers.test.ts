import { handPlan, pairPlan, sliderPlan } from '@/core/drawing/hand-plan'
import type { Mark } from '@/core/drawing/scene'
import type { OrderLine } from '@/core/order/order'
import { revisionChanges } from '@/core/order/revision'
import { frameUnit, leafUnit, lockUnit, sliderUnit } from '@/core/test/family-units'
import { done, LENGTHS, length, records, shownJob, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { orderOf } from '@/core/test/orders'
import { inches } from '@/core/units/length'
import { writeOrderCsv } from '@/writers/write-csv'
import { claimNote } from './claim-note'
import { countRows, type OrderSheetExtras, orderSheet } from './order-sheet'
import { TO_MAKER } from './test/audience'

const line: OrderLine = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const as = (more: Partial<OrderLine>, tag = 'A1'): OrderLine => ({
  ...line,
  ...more,
  opening: { ...line.opening, tag },
})
const textOf = (lines: readonly OrderLine[], extras: Partial<OrderSheetExtras> = {}) =>
  JSON.stringify(
    orderSheet(shownJob(), orderOf(lines), lines, { ...TO_MAKER, ...extras }).blocks.filter(
      block => block.kind !== 'drawing',
    ),
  )

describe('an order sheet of every kind of door', () => {
  it.each([
    ['a pair', as({ hinges: null, activeLeaf: 'right', codes: null }), ['The RIGHT leaf is ACTIVE']],
    [
      'a slider',
      as({ unit: sliderUnit(), hinges: null, swing: null, codes: null, panels: 'XO' }),
      ['The RIGHT panel MOVES'],
    ],
    [
      'a leaf',
      as({ unit: leafUnit() }),
      [
        '7 1/4 in',
        '37 1/16 in',
        '"Backset","2 3/4 in',
        '"40 5/16 in',
        '"Hinges, from the top down"',
        '"Fire label, minutes","90"',
      ],
    ],
    [
      'a frame',
      as({ unit: frameUnit() }),
      ['"Frame form","knock-down"', '"Throat that takes the wall","5 in', '"Jamb","6 in'],
    ],
    [
      'a lock',
      as({ unit: lockUnit(), hinges: null, swing: null, derived: null, roughOpening: null }),
      ['"Lock kind","mortise case"', '"Lock function","privacy"', 'Faceplate'],
    ],
    [
      'a storm door',
      as({
        cut: {
          pack: length('1/2'),
          rail: length('80 1/4'),
          headGap: length('3/16'),
          bottomGap: length('1/8'),
          closer: 'under-glass',
          closerPin: length('3/4'),
        },
      }),
      ['hinge rail 80 1/4 in', 'pack 1/2 in', 'a hand under the glass', 'Trim opening'],
    ],
  ])('%s', (_, one, parts) => {
    const text = textOf([one])
    for (const part of parts) expect(text).toContain(part)
  })
  it('counts same units together, each opening by its tag', () => {
    const lines = [as({}, 'A1'), as({ swing: 'out' }, 'A2'), as({}, 'A3')]
    expect(countRows(lines)).toEqual([
      ['2 × T-1', 'Entry: A1, A3'],
      ['1 × T-1', 'Entry: A2'],
    ])
  })
  it('of a revision begins with what it changes', () => {
    const changes = revisionChanges(orderOf([line]), orderOf([as({ jambExtension: length('1') })]))
    const text = textOf([line], { changes })
    expect(text).toContain('What this revision changes')
    expect(text.indexOf('Jamb extension')).toBeLessThan(text.indexOf('Line 1'))
    expect(text).toContain('"none","1 in"')
  })
})

describe('the plan that tells the hand', () => {
  const ids = (marks: readonly Mark[]) => marks.map(mark => mark.id)
  const boxOf = (marks: readonly Mark[], id: string) => {
    const mark = marks.find(one => one.id === id)
    if (mark?.kind !== 'path') throw new Error(`no path ${id}`)
    const [xs, ys] = [mark.points.map(p => p.x), mark.points.map(p => p.y)]
    return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) }
  }
  const wordAt = (marks: readonly Mark[], word: string) => {
    const mark = marks.find(one => one.kind === 'label' && one.word === word)
    if (mark?.kind !== 'label') throw new Error(`no word ${word}`)
    return mark.at
  }
  it.each([
    ['left', 'in'],
    ['right', 'out'],
  ] as const)('of a pair: both leaves %s active, swing %s', (active, swing) => {
    const { marks } = pairPlan(inches(60), active, swing)
    const [left, right] = [boxOf(marks, 'leaf.left'), boxOf(marks, 'leaf.right')]
    for (const leaf of [left, right]) expect(swing === 'in' ? leaf.bottom > 0 : leaf.top <= 0).toBe(true)
    expect(left.right).toBeLessThan(inches(30))
    expect(right.left).toBeGreaterThan(inches(30))
    expect(wordAt(marks, 'active').x < inches(30)).toBe(active === 'left')
  })
  it.each([
    ['OX', true],
    ['XO', false],
  ] as const)('of a slider %s: the moving panel is on its own side, inside', (panels, movesLeft) => {
    const { marks } = sliderPlan(inches(72), panels)
    expect(wordAt(marks, 'moves').x < inches(36)).toBe(movesLeft)
    expect(wordAt(marks, 'fixed').x > inches(36)).toBe(movesLeft)
    const [moving, fixed] = movesLeft ? ['panel.1', 'panel.2'] : ['panel.2', 'panel.1']
    expect(boxOf(marks, moving!).bottom).toBeGreaterThan(boxOf(marks, fixed!).bottom)
  })
  it('is the one of its kind; a lock has none', () => {
    expect(ids(handPlan(as({ panels: 'OX' }))!.marks)).toEqual(expect.arrayContaining(['panel.1', 'panel.2']))
    expect(ids(handPlan(as({ hinges: null, activeLeaf: 'left' }))!.marks)).toEqual(
      expect.arrayContaining(['leaf.left', 'leaf.right', 'active']),
    )
    expect(ids(handPlan(line)!.marks)).toContain('leaf')
    expect(handPlan(as({ unit: lockUnit(), hinges: null, swing: null }))).toBeNull()
  })
})

it('the claim note says what was ordered, what came and what is asked for', () => {
  const receipt = {
    id: orderOf([]).id,
    orderId: orderOf([]).id,
    line: 1,
    readings: { 'width.top': length('38') },
    hinges: 'left',
    swing: 'in',
    checks: { finish: 'wrong' },
    damage: [{ what: 'dent' as const, where: 'leaf, lower left' }] as { what: 'dent'; where: string }[],
    counts: {},
    state: 'refused',
    note: 'scratched',
    by: 'Ida Marlow',
    at: '2026-01-09T08:00:00.000Z',
  } as const
  const text = JSON.stringify(claimNote(shownJob(), orderOf([line]), line, receipt, { lengths: LENGTHS }).blocks)
  for (const part of [
    '38 in instead of 37 1/2 in',
    'scratched',
    'H-0007, revision 1, line 1',
    'refused',
    'Finish whole',
    'Hinges on the LEFT',
  ])
    expect(text).toContain(part)
  expect(text).not.toContain('picture')
  const photo = {
    id: orderOf([]).id,
    slot: 'delivery',
    width: 400,
    height: 300,
    note: '',
    takenBy: 'Bram',
    takenAt: '2026-01-09T08:10:00.000Z',
  } as const
  const { blocks } = claimNote(shownJob(), orderOf([line]), line, receipt, {
    lengths: LENGTHS,
    photos: [{ photo, jpeg: new Uint8Array(3) }],
  })
  expect(blocks.at(-1)).toMatchObject({ kind: 'picture', ratio: 0.75, caption: 'The delivered unit, Bram, 2026-01-09' })
})

it('the lines as CSV say the hand in words and facts, and no text becomes a formula', () => {
  const csv = writeOrderCsv(orderOf([as({}, '=A1')]), '1/16')
  const [head, row] = csv.split('\n')
  expect(head).toMatch(/^order,revision,line,tag/)
  expect(row).toContain("'=A1")
  expect(row).toContain('"Hinges on the LEFT, seen from outside. Swings IN (into the building)."')
  expect(row).toContain('952.5')
})
