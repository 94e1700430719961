import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { v7 as uuidV7 } from 'uuid'
import { NEW_FIRM } from '@/core/catalogue/firm'
import { messageOf } from '@/core/exchange/message'
import { newEdits } from '@/core/new-edits'
import type { Order } from '@/core/order/order'
import type { Receipt } from '@/core/order/receipt'
import { done, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { inches } from '@/core/units/length'
import { type CourierOptions, carry, pauseAfter } from '@/server/courier'
import { freePort } from '../../tools/database.mjs'
import { startDesk } from '../../tools/devices.mjs'
import { saveChange } from './edits'
import {
  addDeskAnswer,
  callBack,
  claimDue,
  countOutgoing,
  hurry,
  listDeskAnswers,
  listOutgoing,
  noteAttempt,
  putOutgoing,
} from './exchange'
import { answerFromDesk, decision, outgoing, receipt, withdrawal } from './exchange-tables'
import { findFirm, findJobSchools, firmPlace, schoolsPlace } from './firm'
import { addOpening } from './jobs'
import { findOrder, listOrders, releaseOrder, withdrawOrder } from './orders'
import { addRows, DECISIONS, listRows, RECEIPTS } from './rows'
import { orderLine, purchaseOrder } from './tables'
import { sharedStore, someCompany } from './test/database'
import { addUnits, catalogueRevision } from './units'

const noMail = () => Promise.reject(new Error('no mail here'))
const store = sharedStore()
const AT = '2026-01-03T00:00:00.000Z'

/** The line of an accepted unit, worked out once: another opening's differs in who it is alone. */
const LINE = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const lineFor = (openingId: string) => ({ ...LINE, opening: { ...LINE.opening, id: openingId } })
type Company = Awaited<ReturnType<typeof someCompany>>
/** Releases an opening of its own, or the company's first one where an order is superseded. */
const release = async ({ acting, job }: Company, openingId: string, supersedes: string | null = null) =>
  releaseOrder(store().db, acting, job.id, {
    id: uuidV7(),
    releasedAt: AT,
    maker: 'Test',
    lines: [lineFor(openingId)],
    supersedes,
  })
const released = async (company: Company): Promise<Order> => {
  const opening = { id: uuidV7(), tag: 'A9', name: 'Of its own', family: 'hinged-outside' } as const
  await addOpening(store().db, company.acting, company.job.id, opening, newEdits('trim-off'))
  const result = await release(company, opening.id)
  if (!result.ok) throw new Error(result.why)
  return result.order
}
const messageFor = async (company: Company) => {
  const order = await released(company)
  const message = messageOf(order, { id: company.acting.companyId, name: 'X' })
  await putOutgoing(
    store().db,
    company.acting,
    { id: order.id, orderId: order.id, kind: 'order', body: JSON.stringify(message), createdAt: AT },
    0,
  )
  return order
}

describe('revisions', () => {
  it('count up under one number, and each takes the place of one', async () => {
    const company = await someCompany(store().db, 'Revisions')
    const first = await released(company)
    const { id: openingId } = first.lines[0]!.opening
    const result = await release(company, openingId, first.id)
    if (!result.ok) throw new Error(result.why)
    const second = result.order
    expect([first.number, first.revision, second.number, second.revision, second.supersedes]).toEqual([
      'H-0001',
      1,
      'H-0001',
      2,
      first.id,
    ])
    expect(await release(company, openingId, first.id)).toEqual({ ok: false, why: 'superseded' })
    expect(await release(company, openingId, uuidV7())).toEqual({ ok: false, why: 'superseded' })
    expect((await released(company)).number).toBe('H-0002')
  })
  it('of two at once, one is released', async () => {
    const company = await someCompany(store().db, 'Two at once')
    const first = await released(company)
    const { id: openingId } = first.lines[0]!.opening
    const both = await Promise.all([release(company, openingId, first.id), release(company, openingId, first.id)])
    expect(both.filter(one => one.ok)).toHaveLength(1)
    expect(await listOrders(store().db, company.acting, company.job.id)).toHaveLength(2)
  })
})

it('an opening is ordered once: of twenty at once one orders it, and whoever comes later is refused', async () => {
  const company = await someCompany(store().db, 'Once')
  const { id } = company.opening
  const all = await Promise.all(Array.from({ length: 20 }, () => release(company, id)))
  expect(all.filter(one => one.ok)).toHaveLength(1)
  const refused = { ok: false, why: 'ordered-already', tag: 'A1', number: 'H-0001' }
  expect(all.filter(one => !one.ok)).toEqual(Array.from({ length: 19 }, () => refused))
  expect(await listOrders(store().db, company.acting, company.job.id)).toHaveLength(1)
})

it('an opening of another job, and one whose order was superseded, stand in no one’s way', async () => {
  const [company, other] = await Promise.all([
    someCompany(store().db, 'One of two'),
    someCompany(store().db, 'Two of two'),
  ])
  const first = await release(company, company.opening.id)
  if (!first.ok) throw new Error(first.why)
  // The same article for another company's opening, and a revision of one's own.
  expect((await release(other, other.opening.id)).ok).toBe(true)
  const revised = await release(company, company.opening.id, first.order.id)
  if (!revised.ok) throw new Error(revised.why)
  expect(await release(company, company.opening.id)).toMatchObject({ why: 'ordered-already', number: 'H-0001' })
  const last = await release(company, company.opening.id, revised.order.id)
  expect(last.ok && last.order.revision).toBe(3)
})

it('an order that was withdrawn stands no more: its opening can be ordered anew, and the first reason stays', async () => {
  const company = await someCompany(store().db, 'Withdrawn')
  const first = await release(company, company.opening.id)
  if (!first.ok) throw new Error(first.why)
  for (const reason of ['other maker', 'second thoughts'])
    await withdrawOrder(store().db, company.acting, first.order.id, { at: AT, by: 'Ida Marlow', reason })
  const found = await findOrder(store().db, company.acting, first.order.id)
  expect(found!.order).toEqual({ ...first.order, withdrawn: { at: AT, by: 'Ida Marlow', reason: 'other maker' } })
  const second = await release(company, company.opening.id)
  expect(second.ok && [second.order.number, second.order.revision]).toEqual(['H-0002', 1])
})

describe('what is never changed', () => {
  it.each([
    ['order_line', orderLine, { data: {} }],
    ['purchase_order', purchaseOrder, { maker: 'Other' }],
    ['desk_answer', answerFromDesk, { text: 'x' }],
    ['decision', decision, { verdict: 'accepted' }],
    ['receipt', receipt, { data: {} }],
    ['withdrawal', withdrawal, { reason: 'x' }],
    ['outgoing', outgoing, { body: '{}' }],
  ] as const)('%s: the database itself refuses', async (_, table, change) => {
    const company = await someCompany(store().db, `Frozen ${uuidV7()}`)
    const order = await messageFor(company)
    const answerId = uuidV7()
    await addDeskAnswer(store().db, company.acting.companyId, {
      id: answerId,
      orderId: order.id,
      receivedAt: AT,
      text: 'y',
      print: 'p',
    })
    await addRows(store().db, DECISIONS, company.acting, order.id, [
      {
        id: uuidV7(),
        orderId: order.id,
        answerId,
        line: 1,
        path: 'hinges',
        verdict: 'objected' as const,
        by: 'Ida',
        at: AT,
      },
    ])
    await addRows(store().db, RECEIPTS, company.acting, order.id, [receiptOf(order.id)])
    const ended = { at: AT, by: 'Ida', reason: 'y' }
    await withdrawOrder(store().db, company.acting, order.id, ended)
    const refused = { cause: expect.objectContaining({ sqlState: '45000' }) }
    await expect(
      store()
        .db.update(table)
        .set(change as never),
    ).rejects.toMatchObject(refused)
    if (table !== outgoing) await expect(store().db.delete(table)).rejects.toMatchObject(refused)
    expect((await findOrder(store().db, company.acting, order.id))!.order).toEqual({ ...order, withdrawn: ended })
  })
})

const receiptOf = (orderId: string, more: Partial<Receipt> = {}): Receipt => ({
  id: uuidV7(),
  orderId,
  line: 1,
  readings: { 'width.top': inches(37, 1, 2) },
  hinges: 'left',
  swing: 'in',
  checks: { kerf: 'right' },
  counts: {},
  damage: [],
  state: 'hold',
  note: 'photo taken',
  by: 'Ida Marlow',
  at: AT,
  ...more,
})

describe('receipts', () => {
  it('come back as they were sent, once each, in the order they were made', async () => {
    const company = await someCompany(store().db, 'Receipts')
    const order = await released(company)
    const [one, later] = [
      receiptOf(order.id),
      receiptOf(order.id, { at: '2026-01-04T00:00:00.000Z', state: 'accepted' }),
    ]
    for (const row of [later, one, one])
      expect(await addRows(store().db, RECEIPTS, company.acting, order.id, [row])).toEqual({
        stored: [row.id],
        conflicting: [],
      })
    expect(await listRows(store().db, RECEIPTS, company.acting, [order.id])).toEqual([one, later])
  })
  it('of a taken id that says something else is refused', async () => {
    const company = await someCompany(store().db, 'Receipt conflict')
    const order = await released(company)
    const one = receiptOf(order.id)
    await addRows(store().db, RECEIPTS, company.acting, order.id, [one])
    const other = { ...one, state: 'accepted' as const }
    expect((await addRows(store().db, RECEIPTS, company.acting, order.id, [other])).conflicting).toEqual([one.id])
  })
})

describe('what is on its way', () => {
  it('waits its first minute, and is called back in it: once, and not when it is on its way', async () => {
    const company = await someCompany(store().db, 'Held')
    const { acting } = company
    const order = await released(company)
    const put = (id: string, dueAt: number) =>
      putOutgoing(store().db, acting, { id, orderId: order.id, kind: 'order', body: '{}', createdAt: AT }, dueAt)
    const carried = async (now: number) =>
      (await claimDue(store().db, now, { until: now + 1000, most: 50, longest: 300_000 })).filter(
        one => one.orderId === order.id,
      ).length
    await put(uuidV7(), 61_000)
    expect(await carried(60_000)).toBe(0)
    expect([
      await callBack(store().db, acting, order.id, 60_500),
      await callBack(store().db, acting, order.id, 60_600),
    ]).toEqual([true, false])
    expect(await carried(62_000)).toBe(0)
    await put(uuidV7(), 61_000)
    expect(await callBack(store().db, acting, order.id, 61_000)).toBe(false)
    expect(await carried(61_000)).toBe(1)
    expect(await callBack(store().db, acting, order.id, 60_000)).toBe(false)
  })
  it('is carried by one at a time, and by the next one when that one dies', async () => {
    const company = await someCompany(store().db, 'Claims')
    const order = await messageFor(company)
    const mine = async (now: number) =>
      (await claimDue(store().db, now, { until: now + 1000, most: 50, longest: 300_000 })).map(one => one.id)
    const both = await Promise.all([mine(10), mine(10)])
    expect(both.flat().filter(id => id === order.id)).toHaveLength(1)
    expect(await mine(500)).not.toContain(order.id)
    expect(await mine(1011)).toContain(order.id)
  })
  it('is not due before its time, and at once when it is hurried', async () => {
    const company = await someCompany(store().db, 'Due')
    const order = await messageFor(company)
    const key = { companyId: company.acting.companyId, id: order.id }
    await noteAttempt(store().db, key, { state: 'waiting', attempts: 3, dueAt: 9_000_000, trouble: 'away' })
    const ids = async (now: number) =>
      (await claimDue(store().db, now, { until: now, most: 50, longest: 300_000 })).map(one => one.id)
    expect(await ids(8_999_999)).not.toContain(order.id)
    await hurry(store().db, company.acting, order.id, 5)
    expect(await ids(8_999_999)).toContain(order.id)
    expect(await listOutgoing(store().db, company.acting, [order.id])).toMatchObject([{ attempts: 3, trouble: 'away' }])
  })
  it('an answer that comes twice is one, another is another', async () => {
    const company = await someCompany(store().db, 'Answers')
    const order = await released(company)
    for (const text of ['a', 'a', 'b'])
      await addDeskAnswer(store().db, company.acting.companyId, {
        id: uuidV7(),
        orderId: order.id,
        receivedAt: AT,
        text,
        print: text,
      })
    expect((await listDeskAnswers(store().db, company.acting, [order.id])).map(one => one.text).sort()).toEqual([
      'a',
      'b',
    ])
  })
})

describe('a second company', () => {
  it('finds nothing of the first’s exchange, rates or practices', async () => {
    const one = await someCompany(store().db, 'First exchange')
    const { acting } = await someCompany(store().db, 'Second exchange')
    const order = await messageFor(one)
    await addRows(store().db, RECEIPTS, one.acting, order.id, [receiptOf(order.id)])
    await saveChange(firmPlace(store().db, one.acting), {
      revision: 0,
      base: NEW_FIRM,
      data: { ...NEW_FIRM, secondLookCents: 7 },
    })
    await saveChange(schoolsPlace(store().db, one.acting, one.job.id), {
      revision: 0,
      base: {},
      data: { extension: 'solid-only' },
    })
    await addUnits(store().db, one.acting, [unit({ id: uuidV7() })])
    expect([
      await listOutgoing(store().db, acting, [order.id]),
      await listDeskAnswers(store().db, acting, [order.id]),
      await listRows(store().db, DECISIONS, acting, [order.id]),
      await listRows(store().db, RECEIPTS, acting, [order.id]),
      (await findFirm(store().db, acting)).data.secondLookCents,
      (await findJobSchools(store().db, acting, one.job.id)).data,
      await countOutgoing(store().db, acting),
      await catalogueRevision(store().db, acting),
    ]).toEqual([[], [], [], [], NEW_FIRM.secondLookCents, {}, {}, 0])
  })
})

it.each([
  [1, 1000],
  [2, 2000],
  [5, 16_000],
  [40, 300_000],
])('the pause after %s tries that failed is %s ms', (attempts, pause) =>
  expect(
    pauseAfter(attempts, { desk: '', mail: noMail, firstPause: 1000, longestPause: 300_000, patience: 1, most: 1 }),
  ).toBe(pause),
)

it('200 orders reach a desk that fails half of its answers and is killed twice, each exactly once', async () => {
  const company = await someCompany(store().db, 'Two hundred')
  const orders: string[] = []
  for (let i = 0; i < 200; i++) orders.push((await messageFor(company)).id)
  const file = join(store().folder, 'desk.jsonl')
  const port = await freePort()
  let desk = await startDesk(port, file)
  await desk.tell({ fail: 0.5, delay: 0 })
  const options: CourierOptions = {
    desk: desk.address,
    mail: noMail,
    firstPause: 5,
    longestPause: 40,
    patience: 2000,
    most: 16,
  }
  let kills = 0
  const open = async () => {
    const counts = await countOutgoing(store().db, company.acting)
    return (counts.waiting ?? 0) + (counts.sent ?? 0)
  }
  for (let round = 0; round < 3000 && (await open()) > 0; round++) {
    // A second carrier at the same time takes nothing that the first one has.
    await Promise.all([carry(store().db, options), carry(store().db, options)])
    if ((kills === 0 && round === 10) || (kills === 1 && round === 30)) {
      const carrying = carry(store().db, options)
      await desk.kill()
      await carrying
      desk = await startDesk(port, file)
      await desk.tell({ fail: 0.5, delay: 0 })
      kills += 1
    }
  }
  await desk.stop()
  expect([kills, await open()]).toEqual([2, 0])
  expect(existsSync(file)).toBe(true)
  const taken = readFileSync(file, 'utf8')
    .split('\n')
    .flatMap(line => (line.startsWith('{"kind":"taken"') ? [JSON.parse(line)] : []))
    .map(row => JSON.parse(row.body).order.id as string)
  expect(new Set(taken).size).toBe(taken.length)
  expect(taken.filter(id => orders.includes(id)).sort()).toEqual([...orders].sort())
  const answers = await listDeskAnswers(store().db, company.acting, orders)
  expect(new Set(answers.map(one => one.orderId)).size).toBe(200)
}, 120_000)
