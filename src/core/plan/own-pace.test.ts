import { atPace, paceOf } from './own-pace'
import type { WorkTask } from './work-tasks'

const task = (kind: WorkTask['kind'], minutes: number, opensMinutes: number | null = null): WorkTask => ({
  part: kind,
  kind,
  minutes,
  doneMinutes: 0,
  people: 1,
  skills: [],
  needs: [],
  opensMinutes,
  isOpen: false,
  steps: [],
  waits: null,
})

describe("the pace of a firm's own past", () => {
  it.each([
    [{ planned: 300, taken: 345, count: 24 }, 1.15],
    [{ planned: 300, taken: 240, count: 20 }, 0.8],
    [{ planned: 100, taken: 9000, count: 50 }, 2],
    [{ planned: 100, taken: 1, count: 50 }, 0.5],
  ])('%j: × %d', (timed, factor) => expect(paceOf(timed)!.factor).toBe(factor))
  it.each([
    [{ planned: 300, taken: 345, count: 19 }],
    [{ planned: 0, taken: 345, count: 40 }],
    [{ planned: 300, taken: 0, count: 40 }],
  ])('%j: not told yet', timed => expect(paceOf(timed)).toBeNull())
  it('lengthens the work on a door and how long its hole stands open, and nothing else', () => {
    const tasks = [task('survey', 60), task('work', 101, 50), task('work', 0), task('handover', 30)]
    expect(atPace(tasks, { factor: 1.15, count: 24 }).map(one => [one.minutes, one.opensMinutes])).toEqual([
      [60, null],
      [117, 58],
      [0, null],
      [30, null],
    ])
    expect(atPace(tasks, null)).toBe(tasks)
  })
})
