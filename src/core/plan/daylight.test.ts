import { done } from '../outcome'
import { daylightAt, latestStart } from './daylight'

const sunset = (date: string, latitude: number, longitude: number, zone: string) => {
  const day = daylightAt(date, latitude, longitude, zone)
  return day.ok ? day.value.sunsetMinutes : day.issues[0]!.code
}
const at = (hours: number, minutes: number) => hours * 60 + minutes

describe('the sun', () => {
  // By almanac, to the minute.
  it.each([
    ['a northern winter', '2026-12-21', 40.7128, -74.006, 'America/New_York', at(16, 32)],
    ['a southern summer', '2026-01-15', -33.87, 151.21, 'Australia/Sydney', at(20, 9)],
    ['on the equator', '2026-03-20', 0, 0, 'UTC', at(18, 11)],
  ] as const)('goes down in %s', (_, date, latitude, longitude, zone, expected) =>
    expect(Math.abs(Number(sunset(date, latitude, longitude, zone)) - expected)).toBeLessThan(3),
  )
  it('goes down an hour later by the clock on the day clocks go on', () => {
    const [before, after] = ['2026-03-28', '2026-03-29'].map(date => Number(sunset(date, 52.52, 13.4, 'Europe/Berlin')))
    expect(Math.abs(after! - before! - 61.7)).toBeLessThan(2)
  })
  it('goes down on the date’s own evening, however far its clock is from the sun’s', () => {
    const one = Number(sunset('2026-06-21', 39.47, 75.99, 'Asia/Shanghai'))
    expect([one > at(21, 30), one < at(23, 0)]).toEqual([true, true])
  })
  it('goes down after midnight where the night is short', () =>
    expect(Number(sunset('2026-05-17', 69.65, 18.96, 'Europe/Oslo'))).toBeGreaterThan(at(23, 30)))
  it('does not set at midsummer beyond the circle, and does not rise at midwinter', () => {
    expect(daylightAt('2026-06-21', 69.65, 18.96, 'Europe/Oslo')).toEqual(done({ sunsetMinutes: null }))
    expect(daylightAt('2026-12-21', -75, 0, 'UTC')).toEqual(done({ sunsetMinutes: null }))
    expect([sunset('2026-12-21', 69.65, 18.96, 'Europe/Oslo'), sunset('2026-06-21', -75, 0, 'UTC')]).toEqual([
      'no-daylight',
      'no-daylight',
    ])
  })
  it.each([
    ['2026-02-30', 'UTC', 'date.unreadable'],
    ['soon', 'UTC', 'date.unreadable'],
    ['2026-06-21', 'Europe/Atlantis', 'plan.zone'],
    ['2026-06-21', '', 'plan.zone'],
  ])('of %p by the clock of %p is refused', (date, zone, code) => expect(sunset(date, 50, 10, zone)).toBe(code))
})

describe('the latest start', () => {
  const dark = { sunsetMinutes: at(17, 0) }
  it.each([
    ['the dark comes first', dark, at(18, 0), { latestMinutes: at(13, 15), limit: 'sunset' }],
    ['the crew goes first', dark, at(16, 0), { latestMinutes: at(12, 15), limit: 'crew' }],
    ['both at once', dark, at(17, 0), { latestMinutes: at(13, 15), limit: 'sunset' }],
    ['it does not get dark', { sunsetMinutes: null }, at(18, 0), { latestMinutes: at(14, 15), limit: 'crew' }],
    ['the day is too short', { sunsetMinutes: at(2, 0) }, at(18, 0), { latestMinutes: -at(1, 45), limit: 'sunset' }],
  ] as const)('leaves a quarter more than the work takes where %s', (_, day, crewEnd, expected) =>
    expect(latestStart(day, at(3, 0), crewEnd, 1.25)).toEqual(expected),
  )
})
