import type { Crew } from '@/core/catalogue/crew'
import type { Firm } from '@/core/catalogue/firm'
import type { PlacingOf } from '@/core/plan/placing'
import { lightAt, wallIn } from '@/core/plan/plan-view'
import { wallAt } from '@/core/plan/wall'
import type { TaskWait } from '@/core/plan/work-tasks'
import { zoneOf } from '@/core/sheet'
import type { Job } from '@/core/survey/job-record'
import { NUMBERS } from '@/trade/rates'
import { taskName } from '@/words/plan'
import type { SummedOpening } from './summaries'

/** What a crew does on a day, in the order of its clock. */
export type CrewDay = {
  readonly id: string
  readonly name: string
  readonly tasks: readonly CrewTask[]
}
export type CrewTask = {
  readonly openingId: string
  readonly part: string
  readonly tag: string
  /** `Fit and seal`. */
  readonly called: string
  readonly opening: string
  readonly jobId: string
  readonly job: string
  readonly site: string
  /** Minutes after midnight; and how many of it are left. */
  readonly from: number
  readonly minutes: number
  readonly isDone: boolean
  /** Its end has gone by, and it is not done. */
  readonly isLate: boolean
  readonly waits: TaskWait | null
  /** By when the old door is to be out at the latest, as everybody's moment, ISO 8601; `null` where it opens no doorway, or it is open already. */
  readonly latestAt: string | null
  /** The doorway stands open, and so much is left until a door in it locks. */
  readonly openMinutes: number | null
  /** When it gets dark there, minutes after midnight; `null` where it does not, or it is not known. */
  readonly darkAt: number | null
  /** By what the hole is shut for the night, where that is planned. */
  readonly closure: string | null
  /** Where it is, as somebody else's directions take it. */
  readonly directions: string
}

type Given = {
  readonly crews: readonly Crew[]
  readonly jobs: readonly Job[]
  readonly openings: readonly SummedOpening[]
  /** What is put on the day. */
  readonly put: readonly PlacingOf[]
  readonly today: string
  readonly firm: Pick<Firm, 'timeZone'>
  readonly now: Date
}

/** Each crew's day that has one. */
export function crewDays({ crews, jobs, openings, put, today, firm, now }: Given): readonly CrewDay[] {
  const jobOf = new Map(jobs.map(one => [one.id, one]))
  const openingOf = new Map(openings.map(one => [one.opening.id, one]))
  return crews.flatMap(crew => {
    const tasks = put
      .filter(one => one.crew === crew.id)
      .flatMap(one => {
        const opening = openingOf.get(one.openingId)
        const job = opening && jobOf.get(opening.jobId)
        return opening && job ? (taskOf(one, opening, job, crew, zoneOf(job, firm), today, now) ?? []) : []
      })
      .sort((a, b) => a.from - b.from)
    return tasks.length ? [{ id: crew.id, name: crew.name, tasks }] : []
  })
}

function taskOf(
  { part, minute, closure }: PlacingOf,
  { opening, summary }: SummedOpening,
  job: Job,
  crew: Crew,
  zone: string,
  today: string,
  now: Date,
): CrewTask | null {
  const task = summary.tasks.find(one => one.part === part)
  if (!task) return null
  const place = job.place && { latitude: job.place.latitudeE6 / 1e6, longitude: job.place.longitudeE6 / 1e6 }
  const { darkAt } = lightAt({ place, zone }, today)
  const clock = wallIn(now.toISOString(), zone) - wallAt(today)
  const by =
    task.opensMinutes === null || task.isOpen || closure !== null
      ? null
      : Math.min(darkAt ?? crew.to, crew.to) - NUMBERS['closed-factor'].value * task.opensMinutes
  return {
    openingId: opening.id,
    part,
    tag: opening.tag,
    called: taskName(task.kind, part),
    opening: opening.name,
    jobId: job.id,
    job: job.name,
    site: job.site,
    from: minute!,
    minutes: task.minutes,
    isDone: task.minutes === 0,
    isLate: task.minutes > 0 && clock > minute! + task.minutes + task.doneMinutes,
    waits: task.waits,
    latestAt: by === null ? null : new Date(now.getTime() + (by - clock) * 60_000).toISOString(),
    openMinutes: task.isOpen ? task.opensMinutes : null,
    darkAt,
    closure,
    directions: directionsTo(job),
  }
}

/** The address, and where it is on earth where that was said: what any map takes. */
export const directionsTo = ({
  site,
  delivery,
  place,
  name,
}: Pick<Job, 'site' | 'delivery' | 'place' | 'name'>): string =>
  [name, site || delivery, place && `${(place.latitudeE6 / 1e6).toFixed(5)}, ${(place.longitudeE6 / 1e6).toFixed(5)}`]
    .filter(Boolean)
    .join(', ')
