import { TZDate } from '@date-fns/tz'
import { getTimes } from 'suncalc'
import { done, type Outcome, refused } from '../outcome'
import { dateAfter } from '../units/date-after'

export type Daylight = {
  /** By the clock there, minutes after midnight; beyond 1440 where the sun sets after midnight; `null` where it does not set. */
  readonly sunsetMinutes: number | null
}

const MINUTES_A_DAY = 1440
const MINUTES_AN_HOUR = 60

/** When the sun goes down at a place on a date: its upper limb at the horizon with the usual refraction, −0.833°.
 *  @param date `YYYY-MM-DD` @param latitude @param longitude degrees, north and east positive @param zone IANA
 *  Issue codes `date.unreadable`, `plan.zone` for a clock nobody knows, `no-daylight` where the sun does not rise. */
export function daylightAt(date: string, latitude: number, longitude: number, zone: string): Outcome<Daylight> {
  const day = dateAfter(date, 0, 0)
  if (!day.ok) return refused('date.unreadable', { typed: date.slice(0, 40) }, 'date')
  if (!isZone(zone)) return refused('plan.zone', { zone: zone.slice(0, 60) }, 'timeZone')
  const [year, month, inMonth] = day.value.split('-').map(Number) as [number, number, number]
  const noon = new TZDate(year, month - 1, inMonth, 12, 0, 0, zone)
  const { sunset, alwaysDown } = getTimes(new Date(noon.getTime()), latitude, longitude)
  if (alwaysDown) return refused('no-daylight', { date: day.value }, 'date')
  return done({ sunsetMinutes: sunset && minutesAfter(new TZDate(sunset, zone), Date.UTC(year, month - 1, inMonth)) })
}

/** What the clock shows, in minutes after the midnight a date began with: hours that a change of clocks leaves out or repeats count as they are shown. */
function minutesAfter(at: TZDate, midnight: number): number {
  const days = Math.round((Date.UTC(at.getFullYear(), at.getMonth(), at.getDate()) - midnight) / 86_400_000)
  return days * MINUTES_A_DAY + at.getHours() * MINUTES_AN_HOUR + at.getMinutes() + at.getSeconds() / MINUTES_AN_HOUR
}

function isZone(zone: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }))
  } catch {
    return false
  }
}

export type LatestStart = {
  readonly latestMinutes: number
  /** What ends the day: the dark, or the crew going home. */
  readonly limit: 'sunset' | 'crew'
}

/** When a hole in the wall may be opened at the latest, so that it is closed by a door that locks before the dark and before the crew goes.
 *  @param work what that takes, minutes elapsed @param crewEnd minutes after midnight @param factor by how much more is reckoned with.
 *  Negative where the day before would have been too late already. */
export function latestStart({ sunsetMinutes }: Daylight, work: number, crewEnd: number, factor: number): LatestStart {
  const isByDark = sunsetMinutes !== null && sunsetMinutes <= crewEnd
  return { latestMinutes: (isByDark ? sunsetMinutes : crewEnd) - factor * work, limit: isByDark ? 'sunset' : 'crew' }
}
