import sharp from 'sharp'
import { v7 as uuidV7 } from 'uuid'
import { messageOf } from '@/core/exchange/message'
import { arrivalOn } from '@/core/order/delivery'
import type { Order } from '@/core/order/order'
import type { Photo } from '@/core/survey/photo'
import { done, receipt, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { loadClaim } from '@/server/load-claim'
import { loadOrder, loadOrders } from '@/server/load-order'
import { loadPlan } from '@/server/load-plan'
import { writePdf } from '@/writers/write-pdf'
import { addDeskAnswer, noteAttempt, putOutgoing } from './exchange'
import { exportJob, importJob } from './job-file'
import { releaseOrder, withdrawOrder } from './orders'
import { addPhoto } from './photos'
import { addRows, RECEIPTS } from './rows'
import { sharedStore, someCompany } from './test/database'

const store = sharedStore()
const AT = '2026-01-03T10:00:00.000Z'
const LATER = '2026-01-10T08:00:00.000Z'
type Company = Awaited<ReturnType<typeof someCompany>>

async function released({ acting, job, opening }: Company): Promise<Order> {
  const base = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
  const { line } = done({ ...base, opening: { ...base.opening, id: opening.id } }, trade())
  const order = { id: uuidV7(), releasedAt: AT, maker: 'Test', lines: [line!], supersedes: null }
  const result = await releaseOrder(store().db, acting, job.id, order)
  if (!result.ok) throw new Error(result.why)
  return result.order
}
const putOnItsWay = ({ acting }: Company, order: Order) => {
  const body = JSON.stringify(messageOf(order, { id: acting.companyId, name: 'X' }))
  return putOutgoing(store().db, acting, { id: order.id, orderId: order.id, kind: 'order', body, createdAt: AT }, 0)
}
const standing = async ({ acting }: Company, order: Order) => (await loadOrder(store().db, acting, order.id))!.standing

/** The supplier writes back what it read, with some members read otherwise. */
async function answer({ acting }: Company, order: Order, otherwise: Record<string, unknown>): Promise<void> {
  const { lines, company, order: envelope } = messageOf(order, { id: acting.companyId, name: 'X' })
  const text = JSON.stringify({
    format: 'harvek-acknowledgement',
    version: 1,
    company: company.id,
    order: envelope.id,
    state: 'accepted',
    message: '',
    lines: [{ ...lines[0], ...otherwise }],
  })
  const one = { id: uuidV7(), orderId: order.id, receivedAt: AT, text, print: uuidV7() }
  await addDeskAnswer(store().db, acting.companyId, one)
}
const receive = ({ acting }: Company, order: Order, state: 'accepted' | 'refused') =>
  addRows(store().db, RECEIPTS, acting, order.id, [
    receipt(order.id, { id: uuidV7(), state, note: 'a dent', at: LATER }),
  ])

it('an order stands where its last news leaves it', async () => {
  const company = await someCompany(store().db, 'Standing')
  const order = await released(company)
  expect(await standing(company, order)).toBe('elsewhere')
  await putOnItsWay(company, order)
  expect(await standing(company, order)).toBe('waiting')
  const row = { companyId: company.acting.companyId, id: order.id }
  await noteAttempt(store().db, row, { state: 'sent', attempts: 1, dueAt: 1, trouble: '', sentAt: AT })
  expect(await standing(company, order)).toBe('sent')
  await answer(company, order, { hinges: 'right' })
  expect(await standing(company, order)).toBe('open')
  await answer(company, order, {})
  expect(await standing(company, order)).toBe('acknowledged')
  await receive(company, order, 'refused')
  expect(await standing(company, order)).toBe('acknowledged')
  await receive(company, order, 'accepted')
  expect(await standing(company, order)).toBe('received')
})

it('prices and days are as listed, as acknowledged and as they came; a withdrawn order has none', async () => {
  const company = await someCompany(store().db, 'Prices')
  const order = await released(company)
  const prices = async () => (await loadOrders(store().db, company.acting))[0]!.prices
  expect(await prices()).toMatchObject([{ listCents: 60_000, saidCents: null, cameAfterDays: null }])
  await answer(company, order, { priceCents: 64_900, leadDays: 12 })
  await receive(company, order, 'accepted')
  expect(await prices()).toMatchObject([
    { listCents: 60_000, saidCents: 64_900, listDays: unit().leadDays, saidDays: 12, cameAfterDays: 7 },
  ])
  await withdrawOrder(store().db, company.acting, order.id, { at: LATER, by: 'Ida Marlow', reason: 'x' })
  expect(await prices()).toEqual([])
})

it('a door is planned for after its unit should be there: by its sheet, then by what its maker wrote back', async () => {
  const company = await someCompany(store().db, 'Arrivals')
  const order = await released(company)
  await putOnItsWay(company, order)
  const comesOn = async (at = AT) =>
    (await loadPlan(store().db, company.acting, new Date(at))).openings.find(one => one.id === company.opening.id)!
      .comesOn
  const inDays = (days: number) => arrivalOn({ releasedAt: order.releasedAt, days })
  expect(await comesOn()).toBe(inDays(unit().leadDays))
  await answer(company, order, { leadDays: unit().leadDays + 30 })
  expect(await comesOn()).toBe(inDays(unit().leadDays + 30))
  // An answer without days says nothing of them;
  await answer(company, order, { leadDays: undefined })
  expect(await comesOn()).toBe(inDays(unit().leadDays))
  // What should have come and did not comes on no day one can plan by.
  expect(await comesOn('2027-06-01T08:00:00.000Z')).toBeNull()
  await receive(company, order, 'accepted')
  expect(await comesOn()).toBeNull()
})

it('photos of the delivered unit go with its claim: those taken since it was released, of this opening', async () => {
  const company = await someCompany(store().db, 'Claims')
  const order = await released(company)
  const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#885533' } })
    .jpeg()
    .toBuffer()
  const take = async (slot: Photo['slot'], takenAt: string) => {
    const photo: Photo = { id: uuidV7(), slot, width: 40, height: 30, note: '', takenBy: 'Bram Oake', takenAt }
    await addPhoto(store().db, company.acting, company.opening.id, photo, { picture, small: picture })
    return photo
  }
  await take('delivery', '2026-01-02T00:00:00.000Z')
  await take(null, LATER)
  const dent = await take('delivery', LATER)
  expect((await loadOrder(store().db, company.acting, order.id))!.photos).toEqual([[dent]])
  expect(await loadClaim(store().db, company.acting, order.id, 1)).toBeNull()
  await receive(company, order, 'refused')
  const claim = (await loadClaim(store().db, company.acting, order.id, 1))!
  expect(claim.paper.blocks.filter(one => one.kind === 'picture')).toMatchObject([
    { caption: 'The delivered unit, Bram Oake, 2026-01-10', ratio: 0.75 },
  ])
  const pdf = await writePdf(claim.paper, new Date(LATER))
  expect(pdf.includes('/Subtype /Image')).toBe(true)
  const { acting } = await someCompany(store().db, 'Strangers')
  expect(await loadClaim(store().db, acting, order.id, 1)).toBeNull()
})

it('an order that comes with a job file says that it was not sent from there', async () => {
  const company = await someCompany(store().db, 'Sender')
  const order = await released(company)
  await putOnItsWay(company, order)
  await answer(company, order, {})
  const file = (await exportJob(store().db, company.acting, company.job.id, AT))!
  const { acting } = await someCompany(store().db, 'Taker')
  expect(await importJob(store().db, acting, file)).toBe(true)
  expect((await loadOrders(store().db, acting)).map(one => [one.id, one.standing])).toEqual([[order.id, 'elsewhere']])
  expect(await standing(company, order)).toBe('acknowledged')
})
