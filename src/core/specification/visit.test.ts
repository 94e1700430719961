import { REPAIRS } from '../../trade/repairs'
import { done, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { GAPS } from '../test/kind-cases'
import { planRepair } from './repair'
import {
  CONDITION_PLACES,
  CONDITIONS,
  FIXINGS,
  NO_VISIT,
  OBSTACLES,
  REASONS,
  STAYS,
  STRUCTURES,
  trimStays,
  type Visit,
} from './visit'
import { SETTINGS } from './wish-values'

const NOTHING = NO_VISIT
const own = (visit: Partial<Visit>, texts: object = {}) =>
  records(
    { ...TRUE_OPENING, ...texts },
    {
      chosen: { unit: unit().id, reason: '' },
      subfloor: 'not-seen',
      bore: 'single',
      visit: { ...NOTHING, ...visit } as never,
    },
  )
const outcome = (visit: Partial<Visit>, isUnread: boolean) => {
  const result = done(own(visit, isUnread ? {} : GAPS), trade([unit({ bore: 'single' })]))
  const { findings, line, steps, seals } = result
  const repair = planRepair(records({}, { visit: { ...NOTHING, ...visit } as never }).wishes.visit, REPAIRS, 6000)
  return JSON.stringify([findings, line?.details, line?.outsideTrim, steps.map(one => one.id), seals, repair])
}

describe('what is said at the first look', () => {
  it.each<Partial<Visit>>([
    ...REASONS.map(one => ({ reasons: [one] })),
    ...STAYS.map(one => ({ stays: [one] })),
    ...OBSTACLES.map(one => ({ obstacles: [one] })),
    ...CONDITION_PLACES.flatMap(place => CONDITIONS.map(state => ({ condition: { [place]: state } }))),
    ...FIXINGS.map(fixings => ({ fixings })),
    ...STRUCTURES.filter(one => one !== 'as-it-is').map(structure => ({ structure })),
  ])('%j bears on something', visit => {
    const isDraft = visit.reasons?.includes('draft') ?? false
    expect(outcome({ stays: [], ...visit }, isDraft)).not.toBe(outcome({ stays: [] }, isDraft))
  })
  it('more light drops what has no glass', () => {
    const wished = records(TRUE_OPENING, { visit: { ...NOTHING, reasons: ['light'] } as never })
    const offered = (glass: 'none' | 'safety') => done(wished, trade([unit({ glass })])).offers[0]!
    expect([offered('none').verdict, offered('safety').verdict]).toEqual(['dropped', 'fits'])
    expect(offered('none').reasons.map(one => one.code)).toContain('no-glass-for-light')
  })
  it('a rule holds the order back until a label is asked for or ruled out', () => {
    const asks = (labelMinutes: number | null) =>
      done(records(TRUE_OPENING, { labelMinutes, visit: { ...NOTHING, reasons: ['code'] } as never }), trade())
    expect(asks(null).findings.specify.map(one => one.code)).toContain('rule-not-said')
    expect(asks(0).findings.specify.map(one => one.code)).not.toContain('rule-not-said')
  })
  it('a pet holds the order back until its flap is settled, and never lets one into a labelled leaf', () => {
    const ordered = (details: object, labelMinutes = 0) => {
      const sheet = unit({ labelMinutes })
      const base = records(TRUE_OPENING, {
        labelMinutes,
        visit: { ...NOTHING, reasons: ['pet'] } as never,
        chosen: { unit: sheet.id, reason: 'it fits' },
      })
      return done({ ...base, order: { ...base.order, details: { ...base.order.details, ...details } } }, trade([sheet]))
    }
    const of = (result: ReturnType<typeof ordered>) =>
      result.findings.order.flatMap(one => (one.facts.of === 'pet-flap' ? 'pet-flap' : one.code))
    expect([ordered({}).line, of(ordered({}))]).toEqual([null, expect.arrayContaining(['pet-flap'])])
    const settled = ordered({ 'pet-flap': 'medium, 6 in over the floor' })
    expect(settled.line?.details['pet-flap']).toBe('medium, 6 in over the floor')
    expect(of(settled)).not.toContain('pet-flap')
    expect(of(ordered({ 'pet-flap': 'medium' }, 20))).toContain('order-flap-label')
    expect(of(ordered({ 'pet-flap': 'none' }, 20))).not.toContain('order-flap-label')
  })
  it('of a hole that is to change is a stop that no reason passes', () => {
    const changed = done(own({ structure: 'wider' }), trade())
    expect(changed.findings.specify).toContainEqual(
      expect.objectContaining({ code: 'structure-first', severity: 'stop' }),
    )
    expect(changed.line).toBeNull()
  })
  it.each([
    [null, 'keep', 'keep'],
    [null, 'strip', 'strip'],
    [[], 'keep', 'strip'],
    [['outside-casing'], 'strip', 'keep'],
  ] as const)('%j stays, by a practice of “%s”: %s', (stays, practice, expected) =>
    expect(trimStays({ ...NOTHING, stays }, practice)).toBe(expected),
  )
  it.each(SETTINGS)('standing “%s” is said on the order’s way', setting => {
    const { findings } = done(records(TRUE_OPENING, { settings: [setting] }), trade())
    expect(findings.specify.some(one => one.place === `setting.${setting}`)).toBe(true)
  })
  it('rented or listed keeps the order back until the consent is typed', () => {
    for (const setting of ['rented', 'listed'] as const)
      expect(
        done(records(TRUE_OPENING, { settings: [setting], chosen: { unit: unit().id, reason: '' } }), trade()).line,
      ).toBeNull()
  })
  it('adds its steps before the old door comes out', () => {
    const { steps } = done(
      own({ obstacles: ['bell'], stays: ['bell-wire', 'hardware', 'inside-casing', 'siding', 'floor'] }),
      trade(),
    )
    const ids = steps.map(one => one.id)
    for (const id of ['clear-way', 'bell-wire', 'save-hardware', 'casing-nails', 'siding-marked', 'floor-edge'])
      expect(ids.slice(0, ids.indexOf('take-out'))).toContain(id)
  })
})
