import { v7 as uuidV7 } from 'uuid'
import { done, jobRecord, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { addDeskAnswer } from './exchange'
import { findJobs, findOrders, listNews } from './find-beside'
import { insertJob } from './jobs'
import { keepSummaries } from './opening-state'
import { releaseOrder } from './orders'
import { sharedStore, someCompany } from './test/database'

// One search over jobs, customers and orders, and what happened while nobody looked; never another company's.

const store = sharedStore()
const LINE = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const T = (hour: number) => `2026-01-03T${String(hour).padStart(2, '0')}:00:00.000Z`

async function setUp(name: string) {
  const company = await someCompany(store().db, name)
  const { acting, job, opening } = company
  const jobs = [
    { ...jobRecord(), id: uuidV7(), name: 'Plover Row 2', customer: { name: 'Ada Fenwick', phone: '', email: '' } },
    { ...jobRecord(), id: uuidV7(), name: 'Plover Row 9', customer: { name: 'Tom Orrin', phone: '', email: '' } },
  ]
  for (const one of jobs) await insertJob(store().db, acting, one)
  const asked = {
    id: uuidV7(),
    releasedAt: T(8),
    maker: 'Northpier',
    lines: [{ ...LINE, opening: { ...LINE.opening, id: opening.id } }],
  }
  const released = await releaseOrder(store().db, acting, job.id, { ...asked, supersedes: null })
  if (!released.ok) throw new Error(released.why)
  return { acting, opening, order: released.order }
}

describe('a search', () => {
  it('finds jobs by every word of name, street and customer', async () => {
    const { acting } = await setUp('Jobs')
    const names = async (...words: string[]) => (await findJobs(store().db, acting, words, 10)).map(one => one.name)
    expect(await names('plover')).toEqual(['Plover Row 2', 'Plover Row 9'])
    expect(await names('plover', 'fenwick')).toEqual(['Plover Row 2'])
    expect(await names('plover', 'nobody')).toEqual([])
    expect(await names('%')).toEqual([])
  })
  it('finds orders by number, maker and the tag of a door, and no other company’s', async () => {
    const [{ acting, order }, other] = [await setUp('Orders'), await someCompany(store().db, 'Other')]
    const found = async (who: typeof acting, ...words: string[]) =>
      (await findOrders(store().db, who, words, 10)).map(one => one.id)
    for (const words of [['H-0001'], ['northpier'], ['A1', 'northpier']])
      expect(await found(acting, ...words)).toEqual([order.id])
    expect([await found(acting, 'H-0002'), await found(other.acting, 'H-0001')]).toEqual([[], []])
  })
})

describe('news', () => {
  it('are answers and waits that are over since one looked, the latest first', async () => {
    const { acting, order, opening } = await setUp('News')
    await addDeskAnswer(store().db, acting.companyId, {
      id: uuidV7(),
      orderId: order.id,
      receivedAt: T(9),
      text: '{}',
      print: 'p',
    })
    const nothing = { summaryOf: 'x', summary: null, small: null, ordering: null, after: null }
    await keepSummaries(store().db, acting, [{ openingId: opening.id, freshUntil: T(10), ...nothing }])
    const kinds = async (since: string, now: string) =>
      (await listNews(store().db, acting, since, now, 10)).map(one => one.kind)
    expect(await kinds(T(8), T(11))).toEqual(['over', 'answered'])
    expect(await kinds(T(8), T(9))).toEqual(['answered'])
    expect(await kinds(T(9), T(11))).toEqual(['over'])
    expect(await kinds(T(10), T(11))).toEqual([])
  })
})
