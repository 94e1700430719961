import sharp from 'sharp'
import { v7 as uuidV7 } from 'uuid'
import { messageOf } from '@/core/exchange/message'
import type { Order } from '@/core/order/order'
import { done, receipt, records, TRUE_OPENING, reading as taken, trade, unit } from '@/core/test/fixtures'
import { inches } from '@/core/units/length'
import { loadOrder, type OrderView } from '@/server/load-order'
import { orderAt } from '@/server/orders'
import { LENGTHS, lengthsWith } from '@/trade/lengths'
import { findKnown, type Known } from './company'
import { saveChange } from './edits'
import { addDeskAnswer, noteAttempt, putOutgoing } from './exchange'
import { firmPlace, schoolsPlace } from './firm'
import { jobPlace } from './jobs'
import { releaseOrder, withdrawOrder } from './orders'
import { addPhoto } from './photos'
import { addRows, DECISIONS, READINGS, RECEIPTS } from './rows'
import { countedStore } from './test/counted'
import { sharedStore, someCompany } from './test/database'
import { addUnit } from './units'

const store = sharedStore()
const { db: countedDb, cost } = countedStore(store)
const AT = '2026-01-03T10:00:00.000Z'
const NOW = new Date('2026-01-10T08:00:00.000Z')

type Some = Awaited<ReturnType<typeof someCompany>> & { readonly order: Order }

async function ordered(name: string): Promise<Some> {
  const some = await someCompany(store().db, name)
  const base = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
  const { line } = done({ ...base, opening: { ...base.opening, id: some.opening.id } }, trade())
  const asked = { id: uuidV7(), releasedAt: AT, maker: 'Test', lines: [line!], supersedes: null }
  const result = await releaseOrder(store().db, some.acting, some.job.id, asked)
  if (!result.ok) throw new Error(result.why)
  return { ...some, order: result.order }
}
const message = ({ acting, order }: Some) => messageOf(order, { id: acting.companyId, name: 'X' })
const knownOf = async ({ acting }: Some): Promise<Known> => (await findKnown(store().db, acting.memberId))!

/** What an order's page brings, with whoever acts looked up anew. */
async function look(some: Some): Promise<OrderView> {
  const { seen, beside } = (await orderAt(store().db, await knownOf(some), some.order.id, NOW))!
  return { ...(JSON.parse(seen) as OrderView), ...beside }
}

async function change<T extends object>(place: Parameters<typeof saveChange<T>>[0], more: Partial<T>) {
  const { revision, data } = await place.find()
  await saveChange(place, { revision, base: data, data: { ...data, ...more } })
}

const WRITES: readonly [string, (some: Some) => Promise<unknown>][] = [
  [
    'that it is on its way',
    some =>
      putOutgoing(
        store().db,
        some.acting,
        {
          id: some.order.id,
          orderId: some.order.id,
          kind: 'order',
          body: JSON.stringify(message(some)),
          createdAt: AT,
        },
        0,
      ),
  ],
  [
    'that it was sent',
    async some => {
      const { order, acting } = some
      const body = JSON.stringify(message(some))
      await putOutgoing(store().db, acting, { id: order.id, orderId: order.id, kind: 'order', body, createdAt: AT }, 0)
      await look(some)
      const sent = { state: 'sent', attempts: 1, dueAt: 1, trouble: '', sentAt: AT } as const
      await noteAttempt(store().db, { companyId: acting.companyId, id: order.id }, sent)
    },
  ],
  [
    'what its maker wrote back',
    ({ acting, order }) =>
      addDeskAnswer(store().db, acting.companyId, {
        id: uuidV7(),
        orderId: order.id,
        receivedAt: AT,
        text: '{"format":"something else"}',
        print: uuidV7(),
      }),
  ],
  [
    'what came',
    ({ acting, order }) =>
      addRows(store().db, RECEIPTS, acting, order.id, [
        receipt(order.id, { id: uuidV7(), state: 'refused', note: 'a dent', at: NOW.toISOString() }),
      ]),
  ],
  [
    'a photo of what came',
    async ({ acting, opening }) => {
      const picture = await sharp({ create: { width: 4, height: 3, channels: 3, background: '#885533' } })
        .jpeg()
        .toBuffer()
      const photo = {
        slot: 'delivery',
        width: 4,
        height: 3,
        note: '',
        takenBy: 'A',
        takenAt: NOW.toISOString(),
      } as const
      await addPhoto(store().db, acting, opening.id, { ...photo, id: uuidV7() }, { picture, small: picture })
    },
  ],
  [
    'that it was taken back',
    ({ acting, order }) => withdrawOrder(store().db, acting, order.id, { at: AT, by: 'A', reason: 'Bent.' }),
  ],
  [
    'the revision that took its place',
    ({ acting, job, order }) =>
      releaseOrder(store().db, acting, job.id, {
        id: uuidV7(),
        releasedAt: NOW.toISOString(),
        maker: order.maker,
        lines: order.lines,
        supersedes: order.id,
      }),
  ],
  ['its job', ({ acting, job }) => change(jobPlace(store().db, acting, job.id), { name: 'Other' })],
  ['the firm', ({ acting }) => change(firmPlace(store().db, acting), { numbers: 'comma' })],
]

describe('an order’s page that was looked at before', () => {
  it.each(WRITES)('shows %s', async (name, write) => {
    const some = await ordered(`Order of ${name}`)
    const before = await look(some)
    await write(some)
    const after = await look(some)
    expect(after).not.toEqual(before)
    const fresh = await loadOrder(store().db, await knownOf(some), some.order.id, NOW)
    expect(after).toEqual(JSON.parse(JSON.stringify(fresh)))
  })
  it.each<[string, (some: Some) => Promise<unknown>]>([
    [
      'a reading of its opening',
      ({ acting, opening }) =>
        addRows(store().db, READINGS, acting, opening.id, [taken('wall.left', '4', { id: uuidV7() })]),
    ],
    [
      'a decision',
      ({ acting, order }) =>
        addRows(store().db, DECISIONS, acting, order.id, [
          {
            id: uuidV7(),
            orderId: order.id,
            answerId: uuidV7(),
            line: 1,
            path: 'hinges',
            verdict: 'accepted' as const,
            by: 'A',
            at: AT,
          },
        ]),
    ],
    ['the catalogue', ({ acting }) => addUnit(store().db, acting, unit({ id: uuidV7() }))],
    [
      'the job’s practices',
      ({ acting, job }) => change(schoolsPlace(store().db, acting, job.id), { sill: 'pan' } as never),
    ],
  ])('is made anew after %s', async (name, write) => {
    const some = await ordered(`Anew after ${name}`)
    const who = async () => knownOf(some)
    const costs = async () => {
      const known = await who()
      return cost(() => orderAt(countedDb(), known, some.order.id, NOW))
    }
    await look(some)
    expect(await costs()).toBe(1)
    await write(some)
    expect(await costs()).toBeGreaterThan(1)
    expect(await costs()).toBe(1)
  })
  it('brings of the figures each line is judged by only those that are not as shipped', async () => {
    const some = await ordered('Own figures')
    expect((await look(some)).ownLengths).toEqual([[]])
    await change(schoolsPlace(store().db, some.acting, some.job.id), { 'rough-opening': 'three-quarters' } as never)
    const [own] = (await look(some)).ownLengths
    expect(own!.map(([id, { value }]) => [id, value])).toEqual([['room-width', inches(0, 3, 4)]])
    expect(lengthsWith(own!)).toEqual({ ...LENGTHS, 'room-width': own![0]![1] })
  })
  it('says who looks and who is there now', async () => {
    const some = await ordered('Who looks')
    const known = await knownOf(some)
    await look(some)
    const other = { ...known, name: 'Somebody else', company: { ...known.company, members: ['Somebody else'] } }
    expect((await orderAt(store().db, other, some.order.id, NOW))!.beside).toEqual({
      members: ['Somebody else'],
      memberName: 'Somebody else',
    })
  })
  it('is nobody else’s, and shows no money to whom it is not, however often somebody else looked', async () => {
    const some = await ordered('Money of orders')
    const known = await knownOf(some)
    const cents = '60000'
    const seen = async (role: Known['role']) =>
      (await orderAt(store().db, { ...known, role }, some.order.id, NOW))!.seen.includes(cents)
    expect([await seen('owner'), await seen('trainee'), await seen('owner')]).toEqual([true, false, true])
    const stranger = await knownOf(await ordered('Strangers to orders'))
    expect(await orderAt(store().db, stranger, some.order.id, NOW)).toBeNull()
  })
})
