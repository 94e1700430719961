import { TZDate } from '@date-fns/tz'
import ical, { ICalCalendarMethod } from 'ical-generator'
import { dayOf, minuteOf, type Wall } from '@/core/plan/wall'

/** One piece of work in a calendar. */
export type CalendarTask = {
  /** The same however often it is moved, so that it moves in the calendar too. */
  readonly id: string
  readonly start: Wall
  readonly minutes: number
  /** The clock of the place, IANA. */
  readonly zone: string
  readonly summary: string
  readonly location: string
  readonly description: string
  /** How often it was put somewhere before: a calendar takes the higher number. */
  readonly moves: number
  /** When it was put there, ISO 8601. */
  readonly changedAt: string
}

/** A moment of a place's clock as everybody's. An hour that a change of clocks leaves out is the one after it. */
export function momentOf(at: Wall, zone: string): Date {
  const [year, month, day] = dayOf(at).split('-').map(Number) as [number, number, number]
  const minute = minuteOf(at)
  return new Date(new TZDate(year, month - 1, day, Math.floor(minute / 60), Math.floor(minute % 60), 0, zone).getTime())
}

/** What is due on a day, whole. */
export type CalendarDay = Pick<CalendarTask, 'id' | 'summary' | 'location' | 'description'> & {
  /** `YYYY-MM-DD`. */
  readonly day: string
}

/** What is due as a calendar other programs open (RFC 5545): whole days, which no clock shifts. */
export function writeDueIcs(name: string, days: readonly CalendarDay[], made: Date): string {
  const calendar = ical({ name, method: ICalCalendarMethod.PUBLISH, prodId: { company: 'Harvek', product: 'Due' } })
  for (const { id, day, summary, location, description } of days)
    calendar.createEvent({
      id,
      start: new Date(`${day}T00:00:00.000Z`),
      allDay: true,
      timezone: 'UTC',
      summary,
      location,
      description,
      stamp: made,
    })
  return calendar.toString().replaceAll(OTHERS_OWN, '')
}

/** Lines that mean something to one program alone. */
const OTHERS_OWN = /^X-(?!WR-)[^\r\n]*\r\n/gm

/** A crew's plan as a calendar other programs open (RFC 5545), in UTC. `made` is when. */
export function writeIcs(name: string, tasks: readonly CalendarTask[], made: Date): string {
  const calendar = ical({ name, method: ICalCalendarMethod.PUBLISH, prodId: { company: 'Harvek', product: 'Plan' } })
  for (const one of tasks) {
    const start = momentOf(one.start, one.zone)
    calendar.createEvent({
      id: one.id,
      sequence: one.moves,
      start,
      end: new Date(start.getTime() + one.minutes * 60_000),
      summary: one.summary,
      location: one.location,
      description: one.description,
      stamp: made,
      lastModified: new Date(one.changedAt),
    })
  }
  return calendar.toString()
}
