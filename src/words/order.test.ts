import type { Family } from '@/core/base/kinds'
import { SCHOOL_ANSWERS, SCHOOL_IDS } from '@/core/base/schools'
import { NEW_FIRM } from '@/core/catalogue/firm'
import { LACKS } from '@/core/catalogue/unit-values'
import { DESK_STATES, NOT_UNDERSTOOD } from '@/core/exchange/acknowledgement'
import { messageLineSchema } from '@/core/exchange/message'
import { judgeReceipt } from '@/core/order/judge-receipt'
import { CHECKS, PART_COUNTS, RECEIPT_STATES, UNIT_READINGS } from '@/core/order/receipt-values'
import { SPARES } from '@/core/order/spares'
import { DETAILS } from '@/core/specification/wish-values'
import type { OpeningRecords } from '@/core/terms'
import { frameUnit, leafUnit, lockUnit, sliderUnit, stormUnit } from '@/core/test/family-units'
import { done, LENGTHS, length, records, type Settled, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { OLD_LEAF } from '@/core/test/old-leaf'
import { mm } from '@/core/units/length'
import { findingWords } from './findings'
import { memberName } from './members'
import {
  CHECK_NAMES,
  handWords,
  isLengthMember,
  LACK_NAMES,
  NOT_UNDERSTOOD_WORDS,
  notIncluded,
  PART_NAMES,
  plainValue,
  RECEIPT_STATE_NAMES,
  SPARE_NAMES,
  UNIT_READING_NAMES,
} from './order'
import { receiptWords } from './receipt'
import { SCHOOL_LEVEL_NAMES, SCHOOL_WORDS } from './schools'
import { STANDING_WORDS } from './standing'
import { valueWords } from './value'

function opening(
  family: Family,
  texts: { readonly [slot: string]: string },
  facts: { readonly [slot: string]: string } = {},
  wished: Partial<Settled> = {},
): OpeningRecords {
  const base = records(texts, { bore: null, ...wished })
  const answers = Object.entries(facts).map(([slot, code], i) => ({
    id: `01900000-0000-7000-8000-${String(i).padStart(12, '0')}`,
    slot: slot as 'fact.label',
    kind: 'fact' as const,
    code,
    note: '',
    takenBy: 'Ida',
    takenAt: '2026-01-01T00:00:00.000Z',
  }))
  return { ...base, answers, opening: { ...base.opening, family } }
}
const TRIM = { 'brickmould/widths.top': '36', 'brickmould/heights.left': '80 1/2', 'mould.face': '1/2' }
const LEAF = {
  ...OLD_LEAF,
  'gap.head.centre': '1/16',
  'gap.bottom.centre': '1/16',
}
const made = (one: ReturnType<typeof unit>, more: object = {}) => ({
  ...one,
  stock: false,
  priceCents: 900_000,
  ...more,
})

const cases = [
  done(
    opening('storm', { ...TRIM, 'handle.height': '44', 'handle.proud': '3' }, {}, { settings: ['escape'] }),
    trade([
      stormUnit(),
      stormUnit({ widthMost: length('36') }),
      stormUnit({ widthMost: length('35 7/8') }),
      stormUnit({ widthLeast: length('36 1/8') }),
      stormUnit({ widthLeast: length('34'), widthMost: length('34 1/2') }),
      stormUnit({ heightMost: length('80') }),
      stormUnit({ heightLeast: length('80 3/4') }),
      stormUnit({ keyInside: true }),
    ]),
  ),
  done(opening('storm', { ...TRIM, 'brickmould/widths.bottom': '36 3/4' }), trade([stormUnit()])),
  done(
    opening('steel-leaf', LEAF, { 'fact.label': '90' }, { way: 'core' }),
    trade([
      leafUnit(),
      leafUnit({ hingeTops: ['7 5/16', '37 1/8', '66 15/16'].map(length) }),
      leafUnit({ hingeTops: ['7 1/4', '37 7/16', '66 7/8'].map(length) }),
      leafUnit({ hingeTops: ['7 1/4', '66 7/8'].map(length) }),
      leafUnit({ backset: length('2 3/8'), leafThickness: length('1 3/8') }, { labelMinutes: 0, width: length('30') }),
    ]),
  ),
  done(
    opening(
      'steel-frame',
      { ...TRUE_OPENING, 'wall.left': '5' },
      { 'fact.wall-state': 'finished', 'fact.label': '20' },
    ),
    trade([
      frameUnit(),
      frameUnit({ throat: length('5 1/2') }),
      frameUnit({ throat: length('4 3/4') }),
      frameUnit({ throat: length('6') }),
      frameUnit({ frameForm: 'welded' }),
    ]),
  ),
  done(
    opening(
      'interior',
      { 'leaf.thickness': '40 mm', backset: '57 mm' },
      { 'fact.lock-function': 'keyed', 'fact.lock-case': 'tubular-latch' },
      { settings: ['escape'] },
    ),
    trade([lockUnit(), lockUnit({ lockFunction: 'keyed' }), lockUnit({ lockBackset: mm(45), thicknessMost: mm(38) })]),
  ),
  done(
    opening('slider', TRUE_OPENING, { 'fact.moving-panel': 'right' }),
    trade([sliderUnit(), sliderUnit({ panels: 'both' })]),
  ),
  done(
    {
      ...opening(
        'hinged-outside',
        { ...TRUE_OPENING, 'step.outside': '2', 'wall.left': '5' },
        {},
        {
          chosen: { unit: unit().id, reason: '' },
          settings: ['glass-near', 'accessible', 'fire-label'],
          labelMinutes: 20,
          material: 'pvc',
          use: 'garage-to-house',
          schools: { 'flush-face': 'siding', 'sill-lumber': 'treated' },
        },
      ),
      orders: [],
    },
    { ...trade([made(unit(), { glass: 'plain', labelMinutes: 20, details: { sill: 'aluminium' } })]), firm: NEW_FIRM },
  ),
  done(opening('hinged-outside', {}), trade([unit()])),
]

describe('what units are judged by, in words', () => {
  const all = cases.flatMap(result => [
    ...Object.values(result.findings).flat(),
    ...result.offers.flatMap(offer => offer.reasons),
  ])
  it('without a gap where a figure should stand', () => {
    expect(new Set(all.map(one => one.code)).size).toBeGreaterThan(45)
    for (const one of all)
      for (const step of ['1/16', '0.5'] as const) {
        const { title, why, cures } = findingWords(one, step)
        for (const text of [title, why, ...cures])
          expect([one.code, text]).not.toEqual([
            one.code,
            expect.stringMatching(/undefined|NaN|\[object|\{| {2}|^\s*$/),
          ])
        expect([one.code, why]).toEqual([one.code, expect.stringMatching(/[.]$/)])
      }
  })
  it.each([
    ['storm-packed', 'Packed by 3/16 in behind the legs'],
    ['throat-strips', 'Throat 5 1/2 in with 3 strips'],
    ['leaf-differs', 'Other hinges'],
    ['panels-other', 'Made as OX'],
  ])('%s says “%s”', (code, title) =>
    expect(all.filter(one => one.code === code).map(one => findingWords(one, '1/16').title)).toContain(title),
  )
})

describe('every member of what goes to a supplier has a name', () => {
  it.each(Object.keys(messageLineSchema.shape))('%s', name => expect(memberName(name)).not.toContain('“'))
  it.each(DETAILS)('details.%s', name => expect(memberName(`details.${name}`)).not.toContain('“'))
  it('and one that nobody knows is shown by its path', () => expect(memberName('surcharge')).toBe('“surcharge”'))
  it('lengths are lengths, counts are not', () => {
    expect(valueWords('width', 3_048_000, '1/16')).toBe('37 1/2 in')
    expect(valueWords('frame.throat', 406_400, '1/16')).toBe('5 in')
    expect(valueWords('spares.plugs', 3, '1/16')).toBe('3')
    expect(valueWords('labelMinutes', 90, '1/16')).toBe('90')
    expect(valueWords('priceCents', 61_200, '1/16', { currency: 'USD', numbers: 'point' })).toBe('$612.00')
    expect(valueWords('priceCents', 61_200, '1/16')).toBe('612.00')
    expect(isLengthMember('width', 'wide')).toBe(false)
  })
  it.each([
    [undefined, 'not there'],
    [null, 'none'],
    [[], 'none'],
    [['lock', 'closer'], 'lock, closer'],
    [true, 'yes'],
    [{ a: 1 }, '{"a":1}'],
  ])('%j is written as %s', (value, text) => expect(plainValue('x', value)).toBe(text))
})

describe('the hand in words', () => {
  it.each([
    [{ hinges: 'left', swing: 'in' }, 'Hinges on the LEFT, seen from outside. Swings IN (into the building).'],
    [
      { hinges: null, swing: 'out', activeLeaf: 'right' },
      'The RIGHT leaf is ACTIVE, seen from outside. Swings OUT (towards the person outside).',
    ],
    [
      { hinges: null, swing: null, panels: 'XO' },
      'The RIGHT panel MOVES, seen from outside; the left one is fixed (XO, O moves).',
    ],
    [{ hinges: null, swing: null }, ''],
  ] as const)('%j', (line, text) => expect(handWords(line)).toBe(text))
})

it('every practice, answer and level is put in words', () => {
  for (const id of SCHOOL_IDS) {
    expect(Object.keys(SCHOOL_WORDS[id].answers)).toEqual([...SCHOOL_ANSWERS[id]])
    expect([SCHOOL_WORDS[id].question, SCHOOL_WORDS[id].why].every(text => text.length > 5)).toBe(true)
  }
  expect(Object.values(SCHOOL_LEVEL_NAMES)).toHaveLength(4)
})

it('everything that is asked of a delivered unit has a name', () => {
  for (const [all, names] of [
    [UNIT_READINGS, UNIT_READING_NAMES],
    [CHECKS, CHECK_NAMES],
    [PART_COUNTS, PART_NAMES],
    [RECEIPT_STATES, RECEIPT_STATE_NAMES],
    [SPARES, SPARE_NAMES],
    [LACKS, LACK_NAMES],
    [NOT_UNDERSTOOD, NOT_UNDERSTOOD_WORDS],
  ] as const)
    expect(Object.keys(names).sort()).toEqual([...all].sort())
  expect(DESK_STATES.filter(one => one !== 'accepted').every(one => one in STANDING_WORDS)).toBe(true)
})

it('what is found on a delivered unit is put in words without a gap', () => {
  const line = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
  const bad = judgeReceipt(
    line,
    {
      readings: {
        'width.top': length('38'),
        'diagonal.one': length('90'),
        'diagonal.other': length('91'),
        'bow.left': length('1/4'),
        'head.ends': length('1/4'),
        'mortise.jamb.top': length('1/8'),
        'mortise.jamb.bottom': length('1/4'),
        'mortise.leaf.top': length('1/8'),
        plate: length('3/32'),
        'leaf.gap': length('1/8'),
      },
      hinges: 'right',
      swing: null,
      checks: { sill: 'wrong' },
      counts: { plugs: 1 },
      damage: [],
    },
    LENGTHS,
  )
  expect(new Set(bad.findings.map(one => one.code)).size).toBe(10)
  for (const one of bad.findings) {
    const { title, why } = receiptWords(one, '1/16')
    expect(`${title} ${why}`).not.toMatch(/undefined|NaN|\[object| {2}/)
    expect(why).toMatch(/\.$/)
  }
  expect(bad.findings.map(one => receiptWords(one, '1/16').title)).toContain('Hinge side will gap 1/16 in, top hinge')
})

it('what is not in the box is said', () =>
  expect(notIncluded(['lock', 'casing'])).toBe(
    'Not included: lock and handle, casing, spare trim, packs, sealant, foam.',
  ))
