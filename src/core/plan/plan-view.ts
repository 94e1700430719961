import { TZDate } from '@date-fns/tz'
import type { Crew } from '../catalogue/crew'
import type { Board, BoardTask, Placed } from './board'
import { daylightAt } from './daylight'
import type { Pace } from './own-pace'
import { type PlacingOf, standingPlacings, taskId } from './placing'
import { nextDay, type Wall, wallAt } from './wall'
import type { WorkTask } from './work-tasks'

/** A job as far as its plan goes. */
export type PlanJob = {
  readonly id: string
  readonly name: string
  readonly site: string
  readonly visitOn: string | null
  /** Degrees; `null` while the place is not said. */
  readonly place: { readonly latitude: number; readonly longitude: number } | null
  /** Its clock, IANA. */
  readonly zone: string
  /** Between which minutes of a day loud and dusty work may be done; `null` where nobody minds. */
  readonly loud: { readonly from: number; readonly to: number } | null
}
export type PlanOpening = {
  readonly id: string
  readonly jobId: string
  readonly tag: string
  readonly name: string
  /** Until when nothing can be done on it, ISO 8601. */
  readonly until: string | null
  /** The day by which its unit should be there, as it was ordered or as its maker said since; `null` where none is awaited, or it should have come. */
  readonly comesOn: string | null
  readonly tasks: readonly WorkTask[]
}

/** All that a plan is made of: plain data, so that it can be made beside the page. */
export type PlanGiven = {
  readonly jobs: readonly PlanJob[]
  readonly openings: readonly PlanOpening[]
  readonly crews: readonly Crew[]
  readonly placings: readonly PlacingOf[]
  readonly closedFactor: number
  /** By how much hours are lengthened by the firm's own past; `null` where too few steps were timed. */
  readonly pace: Pace | null
}

/** A plan as its board gets it: what is done is left out. */
export type BoardGiven = PlanGiven & {
  /** How often anything was put on the plan, done or not. */
  readonly placed: number
}

/** What is known of the light at a job on a day: when it gets dark, minutes after midnight; that it does not; that there is none; or that the place is
 *  not said. */
export type Light = { readonly darkAt: number | null; readonly said: 'dark' | 'light' | 'no-daylight' | 'no-place' }

/** The sun is asked for often, and says the same. */
const asked = new Map<string, Light>()
const MOST_ASKED = 2000

export function lightAt({ place, zone }: Pick<PlanJob, 'place' | 'zone'>, day: string): Light {
  if (!place) return { darkAt: null, said: 'no-place' }
  const key = `${place.latitude}/${place.longitude}/${zone}/${day}`
  const known = asked.get(key)
  if (known) return known
  if (asked.size >= MOST_ASKED) asked.clear()
  const light = lookedUp(place, zone, day)
  asked.set(key, light)
  return light
}

function lookedUp(place: NonNullable<PlanJob['place']>, zone: string, day: string): Light {
  const light = daylightAt(day, place.latitude, place.longitude, zone)
  if (!light.ok) return { darkAt: null, said: 'no-daylight' }
  const { sunsetMinutes } = light.value
  return { darkAt: sunsetMinutes, said: sunsetMinutes === null ? 'light' : 'dark' }
}

/** A moment by the clock of a place, as a calendar shows it. */
export const wallIn = (at: string, zone: string): Wall => {
  const there = new TZDate(at, zone)
  const two = (n: number) => String(n).padStart(2, '0')
  const day = `${there.getFullYear()}-${two(there.getMonth() + 1)}-${two(there.getDate())}`
  return wallAt(day, there.getHours() * 60 + there.getMinutes())
}

/** The board of everything that is not done yet. */
export function boardFrom({ jobs, openings, crews, closedFactor }: PlanGiven): Board {
  const jobOf = new Map(jobs.map(one => [one.id, one]))
  return {
    crews,
    closedFactor,
    tasks: openings.flatMap(opening => {
      const job = jobOf.get(opening.jobId)
      return job ? opening.tasks.filter(one => one.minutes > 0).map(one => boardTask(one, opening, job)) : []
    }),
  }
}

/** What a plan is made to, in minutes: nobody goes by the minute. */
const GRAIN = 15

function boardTask(task: WorkTask, opening: PlanOpening, job: PlanJob): BoardTask {
  const open = new Set(opening.tasks.filter(one => one.minutes > 0).map(one => one.part))
  const days = new Map<string, number | null>()
  const darkAt = (day: string): number | null => {
    if (!days.has(day)) days.set(day, lightAt(job, day).darkAt)
    return days.get(day)!
  }
  // What comes one day is looked at and accepted before the old door goes: on the next at the earliest.
  const arrives = task.waits === 'supplier' && opening.comesOn !== null ? nextDay(wallAt(opening.comesOn)) : null
  return {
    id: taskId(opening.id, task.part),
    minutes: Math.ceil(task.minutes / GRAIN) * GRAIN,
    people: task.people,
    skills: task.skills,
    needs: task.needs
      .filter(one => open.has(one.part))
      .map(({ part, ...wait }) => ({ id: taskId(opening.id, part), ...wait })),
    notBefore: opening.until === null || task.kind !== 'work' ? null : wallIn(opening.until, job.zone),
    arrives,
    opens: task.opensMinutes === null ? null : { minutes: task.opensMinutes, darkAt },
    loud: task.kind === 'work' ? job.loud : null,
    blocked: arrives === null ? task.waits : null,
  }
}

/** What stands on the plan: what was given to a crew that is no longer there stands on none. */
export function placedFrom(placings: readonly PlacingOf[], crews: readonly Pick<Crew, 'id'>[]): readonly Placed[] {
  const there = new Set(crews.map(one => one.id))
  return [...standingPlacings(placings)].flatMap(([task, { crew, day, minute, isFixed, closure }]) =>
    crew !== null && there.has(crew) ? [{ task, crew, start: wallAt(day!, minute!), isFixed, closure }] : [],
  )
}
