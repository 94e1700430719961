import { figuresIn } from '@/words/figures'
import { testWords } from '@/words/tests'
import { NUMBERS } from '../../trade/rates'
import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { done, entry, LENGTHS, type Settled, trade } from '../test/fixtures'
import { KIND_CASES, openingOf } from '../test/kind-cases'
import { testsOf } from '../test/tests-request'

const ID = 'opens-lightly'
const INSIDE = ['interior', 'steel-frame', 'steel-leaf']
const planned = (of: readonly string[], isOnAccessibleWay: boolean, log: readonly ReturnType<typeof entry>[] = []) =>
  testsOf({ of, where: new Set(isOnAccessibleWay ? ['accessible'] : []), log })

describe('the force it takes to open', () => {
  it.each(FAMILIES)('%s: is read where the way is accessible, and a door inside has no label', family => {
    const asked = (accessible: boolean) =>
      planned(DOORS[family].tests, accessible).value.tests.some(test => test.id === ID)
    expect([family, asked(false), asked(true)]).toEqual([family, false, INSIDE.includes(family)])
  })
  it.each([
    { newton: 22, verdict: 'passed', found: 0 },
    { newton: 22.5, verdict: 'failed', found: 1 },
    { newton: 0, verdict: 'passed', found: 0 },
  ])('$newton N by the scale: $verdict, whatever was tapped', ({ newton, verdict, found }) => {
    const log = [entry('test', ID, 'passed', 1, { value: { number: newton } })]
    const { value, findings } = planned(DOORS.interior.tests, true, log)
    expect(value.tests.find(test => test.id === ID)!.verdict).toBe(verdict)
    expect(findings.filter(one => one.place === `test.${ID}`)).toHaveLength(found)
  })
  it.each(Object.entries(KIND_CASES))('%s: follows from what was said of the place and its label', (name, one) => {
    const by = (wished: Partial<Settled>) => {
      const own = openingOf({ ...one, wished: { ...one.wished, ...wished } }, 1)
      return done(own, trade(one.unit ? [one.unit] : [])).work.handover.value.tests.some(test => test.id === ID)
    }
    const isAsked = INSIDE.includes(one.family)
    expect([name, by({ settings: ['accessible'], labelMinutes: null })]).toEqual([name, isAsked])
    expect(by({ settings: ['accessible'], labelMinutes: 20 })).toBe(false)
    expect(by({ settings: ['exposed'], labelMinutes: null })).toBe(false)
  })
  it('says its limit from the trade, and where it comes from', () => {
    const [name, how, limit] = testWords(ID, figuresIn(LENGTHS, NUMBERS, '1/16'))
    expect([name, limit]).toEqual(['Opens with little force', 'at most 22 N'])
    expect(how).toContain('Spring scale')
    expect(NUMBERS['opening-force'].source).toMatchObject({ kind: 'code', checked: false })
  })
})

describe('air at the joints', () => {
  const OUTSIDE = ['hinged-outside', 'pair', 'sidelights', 'slider', 'seal-only', 'seal-pair', 'seal-slider']
  it.each(FAMILIES)('%s: is looked for where a door keeps the weather out', family =>
    expect([family, DOORS[family].tests.includes('air')]).toEqual([family, OUTSIDE.includes(family)]),
  )
  it('is not asked of a door that was handed over before it joined the list; of one half tested it is', () => {
    const of = DOORS.slider.tests
    const noted = (ids: readonly string[], day: string) =>
      ids.map(id => entry('test', id, 'passed', Date.parse(`${day}T10:00:00.000Z`)))
    const others = of.filter(id => id !== 'air' && id !== 'hose')
    const asks = (log: readonly ReturnType<typeof entry>[]) =>
      planned(of, false, log).value.tests.some(test => test.id === 'air')
    expect([asks(noted(others, '2026-11-20')), asks(noted(others, '2026-11-28'))]).toEqual([false, true])
    expect([asks(noted(others.slice(1), '2026-11-20')), asks([])]).toEqual([true, true])
    expect(asks(noted(of, '2026-11-20'))).toBe(true)
  })
})
