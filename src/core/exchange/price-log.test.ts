import type { Order } from '../order/order'
import { done, receipt, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import type { Acknowledgement } from './acknowledgement'
import { byMakerAndArticle, priceRows } from './price-log'

const line = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const order: Order = {
  id: '01900000-0000-7000-8000-0000000000f2',
  number: 'H-0007',
  revision: 1,
  supersedes: null,
  maker: 'Test',
  releasedAt: '2026-01-05T22:00:00.000Z',
  releasedBy: 'Ida Marlow',
  withdrawn: null,
  lines: [line],
}
const acknowledged = (differences: Acknowledgement['lines'][number]['differences']): Acknowledgement => ({
  state: 'accepted',
  message: '',
  lines: [{ line: 1, tag: 'A1', differences, same: [] }],
})

describe('prices and days', () => {
  it('are as listed where nobody has written back or delivered', () =>
    expect(priceRows(order, null, [])).toMatchObject([
      { listCents: 60_000, saidCents: null, listDays: line.unit.leadDays, saidDays: null, cameAfterDays: null },
    ]))
  it('are as acknowledged: the same, another, or none that is a number', () => {
    expect(priceRows(order, acknowledged([]), [])).toMatchObject([{ saidCents: 60_000, saidDays: line.unit.leadDays }])
    const other = acknowledged([
      { path: 'priceCents', kind: 'changed', first: 60_000, second: 61_500 },
      { path: 'leadDays', kind: 'missing', first: 5, second: undefined },
    ])
    expect(priceRows(order, other, [])).toMatchObject([{ saidCents: 61_500, saidDays: null }])
  })
  it('count the days of the calendar until it came', () =>
    expect(priceRows(order, null, [receipt(order.id)])).toMatchObject([{ cameAfterDays: 7 }]))
  it('stand together by maker and article, the latest first', () => {
    const [row] = priceRows(order, null, [])
    const rows = [
      { ...row!, maker: 'B', releasedAt: '1' },
      { ...row!, maker: 'A', releasedAt: '1' },
      { ...row!, maker: 'A', releasedAt: '2' },
    ]
    expect([...rows].sort(byMakerAndArticle).map(one => one.maker + one.releasedAt)).toEqual(['A2', 'A1', 'B1'])
  })
})
