import { createServer, type Server, type ServerResponse } from 'node:http'
import { v7 as uuidV7 } from 'uuid'
import { done, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { type CourierOptions, carry } from '@/server/courier'
import { listDeskAnswers, listOutgoing, putMail, putOutgoing } from './exchange'
import { outgoing } from './exchange-tables'
import { releaseOrder } from './orders'
import { sharedStore, someCompany } from './test/database'

// A desk or a mail server that misbehaves, at the other end of the carrier.

const store = sharedStore()
const AT = '2026-01-03T10:00:00.000Z'

let answer: (path: string, response: ServerResponse) => void = (_, response) => response.writeHead(500).end()
let asked: string[] = []
let desk: Server
let elsewhere: Server
const listen = (server: Server) =>
  new Promise<string>(resolve =>
    server.listen(0, '127.0.0.1', () => {
      const at = server.address()
      resolve(`http://127.0.0.1:${at && typeof at === 'object' ? at.port : 0}`)
    }),
  )
let options: CourierOptions
let otherAddress = ''
const toOthers: string[] = []
beforeAll(async () => {
  desk = createServer((request, response) => {
    asked.push(request.url ?? '')
    request.resume()
    request.on('end', () => answer(request.url ?? '', response))
  })
  elsewhere = createServer((request, response) => {
    toOthers.push(request.url ?? '')
    response.end('{}')
  })
  otherAddress = await listen(elsewhere)
  options = {
    desk: await listen(desk),
    mail: () => Promise.reject(new Error('no mail here')),
    firstPause: 1000,
    longestPause: 60_000,
    patience: 2000,
    most: 50,
  }
})
afterAll(() => {
  desk.close()
  elsewhere.close()
})
beforeEach(() => {
  asked = []
})
// Nothing that one story leaves on its way is carried in the next.
afterEach(() => store().db.delete(outgoing))

async function onItsWay() {
  const { acting, job, opening } = await someCompany(store().db, 'Carried')
  const base = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
  const { line } = done({ ...base, opening: { ...base.opening, id: opening.id } }, trade())
  const release = { id: uuidV7(), releasedAt: AT, maker: 'Test', lines: [line!], supersedes: null }
  const result = await releaseOrder(store().db, acting, job.id, release)
  if (!result.ok) throw new Error(result.why)
  await putOutgoing(
    store().db,
    acting,
    { id: release.id, orderId: release.id, kind: 'order', body: '{}', createdAt: AT },
    0,
  )
  return {
    acting,
    id: release.id,
    row: async () => (await listOutgoing(store().db, acting, [release.id]))[0]!,
  }
}

it.each([401, 403, 408, 429])('a desk that answers %s is asked again, later', async status => {
  const { row } = await onItsWay()
  answer = (_, response) => response.writeHead(status, { 'retry-after': '20' }).end('{}')
  await carry(store().db, options)
  const { state, attempts, dueAt } = await row()
  expect([state, attempts]).toEqual(['waiting', 1])
  expect(dueAt - Date.now()).toBeGreaterThan(15_000)
})
it('a desk that would not take it is not asked again', async () => {
  const { row } = await onItsWay()
  answer = (_, response) => response.writeHead(422).end('{"message":"no such maker"}')
  await carry(store().db, options)
  expect(await row()).toMatchObject({ state: 'answered', trouble: 'The desk would not take it: no such maker' })
})
it('a desk that sends elsewhere is not followed: nothing of the order goes there', async () => {
  const { row } = await onItsWay()
  answer = (_, response) => response.writeHead(307, { location: `${otherAddress}/messages` }).end()
  await carry(store().db, options)
  expect(await row()).toMatchObject({ state: 'waiting', trouble: 'The desk sends elsewhere; it is not followed.' })
  expect(toOthers).toEqual([])
})
it('an answer without end is left, and many at once are taken in part', async () => {
  const { acting, id, row } = await onItsWay()
  answer = (path, response) =>
    path === '/messages'
      ? response.writeHead(200).end('{}')
      : response.writeHead(200).end(`{"answers":["${'x'.repeat(2_000_000)}"]}`)
  await carry(store().db, options)
  await new Promise(resolve => setTimeout(resolve, 1100))
  await carry(store().db, options)
  expect(await row()).toMatchObject({ state: 'sent', trouble: 'The desk says more than can be taken.' })
  expect(await listDeskAnswers(store().db, acting, [id])).toEqual([])
  answer = (_, response) =>
    response.writeHead(200).end(JSON.stringify({ answers: Array.from({ length: 200 }, (_, i) => `answer ${i}`) }))
  await new Promise(resolve => setTimeout(resolve, 1100))
  await carry(store().db, options)
  expect(await listDeskAnswers(store().db, acting, [id])).toHaveLength(50)
})
it('what was put off before the clock was set back is due at once', async () => {
  const { row } = await onItsWay()
  await store()
    .db.update(outgoing)
    .set({ dueAt: Date.now() + 86_400_000, claimedUntil: Date.now() + 86_400_000 })
  answer = (_, response) => response.writeHead(200).end('{}')
  await carry(store().db, options)
  expect((await row()).state).toBe('sent')
})
it('a mail waits for its server, and goes out once', async () => {
  const body = JSON.stringify({ to: 'a@b.example', subject: 'S', text: 'T' })
  await putMail(store().db, { companyId: '', id: uuidV7(), body, createdAt: AT })
  expect(await carry(store().db, options)).toBe(1)
  const [waiting] = await store().db.select().from(outgoing)
  expect(waiting).toMatchObject({ state: 'waiting', attempts: 1, trouble: 'The mail server: no mail here' })
  await store().db.update(outgoing).set({ dueAt: 0 })
  const sent: string[] = []
  const takes = { ...options, mail: async (text: string) => void sent.push(text) }
  expect([await carry(store().db, takes), await carry(store().db, takes), sent]).toEqual([1, 0, [body]])
  expect(asked).toEqual([])
})
