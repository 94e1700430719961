import type { Crew } from '../catalogue/crew'
import { isAtWork, worksOn } from './at-work'
import { dayOf, minuteOf, nextDay, wallAt, weekdayOf } from './wall'

const CREW: Crew = {
  id: 'c',
  name: 'C',
  people: 2,
  from: 450,
  to: 990,
  days: [1, 2, 3, 4, 5],
  off: ['2026-12-08'],
  skills: [],
}

describe('a moment of a place’s clock', () => {
  it.each([
    ['1970-01-01', 4],
    ['2026-11-30', 1],
    ['2026-12-06', 7],
    ['2024-02-29', 4],
    ['1969-12-31', 3],
  ])('%s is weekday %i', (day, weekday) => expect(weekdayOf(wallAt(day, 700))).toBe(weekday))
  it.each(['2026-11-30', '2027-02-28', '2028-02-29', '1969-12-31', '2099-12-31'])(
    'of %s is taken apart as it was put together',
    day => {
      for (const minute of [0, 1, 719, 1439]) {
        const at = wallAt(day, minute)
        expect([dayOf(at), minuteOf(at)]).toEqual([day, minute])
        expect(minuteOf(nextDay(at))).toBe(0)
        expect(nextDay(at) - at).toBe(1440 - minute)
      }
    },
  )
  it('is the same however many days were asked for', () => {
    const days = Array.from({ length: 9000 }, (_, i) => dayOf(i * 1440))
    expect(new Set(days).size).toBe(9000)
    expect([days[0], days[8999], dayOf(0)]).toEqual(['1970-01-01', '1994-08-22', '1970-01-01'])
  })
})

describe('a crew is at work', () => {
  it('on its days, and not on a day off', () => {
    const on = (day: string) => worksOn(CREW, wallAt(day, 600))
    expect([on('2026-12-07'), on('2026-12-08'), on('2026-12-09'), on('2026-12-12')]).toEqual([true, false, true, false])
  })
  it.each([
    [450, 540, true],
    [449, 10, false],
    [450, 541, false],
    [980, 10, true],
    [980, 11, false],
    [1439, 0, false],
  ])('from minute %i for %i: %p', (minute, lasts, is) =>
    expect(isAtWork(CREW, wallAt('2026-12-07', minute), lasts)).toBe(is),
  )
})
