import { randomFrom, wholeFrom } from '../base/random'
import type { Crew } from '../catalogue/crew'
import type { Board, BoardTask, Placed } from './board'
import { breaksIn } from './breaks'
import { planBoard } from './plan-board'
import { latestOpening } from './spots'
import { dayOf, minuteOf, type Wall, wallAt } from './wall'

const MONDAY = '2026-11-30'
const crew = (id: string, more: Partial<Crew> = {}): Crew => ({
  id,
  name: id,
  people: 2,
  from: 480,
  to: 960,
  days: [1, 2, 3, 4, 5],
  off: [],
  skills: [],
  ...more,
})
const task = (id: string, minutes: number, more: Partial<BoardTask> = {}): BoardTask => ({
  id,
  minutes,
  people: 1,
  skills: [],
  needs: [],
  notBefore: null,
  arrives: null,
  opens: null,
  blocked: null,
  ...more,
})
const need = (id: string, waitMinutes = 0, untilMorning = false) => ({ id, waitMinutes, untilMorning })
const board = (tasks: readonly BoardTask[], crews: readonly Crew[] = [crew('a'), crew('b')]): Board => ({
  tasks,
  crews,
  closedFactor: 1.25,
})
const NOW = wallAt(MONDAY, 480)
const at = (placed: readonly Placed[], id: string): Wall => placed.find(one => one.task === id)!.start
const said = (wall: Wall | null) => (wall === null ? null : `${dayOf(wall)} ${minuteOf(wall)}`)

/** A made-up board: tasks that need earlier ones, some with waits, some that open a hole. */
function madeUp(seed: number, count: number, crews: number): Board {
  const random = randomFrom(seed)
  const tasks = Array.from({ length: count }, (_, i): BoardTask => {
    const needs =
      i > 0 && random() < 0.6
        ? [need(`t${wholeFrom(random, 0, i - 1)}`, wholeFrom(random, 0, 2) * 60, random() < 0.3)]
        : []
    return task(`t${i}`, wholeFrom(random, 1, 6) * 60, {
      needs,
      people: wholeFrom(random, 1, 2),
      opens: random() < 0.3 ? { minutes: 120, darkAt: () => 930 } : null,
      skills: random() < 0.2 ? ['label'] : [],
    })
  })
  return board(
    tasks,
    Array.from({ length: crews }, (_, i) =>
      crew(`c${i}`, {
        people: i === 0 ? 2 : wholeFrom(random, 1, 2),
        skills: i === 0 ? ['label'] : [],
        days: i === 1 ? [1, 3, 5] : [1, 2, 3, 4, 5],
      }),
    ),
  )
}

/** The earliest finish there is, by trying every hour of a week for every task by every crew. */
function exhaustive({ tasks, crews, ...rest }: Board, from: Wall): Wall {
  let best = Number.POSITIVE_INFINITY
  const hours = [0, 1, 2, 3, 4].flatMap(day =>
    [8, 9, 10, 11, 12, 13, 14, 15].map(hour => from - 480 + day * 1440 + hour * 60),
  )
  const place = (i: number, placed: readonly Placed[], end: Wall): void => {
    if (end >= best) return
    if (i === tasks.length) {
      best = end
      return
    }
    const own = tasks[i]!
    for (const { id } of crews)
      for (const start of hours) {
        const next = [...placed, { task: own.id, crew: id, start, isFixed: false }]
        if (breaksIn({ tasks: tasks.slice(0, i + 1), crews, ...rest }, next).length === 0)
          place(i + 1, next, Math.max(end, start + own.minutes))
      }
  }
  place(0, [], 0)
  return best
}

describe('a plan', () => {
  it.each(Array.from({ length: 24 }, (_, seed) => seed))('of three tasks is as early as any (%i)', seed => {
    const own = madeUp(seed, 3, 2)
    const planned = planBoard(own, [], NOW)
    expect(planned.left).toEqual([])
    expect(breaksIn(own, planned.placed)).toEqual([])
    expect(planned.optimal).toBe(true)
    expect(said(planned.finish)).toBe(said(exhaustive(own, NOW)))
  })
  it.each([1, 2, 3, 4, 5, 6])(
    'of forty tasks breaks nothing, leaves nothing, and ends no sooner than its bound (%i)',
    seed => {
      const own = madeUp(seed, 40, 4)
      const { placed, left, finish, least } = planBoard(own, [], NOW)
      expect([left, placed.length, breaksIn(own, placed)]).toEqual([[], 40, []])
      expect(finish!).toBeGreaterThanOrEqual(least!)
      // The plain serial order: the tasks as they stand, one order only.
      const serial = own.tasks.reduce<readonly Placed[]>(
        (all, _, i) =>
          planBoard(
            { ...own, tasks: own.tasks.slice(0, i + 1) },
            all.map(one => ({ ...one, isFixed: true })),
            NOW,
          ).placed,
        [],
      )
      const ends = serial.map(one => one.start + own.tasks.find(it => it.id === one.task)!.minutes)
      expect(finish!).toBeLessThanOrEqual(Math.max(...ends))
    },
  )
  it('is the same each time', () => {
    const own = madeUp(9, 30, 3)
    expect(planBoard(own, [], NOW)).toEqual(planBoard(own, [], NOW))
  })
  it('keeps what a person fixed, and goes round it', () => {
    const own = board([task('x', 240), task('y', 300)], [crew('a')])
    const fixed = [{ task: 'x', crew: 'a', start: wallAt(MONDAY, 600), isFixed: true }]
    const { placed } = planBoard(own, fixed, NOW)
    expect(placed[0]).toEqual(fixed[0])
    // Neither before nor after it is room on Monday for five hours.
    expect(said(at(placed, 'y'))).toBe('2026-12-01 480')
  })
  it('waits until what must harden has, over a weekend and a day off', () => {
    const friday = wallAt('2026-12-04', 480)
    const own = board(
      [task('foam', 120), task('trim', 60, { needs: [need('foam', 60, true)] })],
      [crew('a', { off: ['2026-12-07'] })],
    )
    expect(said(at(planBoard(own, [], friday).placed, 'trim'))).toBe('2026-12-08 480')
    const short = board([task('foam', 120), task('trim', 60, { needs: [need('foam', 60)] })], [crew('a')])
    expect(said(at(planBoard(short, [], friday).placed, 'trim'))).toBe('2026-12-04 660')
  })
  it.each<[string, readonly BoardTask[], readonly Crew[], string]>([
    ['a circle', [task('x', 60, { needs: [need('y')] }), task('y', 60, { needs: [need('x')] })], [crew('a')], 'needs'],
    ['a task that needs itself', [task('x', 60, { needs: [need('x')] })], [crew('a')], 'needs'],
    ['no crew', [task('x', 60)], [], 'no-crew'],
    ['a crew without days', [task('x', 60)], [crew('a', { days: [] })], 'day-off'],
    ['more people than any crew has', [task('x', 60, { people: 3 })], [crew('a')], 'people'],
    ['a skill nobody has', [task('x', 60, { skills: ['masonry'] })], [crew('a')], 'skill'],
    ['more than a day', [task('x', 481)], [crew('a')], 'hours'],
    [
      'a hole that is never closed by dark',
      [task('x', 300, { opens: { minutes: 300, darkAt: () => 700 } })],
      [crew('a')],
      'dark',
    ],
    ['what can’t be done yet', [task('x', 60, { blocked: 'supplier' })], [crew('a')], 'blocked'],
  ])('leaves %s, and says why', (_, tasks, crews, why) => {
    const { placed, left } = planBoard(board(tasks, crews), [], NOW)
    expect([placed, [...new Set(left.map(one => one.why))]]).toEqual([[], [why]])
  })
})

describe('what a person puts somewhere', () => {
  const set = task('set', 300, { people: 2, opens: { minutes: 240, darkAt: () => 930 } })
  const trim = task('trim', 60, { needs: [need('set', 60, true)], skills: ['label'] })
  const own = board([set, trim, task('other', 120)], [crew('a', { skills: ['label'] }), crew('b', { people: 1 })])
  const put = (id: string, by: string, day: string, minute: number): Placed => ({
    task: id,
    crew: by,
    start: wallAt(day, minute),
    isFixed: true,
  })
  const broken = (...placed: readonly Placed[]) =>
    breaksIn(own, placed).map(one => [one.task, one.code, one.other, said(one.from)])

  it('breaks nothing where it goes', () =>
    expect(
      broken(put('set', 'a', MONDAY, 480), put('trim', 'a', '2026-12-01', 480), put('other', 'b', MONDAY, 480)),
    ).toEqual([]))
  it('shut for the night by something else may stand open in the dark, and still ends before the crew goes home', () => {
    const late = put('set', 'a', MONDAY, 631)
    expect(broken({ ...late, closure: 'OSB on two battens' })).toEqual([])
    expect(broken({ ...late, closure: null })).toHaveLength(1)
    expect(broken({ ...put('set', 'a', MONDAY, 800), closure: 'OSB' }).map(one => one[1])).toEqual(['hours'])
  })
  it('is said to be loud where that may not be yet, or no longer, with when it may', () => {
    const loud = task('cut', 120, { loud: { from: 540, to: 900 } })
    const of = (minute: number) =>
      breaksIn(board([loud], [crew('a')]), [put('cut', 'a', MONDAY, minute)]).map(one => [one.code, said(one.from)])
    expect([of(539), of(540), of(780), of(781)]).toEqual([
      [['loud', '2026-11-30 540']],
      [],
      [],
      [['loud', '2026-11-30 540']],
    ])
  })
  it('is planned within the hours in which it may be loud, or said to be longer than they are', () => {
    const plan = (minutes: number, to: number) =>
      planBoard(board([task('cut', minutes, { loud: { from: 600, to } })], [crew('a')]), [], wallAt(MONDAY))
    expect(plan(120, 900).placed.map(one => minuteOf(one.start))).toEqual([600])
    expect(plan(301, 900)).toMatchObject({ placed: [], left: [{ task: 'cut', why: 'loud' }] })
  })
  it('is said to stand before its unit can be there, with when it can', () => {
    const awaited = task('fit', 120, { arrives: wallAt('2026-12-03') })
    const of = (day: string) =>
      breaksIn(board([awaited], [crew('a')]), [put('fit', 'a', day, 480)]).map(one => [one.code, said(one.from)])
    expect([of('2026-12-02'), of('2026-12-03')]).toEqual([[['delivery', '2026-12-03 480']], []])
    expect(planBoard(board([awaited], [crew('a')]), [], NOW).placed.map(one => said(one.start))).toEqual([
      '2026-12-03 480',
    ])
    // What hardens longer counts all the same.
    const both = { ...awaited, notBefore: wallAt('2026-12-04', 600) }
    expect(planBoard(board([both], [crew('a')]), [], NOW).placed.map(one => said(one.start))).toEqual([
      '2026-12-04 600',
    ])
  })
  it('is said to come too late before the dark, with the day on which it would not', () => {
    // 15:30 is dark: 930 − 1.25 × 240 = 630, half past ten.
    expect(latestOpening(set, own.crews[0]!, MONDAY, 1.25)).toBe(630)
    expect(broken(put('set', 'a', MONDAY, 631))).toEqual([['set', 'dark', null, '2026-11-30 480']])
    expect(broken(put('set', 'a', MONDAY, 630))).toEqual([])
  })
  it('is said to stand before what it needs, or within its wait', () => {
    expect(broken(put('trim', 'a', MONDAY, 480))).toEqual([['trim', 'needs', 'set', null]])
    expect(broken(put('set', 'a', MONDAY, 480), put('trim', 'a', MONDAY, 840))).toEqual([
      ['trim', 'wait', 'set', '2026-12-01 480'],
    ])
  })
  it('is said to want more people, another crew, another day, more hours, or a crew that is free', () => {
    expect(broken(put('set', 'b', MONDAY, 480))).toEqual([['set', 'people', null, null]])
    expect(broken(put('set', 'a', MONDAY, 480), put('trim', 'b', '2026-12-01', 480))).toEqual([
      ['trim', 'skill', null, null],
    ])
    expect(broken(put('set', 'a', '2026-12-05', 480))).toEqual([['set', 'day-off', null, '2026-12-07 480']])
    expect(broken(put('other', 'a', MONDAY, 900))).toEqual([['other', 'hours', null, '2026-11-30 480']])
    expect(broken(put('set', 'a', MONDAY, 480), put('other', 'a', MONDAY, 600))).toEqual([
      ['set', 'busy', 'other', '2026-12-01 480'],
      ['other', 'busy', 'set', '2026-11-30 780'],
    ])
    expect(broken(put('other', 'gone', MONDAY, 480))).toEqual([['other', 'no-crew', null, null]])
  })
})
