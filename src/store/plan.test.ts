import { eq } from 'drizzle-orm'
import ICAL from 'ical.js'
import { v7 as uuidV7 } from 'uuid'
import { breaksIn } from '@/core/plan/breaks'
import type { Placing } from '@/core/plan/placing'
import { boardFrom, placedFrom } from '@/core/plan/plan-view'
import { dayOf, minuteOf } from '@/core/plan/wall'
import { stepEntry } from '@/core/test/fixtures'
import { todayFor } from '@/server/day'
import { loadDay } from '@/server/load-day'
import { crewCalendar, loadPlan } from '@/server/load-plan'
import { STEPS } from '@/trade/steps'
import { saveChange } from './edits'
import { firmPlace } from './firm'
import { dayEntry, placing } from './plan-tables'
import { addRows, DAY_ENTRIES, LOG_ENTRIES, listRows, PLACINGS } from './rows'
import { opening } from './tables'
import { demoOwner } from './test/counted'
import { sharedStore } from './test/database'

const store = sharedStore('demo')
const NOW = new Date('2026-11-26T08:00:00.000Z')
const owner = () => demoOwner(store().db)
const idOf = async (tag: string) => (await store().db.select().from(opening).where(eq(opening.tag, tag)))[0]!.id
const placingOf = (
  part: string,
  crew: string | null,
  day: string | null,
  minute: number | null,
  at: string,
): Placing => ({
  id: uuidV7(),
  part,
  crew,
  day,
  minute,
  isFixed: true,
  closure: null,
  by: 'Ida Marlow',
  at,
})

describe('the demo’s plan', () => {
  it('breaks nothing, of two crews over weeks', async () => {
    const given = await loadPlan(store().db, await owner(), NOW)
    const placed = placedFrom(given.placings, given.crews)
    expect(given.crews.map(one => one.name)).toEqual(['Harbour crew', 'Loft crew'])
    expect(placed.length).toBeGreaterThan(20)
    expect(breaksIn(boardFrom(given), placed)).toEqual([])
    expect(new Set(placed.map(one => dayOf(one.start))).size).toBeGreaterThan(4)
  })
  it('is each crew’s day in order, with until when a doorway may be opened', async () => {
    const who = await owner()
    const given = await loadPlan(store().db, who, NOW)
    const opens = new Set(
      boardFrom(given)
        .tasks.filter(one => one.opens)
        .map(one => one.id),
    )
    const first = placedFrom(given.placings, given.crews).find(one => opens.has(one.task))!
    const at = new Date(`${dayOf(first.start)}T06:00:00.000Z`)
    const { crews } = await todayFor(store().db, who, at)
    const day = crews.find(one => one.id === first.crew)!
    expect(day.tasks.map(one => one.from)).toEqual(day.tasks.map(one => one.from).toSorted((a, b) => a - b))
    const own = day.tasks.find(one => `${one.openingId}/${one.part}` === first.task)!
    expect(own.from).toBe(minuteOf(first.start))
    // By then at the latest it is opened, and not before it is planned.
    expect(Date.parse(own.latestAt!)).toBeGreaterThanOrEqual(
      Date.parse(`${dayOf(first.start)}T00:00:00Z`) + own.from * 60_000 - 3_600_000,
    )
    expect([own.isLate, own.isDone]).toEqual([false, false])
    const late = await todayFor(store().db, who, new Date(`${dayOf(first.start)}T23:30:00.000Z`))
    expect(late.crews.find(one => one.id === first.crew)!.tasks.every(one => one.isLate || one.isDone)).toBe(true)
  })
  it('is a calendar another program reads, in which a moved task moves', async () => {
    const who = await owner()
    const given = await loadPlan(store().db, who, NOW)
    const crew = given.crews[0]!
    const events = async () => {
      const { ics } = (await crewCalendar(store().db, who, crew.id, NOW))!
      return new ICAL.Component(ICAL.parse(ics)).getAllSubcomponents('vevent').map(one => new ICAL.Event(one))
    }
    const before = await events()
    expect(before.length).toBe(placedFrom(given.placings, given.crews).filter(one => one.crew === crew.id).length)
    expect(new Set(before.map(one => one.uid)).size).toBe(before.length)
    const zone = given.jobs[0]!.zone
    const moved = before[0]!
    const [openingId, part] = [moved.uid.slice(0, 36), moved.uid.slice(37).replace('@harvek', '')]
    await addRows(store().db, PLACINGS, who, openingId, [
      placingOf(part, crew.id, '2026-12-17', 600, '2026-11-26T09:00:00.000Z'),
    ])
    const after = (await events()).find(one => one.uid === moved.uid)!
    const there = after.startDate.toJSDate().toLocaleString('sv-SE', { timeZone: zone })
    expect([there, after.sequence, moved.sequence]).toEqual(['2026-12-17 10:00:00', 1, 0])
    expect(await crewCalendar(store().db, who, uuidV7(), NOW)).toBeNull()
  })
})

describe('a day', () => {
  it('takes along what the steps planned on it take, and what follows on the next on that', async () => {
    const who = await owner()
    const [id, crew] = [await idOf('D3'), who.company.firm.data.crews[0]!.id]
    await addRows(store().db, PLACINGS, who, id, [
      placingOf('work-1', crew, '2026-12-21', 450, '2026-11-26T09:00:00.000Z'),
      placingOf('work-2', crew, '2026-12-22', 450, '2026-11-26T09:00:01.000Z'),
      placingOf('handover', null, null, null, '2026-11-26T09:00:02.000Z'),
    ])
    const [first, second, none] = await Promise.all(
      ['2026-12-21', '2026-12-22', '2026-12-23'].map(day => loadDay(store().db, who, day, NOW)),
    )
    const names = (day: typeof first) => day!.load.items.map(one => one.material)
    expect(first!.jobs[0]!.openings.map(one => [one.tag, one.at])).toEqual([
      ['D3', { crew: 'Harbour crew', minute: 450 }],
    ])
    expect(names(first)).toEqual(expect.arrayContaining(['foam', 'pan-end', 'point-screw']))
    expect(names(first)).not.toContain('casing')
    expect(names(second)).toContain('finish-nail')
    expect(names(second)).not.toContain('foam')
    expect([none!.jobs, none!.load.items]).toEqual([[], []])
    expect([await loadDay(store().db, who, '2026-02-30', NOW), await loadDay(store().db, who, 'soon', NOW)]).toEqual([
      null,
      null,
    ])
  })
  it('counts the van, less what was used since it was counted', async () => {
    const who = await owner()
    const place = firmPlace(store().db, who)
    const { revision, data } = await place.find()
    const van = {
      flats: [],
      wedgePairs: 0,
      others: [{ material: 'foam', size: null, count: 9 }],
      countedAt: '2026-11-26T08:00:00.000Z',
    } as const
    await saveChange(place, { revision, base: data, data: { ...data, van } })
    const foamOn = async () =>
      (await loadDay(store().db, await owner(), '2026-12-21', NOW))!.load.items.find(one => one.material === 'foam')
    const before = (await foamOn())!
    // What the demo’s crew did since is taken off already.
    expect([before.held! < 9, before.held! > 2, before.short]).toEqual([true, true, 0])
    const foam = STEPS['prehung-outside'].find(one => one.id === 'foam')!
    const noted = { ...stepEntry(foam, 0), id: uuidV7(), at: new Date().toISOString() }
    await addRows(store().db, LOG_ENTRIES, who, await idOf('D2'), [noted])
    expect((await foamOn())!.held).toBeLessThan(before.held!)
  })
  it('keeps what was noted of it once, and for good', async () => {
    const who = await owner()
    const note = {
      id: uuidV7(),
      kind: 'loaded',
      key: 'foam',
      result: 'yes',
      by: 'Ida Marlow',
      at: '2026-11-26T07:00:00.000Z',
    } as const
    const twice = [
      await addRows(store().db, DAY_ENTRIES, who, '2026-12-21', [note]),
      await addRows(store().db, DAY_ENTRIES, who, '2026-12-21', [note]),
    ]
    expect(twice.map(one => one.conflicting)).toEqual([[], []])
    expect(await listRows(store().db, DAY_ENTRIES, who, ['2026-12-21'])).toEqual([note])
    await expect(store().db.update(dayEntry).set({ result: 'no' })).rejects.toThrow()
    await expect(store().db.delete(placing)).rejects.toThrow()
  })
})
