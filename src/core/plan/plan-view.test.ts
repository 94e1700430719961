import { momentOf } from '../../writers/write-ics'
import type { Crew } from '../catalogue/crew'
import type { PlacingOf } from './placing'
import { planAll } from './plan-all'
import { boardFrom, lightAt, type PlanGiven, placedFrom, wallIn } from './plan-view'
import { earliestSpot, latestOpening } from './spots'
import { dayOf, minuteOf, type Wall, wallAt } from './wall'
import type { WorkTask } from './work-tasks'

const CREW: Crew = {
  id: 'c',
  name: 'C',
  people: 2,
  from: 480,
  to: 990,
  days: [1, 2, 3, 4, 5, 6, 7],
  off: [],
  skills: [],
}
const task = (part: string, more: Partial<WorkTask> = {}): WorkTask => ({
  part,
  kind: part.startsWith('work') ? 'work' : 'handover',
  minutes: 100,
  doneMinutes: 0,
  people: 1,
  skills: [],
  needs: [],
  opensMinutes: null,
  isOpen: false,
  steps: [],
  waits: null,
  ...more,
})
const given = (tasks: readonly WorkTask[], more: Partial<PlanGiven> = {}): PlanGiven => ({
  jobs: [
    {
      id: 'j',
      name: 'J',
      site: '',
      visitOn: null,
      place: { latitude: 54.1, longitude: 13.4 },
      zone: 'Europe/Berlin',
      loud: null,
    },
  ],
  openings: [{ id: 'o', jobId: 'j', tag: 'A1', name: 'Front', until: null, comesOn: null, tasks }],
  crews: [CREW],
  placings: [],
  closedFactor: 1.25,
  pace: null,
  ...more,
})
const placing = (
  part: string,
  day: string,
  isFixed: boolean,
  crew = 'c',
  at = '2026-11-01T00:00:00.000Z',
): PlacingOf => ({
  id: `${part}${day}${at}`,
  openingId: 'o',
  part,
  crew,
  day,
  minute: 480,
  isFixed,
  closure: null,
  by: 'x',
  at,
})
const said = (at: Wall) => `${dayOf(at)} ${minuteOf(at)}`
const FROM = wallAt('2026-11-30')

describe('a plan over jobs', () => {
  it('goes by quarters of an hour, leaves out what is done, and what needs it needs it no more', () => {
    const { tasks } = boardFrom(
      given([
        task('work-1', { minutes: 0 }),
        task('work-2', { needs: [{ part: 'work-1', waitMinutes: 60, untilMorning: true }] }),
      ]),
    )
    expect(tasks.map(one => [one.id, one.minutes, one.needs])).toEqual([['o/work-2', 105, []]])
  })
  it('keeps today’s, and what is fixed; what should have been done before is planned anew', () => {
    const tasks = [task('work-1'), task('work-2'), task('work-3')]
    const placings = [
      placing('work-1', '2026-11-26', false),
      placing('work-2', '2026-11-29', false),
      placing('work-3', '2026-12-09', true),
    ]
    const { placed } = planAll({ given: given(tasks, { placings }), from: FROM })
    expect(Object.fromEntries(placed.map(one => [one.task, said(one.start)]))).toEqual({
      'o/work-1': '2026-11-30 480',
      'o/work-2': '2026-11-29 480',
      'o/work-3': '2026-12-09 480',
    })
  })
  it('has no place for what was given to a crew that is no longer there', () => {
    const placings = [placing('work-1', '2026-12-01', true, 'gone')]
    expect(placedFrom(placings, [CREW])).toEqual([])
    expect(
      planAll({ given: given([task('work-1')], { placings }), from: FROM }).placed.map(one => said(one.start)),
    ).toEqual(['2026-11-30 480'])
  })
  it('takes the latest of what was said of a task, and none where it was taken off', () => {
    const off = {
      ...placing('work-1', '', false),
      crew: null,
      day: null,
      minute: null,
      at: '2026-11-03T00:00:00.000Z',
      id: 'z',
    }
    const placings = [
      placing('work-1', '2026-12-01', true),
      placing('work-1', '2026-12-02', true, 'c', '2026-11-02T00:00:00.000Z'),
    ]
    expect(placedFrom(placings, [CREW]).map(one => said(one.start))).toEqual(['2026-12-02 480'])
    expect(placedFrom([off, ...placings], [CREW])).toEqual([])
  })
  it('begins nothing that still hardens', () => {
    const openings = [{ ...given([]).openings[0]!, until: '2026-12-02T09:00:00.000Z', tasks: [task('work-1')] }]
    expect(planAll({ given: given([], { openings }), from: FROM }).placed.map(one => said(one.start))).toEqual([
      '2026-12-02 600',
    ])
  })
})

describe('what waits for its unit', () => {
  const of = (waits: WorkTask['waits'], comesOn: string | null) => {
    const tasks = [task('work-1', { waits }), task('handover', { needs: [] })]
    const openings = [{ ...given([]).openings[0]!, comesOn, tasks }]
    return boardFrom(given([], { openings })).tasks.map(one => [one.blocked, said(one.arrives ?? 0)])
  }
  const NONE = said(0)
  it.each([
    ['is begun the day after it should come', 'supplier', '2026-12-03', [null, '2026-12-04 0']],
    ['is planned by nobody while nobody knows when it comes', 'supplier', null, ['supplier', NONE]],
    ['is planned by nobody while it is held', 'claim', '2026-12-03', ['claim', NONE]],
    ['is planned by nobody before it is ordered', 'order', '2026-12-03', ['order', NONE]],
    ['is there', null, '2026-12-03', [null, NONE]],
  ] as const)('%s', (_, waits, comesOn, work) => expect(of(waits, comesOn)).toEqual([work, [null, NONE]]))
})

describe('the light of a day', () => {
  const at = (latitude: number, longitude: number, zone: string, day: string) =>
    lightAt({ place: { latitude, longitude }, zone }, day)
  it('is said where there is none, where it does not go, and where nobody said where it is', () => {
    expect(at(69.65, 18.96, 'Europe/Oslo', '2026-12-21')).toEqual({ darkAt: null, said: 'no-daylight' })
    expect(at(69.65, 18.96, 'Europe/Oslo', '2026-06-21')).toEqual({ darkAt: null, said: 'light' })
    expect(lightAt({ place: null, zone: 'UTC' }, '2026-06-21')).toEqual({ darkAt: null, said: 'no-place' })
  })
  it('is long in June in the north and short in the south', () => {
    const [north, south] = [
      at(54.1, 13.4, 'Europe/Berlin', '2026-06-21'),
      at(-41.29, 174.78, 'Pacific/Auckland', '2026-06-21'),
    ]
    expect([Math.floor(north.darkAt! / 60), Math.floor(south.darkAt! / 60)]).toEqual([21, 16])
  })
  it('is an hour later by the clock on the day after the clocks are put on', () => {
    const [before, after] = ['2026-03-28', '2026-03-29'].map(day => at(54.1, 13.4, 'Europe/Berlin', day).darkAt!)
    expect(after! - before!).toBeGreaterThan(59)
    expect(after! - before!).toBeLessThan(64)
  })
  it('closes a doorway by the crew’s end where it never gets dark, and where there is no light', () => {
    const open = (day: string, latitude: number) => {
      const own = given([task('work-1', { minutes: 300, opensMinutes: 240 })], {
        jobs: [{ ...given([]).jobs[0]!, place: { latitude, longitude: 18.96 }, zone: 'Europe/Oslo' }],
      })
      return latestOpening(boardFrom(own).tasks[0]!, CREW, day, 1.25)
    }
    expect([open('2026-06-21', 69.65), open('2026-12-21', 69.65)]).toEqual([690, 690])
    expect(open('2026-12-21', 54.1)).toBeLessThan(690)
  })
  it('moves what opens a doorway to where it closes by dark', () => {
    const long = given([task('work-1', { minutes: 390, opensMinutes: 375 })])
    const board = boardFrom(long)
    // 1.25 × 6 h 15 before dark is before the crew begins, until the days are longer.
    const spot = earliestSpot(board, [], board.tasks[0]!, wallAt('2026-12-01'))!
    expect(minuteOf(spot.start)).toBeLessThanOrEqual(latestOpening(board.tasks[0]!, CREW, dayOf(spot.start), 1.25)!)
    expect(dayOf(spot.start) > '2026-12-20').toBe(true)
  })
})

describe('a moment', () => {
  it.each([
    ['2026-11-27', 600, 'Europe/Berlin', '2026-11-27T09:00:00.000Z'],
    ['2026-06-27', 600, 'Europe/Berlin', '2026-06-27T08:00:00.000Z'],
    ['2026-06-27', 600, 'Pacific/Auckland', '2026-06-26T22:00:00.000Z'],
    // An hour that is left out is the one after it.
    ['2026-03-29', 150, 'Europe/Berlin', '2026-03-29T01:30:00.000Z'],
  ])('of a place’s clock is everybody’s, and back: %s %i in %s', (day, minute, zone, moment) => {
    expect(momentOf(wallAt(day, minute), zone).toISOString()).toBe(moment)
    if (minute !== 150) expect(said(wallIn(moment, zone))).toBe(`${day} ${minute}`)
  })
})
