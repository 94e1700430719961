import { eq } from 'drizzle-orm'
import { v7 as uuidV7 } from 'uuid'
import { taskId } from '@/core/plan/placing'
import { type BoardGiven, boardFrom, type PlanGiven, placedFrom } from '@/core/plan/plan-view'
import { readings as made } from '@/core/test/fixtures'
import { loadPlan } from '@/server/load-plan'
import { planText } from '@/server/plan-text'
import { saveChange } from './edits'
import { firmPlace } from './firm'
import { addCompany, archiveOpening, jobPlace } from './jobs'
import { countPlacings } from './placings'
import { addRows, PLACINGS, READINGS } from './rows'
import { opening } from './tables'
import { countedStore, demoOwner } from './test/counted'
import { sharedStore } from './test/database'

// The board as one text: while nothing it is made of is changed it is neither read nor worked out again.

const store = sharedStore('demo')
const NOW = new Date('2026-11-26T08:00:00.000Z')
const counted = countedStore(store)
const { cost } = counted
const owner = () => demoOwner(store().db)
const idOf = async (tag: string) => (await store().db.select().from(opening).where(eq(opening.tag, tag)))[0]!
const isLeft = ({ openings }: PlanGiven, task: string) =>
  openings.some(one => one.tasks.some(it => taskId(one.id, it.part) === task))
/** The board without what is only worked out when it is asked for. */
const written = (given: PlanGiven): unknown => JSON.parse(JSON.stringify(boardFrom(given)))
const read = async (): Promise<BoardGiven> => JSON.parse((await text()).json)
const text = async (now = NOW) => planText(counted.db(), await owner(), now)

describe('the board', () => {
  it('is the plan as it is, without what is done', async () => {
    const [board, plan] = [await read(), await loadPlan(store().db, await owner(), NOW)]
    const { openings, ...rest } = JSON.parse(JSON.stringify(plan)) as PlanGiven
    expect(written(board)).toEqual(written(plan))
    expect(placedFrom(board.placings, board.crews).filter(one => isLeft(board, one.task))).toEqual(
      placedFrom(plan.placings, plan.crews).filter(one => isLeft(board, one.task)),
    )
    expect(board).toMatchObject({
      jobs: rest.jobs,
      crews: rest.crews,
      pace: rest.pace,
      closedFactor: rest.closedFactor,
    })
    expect(board.openings.flatMap(one => one.tasks).filter(one => one.minutes === 0)).toEqual([])
    expect(openings.flatMap(one => one.tasks).filter(one => one.minutes === 0).length).toBeGreaterThan(0)
    expect(board.placed).toBe(await countPlacings(store().db, await owner()))
  })
  it('costs one statement while nothing is changed, and is made once however many ask', async () => {
    const who = await owner()
    await text()
    expect(await cost(() => planText(counted.db(), who, NOW))).toBe(1)
    await addRows(store().db, PLACINGS, who, (await idOf('D3')).id, [put('2026-12-21')])
    const asked = await cost(() => Promise.all(Array.from({ length: 8 }, () => planText(counted.db(), who, NOW))))
    // Each looks how it stands; one of them reads it.
    expect(asked).toBeLessThan(8 + 8)
  })
  const put = (day: string) => ({
    id: uuidV7(),
    part: 'work-1',
    crew: null,
    day: null,
    minute: null,
    isFixed: false,
    closure: null,
    by: 'Ida Marlow',
    at: `${day}T09:00:00.000Z`,
  })
  it('is another one after whatever it is made of was changed', async () => {
    const who = await owner()
    const { id, jobId } = await idOf('A2')
    const { db } = store()
    const changes: Readonly<Record<string, () => Promise<unknown>>> = {
      placing: () => addRows(db, PLACINGS, who, id, [put('2026-12-22')]),
      reading: () =>
        addRows(
          db,
          READINGS,
          who,
          id,
          made({ 'wall.left': '4 3/4' }).map(one => ({ ...one, id: uuidV7() })),
        ),
      job: async () => {
        const place = jobPlace(db, who, jobId)
        const { revision, data } = await place.find()
        await saveChange(place, { revision, base: data, data: { ...data, name: 'Another name' } })
      },
      firm: async () => {
        const place = firmPlace(db, who)
        const { revision, data } = await place.find()
        const crews = data.crews.map(one => ({ ...one, name: `${one.name} 2` }))
        await saveChange(place, { revision, base: data, data: { ...data, crews } })
      },
      'put away': () => archiveOpening(db, who, id, NOW.toISOString()),
      'taken out again': () => archiveOpening(db, who, id, null),
    }
    const tags = [(await text()).tag]
    for (const change of Object.values(changes)) {
      await change()
      const [asked, again] = [await text(), await text()]
      expect(again).toBe(asked)
      tags.push(asked.tag)
      expect(written(JSON.parse(asked.json))).toEqual(written(await loadPlan(db, await owner(), NOW)))
    }
    expect(new Set(tags).size).toBe(tags.length)
    const { jobs, crews } = await read()
    expect(jobs.map(one => one.name)).toContain('Another name')
    expect(crews[0]!.name).toBe('Harbour crew 2')
  }, 30_000)
  it('holds no longer than until what hardens has hardened, nor over midnight', async () => {
    // The last inspection of the demo falls due with this day’s end; foam of the evening before has hardened by noon.
    const noon = Date.parse(`${NOW.toISOString().slice(0, 10)}T12:00:00.000Z`)
    const first = await text()
    const until = Date.parse(first.freshUntil!)
    expect(until).toBeGreaterThan(noon)
    expect(await text(new Date(until - 1))).toBe(first)
    const after = await text(new Date(until + 1))
    expect(after).not.toBe(first)
    expect(await text(new Date(Date.parse('2026-11-30T08:00:00.000Z')))).not.toBe(after)
  })
  it('is each company’s own', async () => {
    const acting = { companyId: uuidV7(), memberId: uuidV7(), name: 'Nell Ayre', role: 'owner' } as const
    await addCompany(store().db, acting.companyId, 'Another firm', [])
    const { json, tag } = await planText(store().db, acting, NOW)
    expect(JSON.parse(json)).toMatchObject({ jobs: [], openings: [], placings: [] })
    expect(tag).not.toBe((await text()).tag)
  })
  it('is made anew after it could not be made', async () => {
    const who = await owner()
    await addRows(store().db, PLACINGS, who, (await idOf('D3')).id, [put('2026-12-23')])
    // What is asked after the first statement is away.
    let asks = 0
    const away = new Proxy(store().db, {
      get: (of, key) => {
        if (key === 'select' && ++asks > 1)
          return () => {
            throw new Error('away')
          }
        return Reflect.get(of, key)
      },
    })
    await expect(planText(away, who, NOW)).rejects.toThrow('away')
    expect(JSON.parse((await planText(store().db, who, NOW)).json).openings.length).toBeGreaterThan(10)
  })
})
