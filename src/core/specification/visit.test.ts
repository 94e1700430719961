import { done, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { GAPS } from '../test/kind-cases'
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
  return JSON.stringify([findings, line?.details, line?.outsideTrim, steps.map(one => one.id), seals])
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
