import { and, eq } from 'drizzle-orm'
import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import { fact, readings as made, receipt } from '@/core/test/fixtures'
import { todayFor } from '@/server/day'
import { loadDay } from '@/server/load-day'
import { loadOpenings } from '@/server/load-opening'
import { loadOrder } from '@/server/load-order'
import { loadPlan } from '@/server/load-plan'
import { summariesOf } from '@/server/summaries'
import { findKnown } from './company'
import { editOf, saveChange } from './edits'
import { firmPlace } from './firm'
import { addOpening, archiveOpening, findJobWhole, openingPlace } from './jobs'
import { orderTag } from './order-tag'
import { withdrawOrder } from './orders'
import { ANSWERS, addRows, READINGS, RECEIPTS } from './rows'
import { openingState } from './state-table'
import { opening, orderLine, purchaseOrder } from './tables'
import { countedStore, demoOwner } from './test/counted'
import { sharedStore } from './test/database'

const store = sharedStore('demo')
const NOW = new Date('2026-11-26T08:00:00.000Z')

const counted = countedStore(store)
const { cost } = counted
const owner = () => demoOwner(store().db)
const idOf = async (tag: string): Promise<{ readonly id: string; readonly jobId: string }> =>
  (await store().db.select().from(opening).where(eq(opening.tag, tag)))[0]!
const revisionOf = async (id: string): Promise<number> =>
  (await store().db.select().from(openingState).where(eq(openingState.openingId, id)))[0]!.revision

describe('what a page costs', () => {
  it('is the same for ten openings and for many', async () => {
    const who = await owner()
    const { jobId } = await idOf('A1')
    const orderId = (await store().db.select().from(purchaseOrder))[0]!.id
    const sheet = (await idOf('D1')).id
    const costs = async () => {
      const db = counted.db()
      // Once, so that what is summed up is kept.
      await todayFor(db, who, NOW)
      await summariesOf(db, who, { jobs: [jobId], putAway: true }, ['small'], NOW)
      return {
        who: await cost(() => findKnown(db, who.memberId)),
        today: await cost(() => todayFor(db, who, NOW)),
        plan: await cost(() => loadPlan(db, who, NOW)),
        day: await cost(() => loadDay(db, who, '2026-11-27', NOW)),
        job: await cost(async () => {
          await findJobWhole(db, who, jobId)
          await summariesOf(db, who, { jobs: [jobId], putAway: true }, ['small'], NOW)
        }),
        sheet: await cost(() => loadOpenings(db, who, [sheet])),
        many: await cost(() => loadOpenings(db, who, [sheet, sheet, jobId])),
        order: await cost(() => loadOrder(db, who, orderId, NOW)),
        asked: await cost(() => orderTag(db, who, orderId)),
      }
    }
    await costs()
    const few = await costs()
    const first = (await loadOpenings(store().db, who, [(await idOf('A2')).id]))[0]!
    for (let i = 0; i < 60; i++)
      await addOpening(
        store().db,
        who,
        jobId,
        { id: uuidV7(), tag: `X${i}`, name: 'One of many', family: first.opening.family },
        newEdits('trim-off'),
      )
    // The member is looked up besides: Today 4 at most, the plan 8, a job 5, a sheet 8, an order 8.
    expect(few).toEqual({ who: 1, today: 3, plan: 6, day: 11, job: 2, sheet: 7, many: 7, order: 7, asked: 1 })
    await costs()
    expect(await costs()).toEqual(few)
  }, 60_000)
})

describe('what was summed up of an opening', () => {
  const summary = async (id: string, now = NOW) =>
    (await summariesOf(store().db, await owner(), { ids: [id] }, ['ordering'], now)).openings[0]!

  it('is made anew by whatever is changed: rows, records, the job’s, the firm’s', async () => {
    const who = await owner()
    const { id } = await idOf('A2')
    const seen = [await revisionOf(id)]
    const said = (await summary(id)).summary.said
    const note = async () => void seen.push(await revisionOf(id))
    await addRows(
      store().db,
      READINGS,
      who,
      id,
      made({ 'wall.left': '4 3/4' }).map(one => ({ ...one, id: uuidV7() })),
    )
    await note()
    expect((await summary(id)).summary.said).toBe(said + 1)
    await addRows(store().db, ANSWERS, who, id, [{ ...fact('fact.condition', 'sound'), id: uuidV7() }])
    await note()
    const place = editOf(store().db, who, id, 'seal')
    const { revision, data } = await place.find()
    await saveChange(place, { revision, base: data, data: { ...data, corners: !data.corners } })
    await note()
    const details = openingPlace(store().db, who, id)
    const was = await details.find()
    await saveChange(details, { revision: was.revision, base: was.data, data: { ...was.data, name: 'Renamed' } })
    await note()
    await archiveOpening(store().db, who, id, '2026-11-26T08:00:00.000Z')
    await archiveOpening(store().db, who, id, null)
    await note()
    expect(seen.map((one, i) => i === 0 || one > seen[i - 1]!)).toEqual(seen.map(() => true))
    expect((await summary(id)).opening.name).toBe('Renamed')
    const stood = await summaryOf(id)
    const firm = firmPlace(store().db, who)
    const own = await firm.find()
    await saveChange(firm, {
      revision: own.revision,
      base: own.data,
      data: own.data,
    })
    await summary(id)
    expect(await summaryOf(id)).not.toBe(stood)
  }, 30_000)
  const summaryOf = async (id: string) =>
    (await store().db.select().from(openingState).where(eq(openingState.openingId, id)))[0]!.summaryOf

  it('is made anew for every opening of an order that came or was taken back', async () => {
    const who = await owner()
    const { id } = await idOf('A1')
    const [line] = await store()
      .db.select({ orderId: orderLine.orderId })
      .from(orderLine)
      .where(and(eq(orderLine.companyId, who.companyId), eq(orderLine.openingId, id)))
    const before = await revisionOf(id)
    const tag = await orderTag(store().db, who, line!.orderId)
    const came = receipt(line!.orderId, {
      id: uuidV7(),
      state: 'refused',
      note: 'a dent',
      at: '2026-11-26T09:00:00.000Z',
    })
    await addRows(store().db, RECEIPTS, who, line!.orderId, [came])
    const between = await revisionOf(id)
    await withdrawOrder(store().db, who, line!.orderId, {
      at: '2026-11-26T09:30:00.000Z',
      by: who.name,
      reason: 'Bent.',
    })
    expect([between > before, (await revisionOf(id)) > between]).toEqual([true, true])
    expect(await orderTag(store().db, who, line!.orderId)).not.toBe(tag)
  })
  it('holds no longer than until foam has hardened', async () => {
    const who = await owner()
    const ids = (await store().db.select({ id: opening.id }).from(opening)).map(one => one.id)
    await summariesOf(store().db, who, { ids }, [], NOW)
    const waiting = (await store().db.select().from(openingState)).filter(one => one.freshUntil !== null)
    expect(waiting.length).toBeGreaterThan(0)
    const [one] = waiting
    const later = new Date(Date.parse(one!.freshUntil!) + 1)
    expect(await cost(() => summariesOf(counted.db(), who, { ids: [one!.openingId] }, [], NOW))).toBe(1)
    expect(await cost(() => summariesOf(counted.db(), who, { ids: [one!.openingId] }, [], later))).toBeGreaterThan(6)
  }, 30_000)
  it('is made once, however many ask for it at the same moment', async () => {
    const who = await owner()
    const { id } = await idOf('A3')
    await addRows(
      store().db,
      READINGS,
      who,
      id,
      made({ 'wall.left': '4 7/8' }).map(one => ({ ...one, id: uuidV7() })),
    )
    const all: Awaited<ReturnType<typeof summary>>[] = []
    const asked = await cost(async () => {
      const found = await Promise.all(
        Array.from({ length: 20 }, () => summariesOf(counted.db(), who, { ids: [id] }, ['ordering'], NOW)),
      )
      all.push(...found.flatMap(one => one.openings))
    })
    expect(new Set(all.map(one => JSON.stringify(one.summary))).size).toBe(1)
    // Twenty looks, and what makes it: seven statements and the one that keeps it.
    expect(asked).toBeLessThan(40)
  }, 30_000)
  it('says what the work says', async () => {
    const who = await owner()
    const days = await todayFor(store().db, who, NOW)
    const again = await todayFor(store().db, who, NOW)
    expect(again).toEqual(days)
    expect(days.days.flatMap(day => day.openings).length).toBeGreaterThan(20)
  }, 30_000)
})
