import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { cure } from '@/core/base/cures'
import { FACT_NAMES } from '@/core/base/facts'
import { figureOf, isFigureRef } from '@/core/base/figure'
import { PLAIN_RULES } from '@/core/base/finding'
import { leavesOf } from '@/core/base/trace'
import { PREPARATIONS } from '@/core/catalogue/preparation'
import { SLOTS } from '@/core/survey/slots'
import { WAYS } from '@/core/survey/ways'
import { done, LENGTHS, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { inches, mm } from '@/core/units/length'
import { derivationRows } from '@/papers/derivation'
import { NUMBERS } from '@/trade/rates'
import { SEALS } from '@/trade/seals'
import { STEPS } from '@/trade/steps'
import { TESTS } from '@/trade/tests'
import { cureWords } from './cures'
import { figuresIn, withFigures } from './figures'
import { placeName } from './finding-facts'
import { findingWords } from './findings'
import { decimal, money } from './money'
import { PREPARATION_NAMES } from './names'
import { ruleReason } from './rules'
import { SEAL_STEPS } from './seals'
import { CAUTION_WORDS, stepName, stepWords } from './steps'
import { TEST_NAMES } from './tests'
import { leafName, RULE_IDS } from './traces'
import { slotHow, slotName, slotWhy } from './walk'

const sourcesIn = (folder: string): readonly string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map(name => readFileSync(join(folder, name), 'utf8'))

const BAD = {
  ...TRUE_OPENING,
  'trim-off/widths.top': '39 1/4',
  'trim-off/lean.left': '1/2',
  'trim-off/bow.left': '1/2',
  'trim-off/crown.sill': '3/8',
  'trim-off/fall.sill': '1/2',
  'through.left': '1/2',
  'through.right': '0',
  'wall.left': '9',
  'wall.right': '9 1/2',
  'floor.highest': '1',
  'step.outside': '9',
  'pocket/widths.middle': '30',
  'pocket/heights.left': '70',
  'gap.head.left': '2',
  'gap.left.top': '1/8',
}
const cases = [
  done(
    records(BAD, { swing: 'out', bore: null, subfloor: 'rotten', use: 'garage-to-house' }),
    trade([
      unit(),
      unit({
        id: '01900000-0000-7000-8000-0000000000ab',
        article: 'T-2',
        width: unit().width,
        material: 'steel',
        hinges: 'right',
      }),
    ]),
  ),
  done(records(BAD, { chosen: { unit: unit().id, reason: '' }, subfloor: 'not-seen' }), trade()),
  done(records({ 'core/widths.middle': '36', 'core/heights.left': '80' }), trade()),
]

describe('every finding answers why', () => {
  const figure = (id: Parameters<typeof figureOf>[0]) => figureOf(id, LENGTHS, NUMBERS)
  const all = cases
    .flatMap(({ work }) => [work.measure, work.diagnose, work.specify, work.order, work.seal])
    .flatMap(one => one.findings)
  it('by the figure of the trade it was judged by, with its source, or by its rule', () => {
    for (const one of all) {
      const reason = ruleReason(one.rule, figure, '1/16')
      expect(reason).toMatch(isFigureRef(one.rule) ? /^[A-Z][^:]+: .*\d.*\. .+\.$/ : /^[A-Z].+\.$/)
    }
    expect(all.some(one => isFigureRef(one.rule))).toBe(true)
  })
  it('in the unit of the job', () => {
    expect(ruleReason('sill-fine', figure, '1/16')).toMatch(/ in\. /)
    expect(ruleReason('sill-fine', figure, '1')).toMatch(/ mm\. /)
  })
  it('says what an opening’s own figure is', () => {
    const own = {
      ...LENGTHS,
      'sill-fine': {
        ...LENGTHS['sill-fine'],
        source: { kind: 'default', text: 'set for this opening', checked: true },
      },
    } as const
    expect(ruleReason('sill-fine', id => figureOf(id, own, NUMBERS), '1/16')).toMatch(/Set for this opening\.$/)
  })
  it('says each rule without a figure otherwise than by its code', () => {
    for (const rule of PLAIN_RULES) expect(ruleReason(rule, figure, '1/16').length).toBeGreaterThan(20)
  })
})

describe('the facts of findings', () => {
  it('are each said in a sentence, or read by a rule', () => {
    const text = sourcesIn('src/words').concat(sourcesIn('src/core')).join('\n')
    // The two legs of a twist are said by one sentence, side by side.
    const bySide = ['left', 'right', 'leftFace', 'rightFace']
    const isAsked = (name: string) =>
      new RegExp(`\\bf\\('${name}'|facts\\.${name}\\b|\\(\\{ ${name} \\}\\)|way\\(f, '${name}'`).test(text) ||
      (bySide.includes(name) && text.includes("face(f, 'left')") && text.includes("face(f, 'right')"))
    expect(FACT_NAMES.filter(name => !isAsked(name))).toEqual([])
  })
})

describe('every finding is put in words', () => {
  const all = cases.flatMap(result => [
    ...Object.values(result.findings).flat(),
    ...result.offers.flatMap(offer => offer.reasons),
  ])
  it('without a gap where a figure should stand', () => {
    expect(new Set(all.map(one => one.code)).size).toBeGreaterThan(20)
    for (const one of all) {
      const { title, why, cures } = findingWords(one, '1/16')
      for (const text of [title, why, ...cures]) {
        expect(text).not.toMatch(/undefined|NaN|\[object|\{| {2}|^\s*$/)
      }
      expect(why).toMatch(/[.]$/)
    }
  })
  it('with its lengths in the job’s unit', () => {
    const square = all.find(one => one.code === 'square')!
    expect(findingWords(square, '1/16').title).toMatch(/ in$/)
    expect(findingWords(square, '1').title).toMatch(/ mm$/)
  })
  it.each([
    [
      cure('bow.plane', inches(0, 3, 32), inches(41)),
      '1/32',
      'Plane the bump by 3/32 in at 41 in above the sill; never weaken a jack stud.',
    ],
    [
      cure('bow.plane', mm(2), mm(1041)),
      '1',
      'Plane the bump by 2 mm at 1041 mm above the sill; never weaken a jack stud.',
    ],
    [cure('seal.move-stop'), '1/16', 'Move the stop.'],
  ] as const)('cure %# says how much and where', (one, step, text) => expect(cureWords(one, step)).toBe(text))
})

describe('every reading', () => {
  it.each(SLOTS)('%s has a name, a way to take it and a reason', slot => {
    for (const text of [slotName(slot), slotHow(slot), slotWhy(slot), placeName(slot)])
      expect(text).toMatch(/^[A-Z].{3,}/)
  })
  it('of one way has a name of its own', () => {
    for (const way of WAYS) {
      const names = SLOTS.filter(slot => !slot.includes('/') || slot.startsWith(`${way}/`)).map(slotName)
      expect(new Set(names).size).toBe(names.length)
    }
  })
})

it('every step, test, seal, preparation and caution of the trade has its words', () => {
  const say = figuresIn(LENGTHS, NUMBERS, '1/16')
  const steps = Object.values(STEPS).flat()
  expect(steps.filter(one => stepWords(one.id, say).some(text => text.length < 3 || text.includes('{')))).toEqual([])
  expect(steps.filter(one => stepName(one.id) === one.id)).toEqual([])
  expect(steps.filter(one => one.caution !== null && !CAUTION_WORDS[one.caution])).toEqual([])
  expect(TESTS.filter(one => !TEST_NAMES[one.id])).toEqual([])
  expect(SEALS.filter(one => one.name.length < 4 || SEAL_STEPS[one.kind].length === 0)).toEqual([])
  expect(new Set(SEALS.map(one => one.name)).size).toBe(SEALS.length)
  const fitting = Object.values(SEAL_STEPS).flat(2)
  expect(fitting.filter(text => withFigures(text, say).includes('{') || /\d/.test(text))).toEqual([])
  expect(PREPARATIONS.filter(id => !PREPARATION_NAMES[id])).toEqual([])
})

describe('a derivation on paper', () => {
  const { specification, shims } = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade())
  const traces = [
    specification.unit!.width,
    specification.unit!.roughHeight,
    specification.jamb!.wanted,
    specification.floor!.withPad,
    shims!.points[0]!.screw!,
  ]
  it('names every leaf and every rule', () => {
    for (const trace of traces) {
      for (const leaf of leavesOf(trace)) expect(leafName(leaf)).toMatch(/^[A-Z]/)
      for (const [name] of derivationRows(trace, '1/16')) expect(RULE_IDS).not.toContain(name.trim())
    }
  })
  it('stands with what it is made of set in below it', () =>
    expect(derivationRows(specification.jamb!.wanted, '1/16').map(([name, figure]) => [name, figure])).toEqual([
      ['the wall and a little spare', '4 9/16 in'],
      ['   the thickest wall governs', '4 1/2 in'],
      ['      Wall, left', '4 1/2 in'],
      ['      Wall, head', '4 1/2 in'],
      ['      Wall, right', '4 1/2 in'],
      ['   Spare over the wall', '1/16 in'],
    ]))
})

it.each([
  [123_450, '$1,234.50'],
  [0, '$0.00'],
  [-5, '-$0.05'],
])('%p cents are %s', (cents, text) => expect(money(cents, { currency: 'USD', numbers: 'point' })).toBe(text))
it.each([
  ['point', '€1,234.50', '1,234.5'],
  ['comma', '1.234,50 €', '1.234,5'],
  ['comma-space', '1 234,50 €', '1 234,5'],
  ['point-apostrophe', 'EUR 1’234.50', '1’234.5'],
] as const)('a firm that writes numbers by %s writes %s and %s', (numbers, amount, number) => {
  const plain = (text: string) => text.replace(/\s/g, ' ')
  expect(plain(money(123_450, { currency: 'EUR', numbers }))).toBe(amount)
  expect(plain(decimal(1234.5, 1, numbers))).toBe(number)
})
