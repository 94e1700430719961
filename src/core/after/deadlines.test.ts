import { DEADLINE_RULES } from '@/trade/after'
import { entry } from '../test/fixtures'
import { type DeadlinesGiven, type DeadlineWhen, deadlinesOf, heatingSeasonEnd, stoodDay } from './deadlines'

const ms = (day: string) => Date.parse(`${day}T10:00:00.000Z`)
const dayOf = (at: string) => at.slice(0, 10)
const given = (more: Partial<DeadlinesGiven> = {}, ...holds: DeadlineWhen[]): DeadlinesGiven => ({
  rules: DEADLINE_RULES,
  holds: new Set(holds),
  stoodOn: '2026-08-31',
  handedOverOn: '2026-09-02',
  latitude: 54,
  seals: [],
  warrantyMonths: null,
  labelAgainOn: null,
  log: [],
  ...more,
})
const dueIn = (...args: Parameters<typeof given>) => deadlinesOf(given(...args)).map(one => [one.id, one.due])

describe('what is due of a door', () => {
  it('bare wood and the whole finish run from the day it stood in the weather, months held to the month’s end', () =>
    expect(dueIn({}, 'outside', 'wood', 'bare', 'unfinished')).toEqual([
      ['bare-wood', '2026-09-14'],
      ['whole-finish', '2027-02-28'],
      ['bottom-edge', '2027-09-02'],
      ['sealant', '2027-09-02'],
    ]))
  it('nothing is due of what does not stand, and what runs from the hand-over waits for it', () => {
    expect(dueIn({ stoodOn: null, handedOverOn: null }, 'outside', 'wood', 'bare', 'unfinished', 'hangs')).toEqual([])
    expect(dueIn({ handedOverOn: null }, 'outside', 'unfinished', 'hangs', 'closer')).toEqual([
      ['whole-finish', '2027-02-28'],
    ])
  })
  it('of a door inside the house, in the dry, no finish and no sealant are asked', () =>
    expect(dueIn({}, 'wood', 'bare', 'unfinished', 'hangs')).toEqual([['hinge-screws', '2027-05-01']]))
  it('a label is looked at every year again, from when it was looked at', () => {
    const log = [entry('upkeep', 'fire-inspection', 'done', ms('2027-08-20'))]
    expect(dueIn({}, 'label')).toEqual([['fire-inspection', '2027-09-02']])
    expect(dueIn({ log }, 'label')).toEqual([['fire-inspection', '2028-08-20']])
  })
  it('a label looked at item by item is due a year after the oldest of them', () => {
    expect(dueIn({ labelAgainOn: '2027-11-30' }, 'label')).toEqual([['fire-inspection', '2027-11-30']])
    expect(dueIn({ labelAgainOn: '2027-01-30' }, 'label')).toEqual([['fire-inspection', '2027-09-02']])
  })
  it('what is done once is over', () => {
    const log = [entry('upkeep', 'whole-finish', 'done', ms('2026-12-01'), { by: 'Wanda Selby' })]
    const [one] = deadlinesOf(given({ log }, 'outside', 'unfinished'))
    expect(one).toMatchObject({ id: 'whole-finish', isOver: true, done: { by: 'Wanda Selby' } })
  })
  it('a seal is renewed at the end of its life, from when it was put on or renewed', () => {
    const seals = [{ key: 'left/kerf', fittedOn: '2026-09-01', years: 8 }]
    expect(dueIn({ seals })).toEqual([['seal-life', '2034-09-01']])
    const log = [entry('upkeep', 'seal-life/left/kerf', 'done', ms('2030-03-01'))]
    expect(dueIn({ seals, log })).toEqual([['seal-life', '2038-03-01']])
    expect(dueIn({ seals: [{ ...seals[0]!, years: 0.5 }] })).toEqual([['seal-life', '2027-03-01']])
  })
  it('a warranty ends so many months after the hand-over, and is nothing anybody does', () => {
    expect(dueIn({ warrantyMonths: 24 })).toEqual([['warranty', '2028-09-02']])
    expect(dueIn({ warrantyMonths: 24, handedOverOn: null })).toEqual([])
  })
  it('comes the earliest first, whatever the order of the rules', () => {
    const holds: DeadlineWhen[] = ['outside', 'wood', 'bare', 'unfinished', 'hangs', 'closer', 'label']
    const turned = deadlinesOf(given({ rules: DEADLINE_RULES.toReversed() }, ...holds))
    expect(turned).toEqual(deadlinesOf(given({}, ...holds)))
    const days = turned.map(one => one.due)
    expect(days).toEqual([...days].sort())
  })
})

describe('the end of the first heating season', () => {
  it.each([
    ['2026-09-02', 54, '2027-05-01'],
    ['2027-04-30', 54, '2027-05-01'],
    ['2027-05-01', 54, '2028-05-01'],
    ['2026-09-02', -36, '2026-11-01'],
    ['2026-11-01', -36, '2027-11-01'],
    ['2026-01-10', null, '2026-05-01'],
  ])('after %s at %s: %s', (day, latitude, end) => expect(heatingSeasonEnd(day, latitude)).toBe(end))
})

describe('the day a unit stood', () => {
  it('is when it was tipped in, else when it was handed over', () => {
    const tipped = [entry('step', 'tip-in', 'done', ms('2026-08-31'))]
    expect(stoodDay(tipped, '2026-09-02', dayOf)).toBe('2026-08-31')
    expect(stoodDay([...tipped, entry('step', 'tip-in', 'reopened', ms('2026-09-01'))], '2026-09-02', dayOf)).toBe(
      '2026-09-02',
    )
    expect(stoodDay([], null, dayOf)).toBeNull()
  })
})
