import { NEW_FIRM } from '@/core/catalogue/firm'
import type { PlacingOf } from '@/core/plan/placing'
import type { WorkTask } from '@/core/plan/work-tasks'
import { jobRecord } from '@/core/test/fixtures'
import { crewDays } from './crew-day'
import type { SummedOpening } from './summaries'

const CREW = {
  id: 'c',
  name: 'Crew',
  people: 2,
  from: 450,
  to: 990,
  days: [1, 2, 3, 4, 5],
  off: [],
  skills: [],
} as const
const JOB = jobRecord({
  place: { name: 'P', latitudeE6: 54_100_000, longitudeE6: 13_400_000 },
  timeZone: 'Europe/Berlin',
})
const task = (more: Partial<WorkTask> = {}): WorkTask => ({
  part: 'work-1',
  kind: 'work',
  minutes: 300,
  doneMinutes: 0,
  people: 2,
  skills: [],
  needs: [],
  opensMinutes: 200,
  isOpen: false,
  steps: [],
  waits: null,
  ...more,
})
const put = (more: Partial<PlacingOf> = {}): PlacingOf => ({
  id: 'p',
  openingId: 'o',
  part: 'work-1',
  crew: 'c',
  day: '2026-11-30',
  minute: 480,
  isFixed: false,
  closure: null,
  by: 'x',
  at: '2026-11-01T00:00:00.000Z',
  ...more,
})
/** The day of one crew at a moment. */
function dayAt(now: string, tasks: readonly WorkTask[], placings: readonly PlacingOf[] = [put()]) {
  const opening = {
    opening: { id: 'o', tag: 'A1', name: 'Front' },
    jobId: JOB.id,
    summary: { tasks },
  } as unknown as SummedOpening
  return crewDays({
    crews: [CREW],
    jobs: [JOB],
    openings: [opening],
    put: placings,
    today: '2026-11-30',
    firm: NEW_FIRM,
    now: new Date(now),
  })
}
const one = (now: string, more: Partial<WorkTask> = {}) => dayAt(now, [task(more)])[0]!.tasks[0]!

describe('a crew’s day', () => {
  it('says by when a doorway is opened at the latest, by the clock of the place', () => {
    const { latestAt, darkAt } = one('2026-11-30T06:00:00.000Z')
    // Dark a little after 15:40 in Berlin; 1.25 × 200 minutes before it, an hour earlier by everybody's clock.
    expect(darkAt).toBeGreaterThan(940)
    expect(darkAt).toBeLessThan(950)
    expect(Math.round((Date.parse(latestAt!) - Date.parse('2026-11-30T00:00:00.000Z')) / 60_000)).toBe(
      Math.round(darkAt! - 250 - 60),
    )
  })
  it('has no such clock where the doorway stands open, is closed again, or is none', () => {
    expect(one('2026-11-30T06:00:00.000Z', { isOpen: true })).toMatchObject({ latestAt: null, openMinutes: 200 })
    expect(one('2026-11-30T06:00:00.000Z', { opensMinutes: null })).toMatchObject({ latestAt: null, openMinutes: null })
  })
  it('is late once its end has gone by there, whatever of it is done; what is done is not', () => {
    // Eight o'clock and five hours by the clock of Berlin: 13:00, noon of everybody's.
    expect(one('2026-11-30T11:59:00.000Z').isLate).toBe(false)
    expect(one('2026-11-30T12:01:00.000Z').isLate).toBe(true)
    expect(one('2026-11-30T12:01:00.000Z', { minutes: 100, doneMinutes: 200 }).isLate).toBe(true)
    expect(one('2026-11-30T12:01:00.000Z', { minutes: 0, doneMinutes: 300 })).toMatchObject({
      isLate: false,
      isDone: true,
    })
  })
  it('stands in the order of its clock, and leaves out what is no task any more', () => {
    const tasks = [task(), task({ part: 'handover', kind: 'handover', opensMinutes: null })]
    const placings = [put({ part: 'handover', minute: 450 }), put(), put({ part: 'work-9', minute: 400 })]
    expect(dayAt('2026-11-30T06:00:00.000Z', tasks, placings)[0]!.tasks.map(it => [it.called, it.from])).toEqual([
      ['Hand over', 450],
      ['Fit and seal', 480],
    ])
  })
  it('is none where the crew has nothing, or its job is not there', () => {
    expect(dayAt('2026-11-30T06:00:00.000Z', [task()], [put({ crew: 'other' })])).toEqual([])
    expect(dayAt('2026-11-30T06:00:00.000Z', [task()], [put({ openingId: 'gone' })])).toEqual([])
  })
})
