import { MAY, may, ROLES, VERBS } from './access'
import { withoutMoney } from './without-money'

describe('who may do what', () => {
  it('everything that is done has somebody who may, the owner always', () => {
    for (const verb of VERBS) expect([verb, may('owner', verb)]).toEqual([verb, true])
  })
  it('a role may what every role below it may', () => {
    for (const verb of VERBS)
      expect([verb, ROLES.filter(role => may(role, verb))]).toEqual([verb, ROLES.slice(0, MAY[verb].length)])
  })
  it.each([
    ['trainee', 'measure', true],
    ['trainee', 'vouch', false],
    ['trainee', 'money', false],
    ['trainee', 'settle', false],
    ['installer', 'settle', true],
    ['installer', 'order', false],
    ['installer', 'firm', false],
    ['office', 'order', true],
    ['office', 'firm', true],
  ] as const)('%s, %s: %s', (role, verb, is) => expect(may(role, verb)).toBe(is))
})

describe('without money', () => {
  it('takes every amount away, however deep, and leaves all else', () =>
    expect(
      withoutMoney({
        priceCents: 61_000,
        cents: { total: 5, materialCents: 3 },
        lines: [{ unit: { priceCents: 1, leadDays: 9, name: 'cents' }, saidCents: null }],
        at: '2026-11-27T00:00:00.000Z',
      }),
    ).toEqual({
      priceCents: 0,
      cents: { total: 0, materialCents: 0 },
      lines: [{ unit: { priceCents: 0, leadDays: 9, name: 'cents' }, saidCents: null }],
      at: '2026-11-27T00:00:00.000Z',
    }))
  it('takes what changed of a price too', () =>
    expect(withoutMoney([{ path: 'priceCents', first: 61_000, second: 64_900 }])).toEqual([
      { path: 'priceCents', first: 0, second: 0 },
    ]))
})
