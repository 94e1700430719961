import { atPace, paceOf } from '@/core/plan/own-pace'
import { taskId } from '@/core/plan/placing'
import { type PlanGiven, placedFrom } from '@/core/plan/plan-view'
import { zoneOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { listJobs } from '@/store/jobs'
import { listPlacings } from '@/store/placings'
import { timedSteps } from '@/store/timed-steps'
import { NUMBERS } from '@/trade/rates'
import { lastsWords, taskName } from '@/words/plan'
import { writeIcs } from '@/writers/write-ics'
import { arrivalsOf } from './arrivals'
import { soonestOf } from './basis'
import { summariesOf } from './summaries'

const MOST_JOBS = 300

/** The plan of a company over all jobs that are not put away. As many statements for ten openings as for a thousand. */
export const loadPlan = async (db: Db, acting: Acting | Known, now = new Date()): Promise<PlanGiven> =>
  (await planAt(db, acting, now)).given

export type PlanAt = {
  readonly given: PlanGiven
  /** How often anything was put on the plan, also of what is not shown. */
  readonly placed: number
  /** Until when it holds though nothing is changed, ISO 8601: foam hardens, an inspection falls due. `null` where nothing does. */
  readonly freshUntil: string | null
}

/** The same, with how long it holds. */
export async function planAt(db: Db, acting: Acting | Known, now: Date): Promise<PlanAt> {
  const today = now.toISOString().slice(0, 10)
  const [jobs, company, placings, timed] = await Promise.all([
    listJobs(db, acting, today, MOST_JOBS),
    companyOf(db, acting),
    listPlacings(db, acting),
    timedSteps(db, acting),
  ])
  const pace = paceOf(timed)
  const { data } = company.firm
  const { openings } = await summariesOf(
    db,
    { ...acting, company },
    { jobs: jobs.map(one => one.id), putAway: false },
    [],
    now,
  )
  const arrival = await arrivalsOf(
    db,
    acting,
    openings.flatMap(one => one.summary.awaited ?? []),
  )
  const shown = new Set(openings.map(one => one.opening.id))
  const given: PlanGiven = {
    crews: data.crews,
    closedFactor: NUMBERS['closed-factor'].value,
    jobs: jobs.map(job => ({
      id: job.id,
      name: job.name,
      site: job.site,
      visitOn: job.visitOn,
      place: job.place && { latitude: job.place.latitudeE6 / 1e6, longitude: job.place.longitudeE6 / 1e6 },
      zone: zoneOf(job, data),
      loud: job.loud,
    })),
    openings: openings.map(({ opening, jobId, summary }) => ({
      id: opening.id,
      jobId,
      tag: opening.tag,
      name: opening.name,
      until: summary.until,
      comesOn: comingOn(summary.awaited && arrival(summary.awaited), today),
      // Which steps a task is made of bears on no board.
      tasks: atPace(summary.tasks, pace).map(one => ({ ...one, steps: [] })),
    })),
    placings: placings.filter(one => shown.has(one.openingId)),
    pace,
  }
  return { given, placed: placings.length, freshUntil: soonestOf(openings.map(one => one.freshUntil)) }
}

/** What should have come and did not comes on no day one can plan by. */
const comingOn = (arrival: string | null, today: string): string | null =>
  arrival !== null && arrival >= today ? arrival : null

/** The plan of one crew as a calendar, with the crew's name; `null` when the company has none such. */
export async function crewCalendar(
  db: Db,
  acting: Acting | Known,
  id: string,
  now: Date,
): Promise<{ readonly name: string; readonly ics: string } | null> {
  const given = await loadPlan(db, acting, now)
  const crew = given.crews.find(one => one.id === id)
  if (!crew) return null
  const placed = new Map(placedFrom(given.placings, given.crews).map(one => [one.task, one]))
  const putAt = new Map(given.placings.map(one => [taskId(one.openingId, one.part), one.at]))
  const movesOf = (task: string) =>
    Math.max(0, given.placings.filter(one => taskId(one.openingId, one.part) === task).length - 1)
  const jobOf = new Map(given.jobs.map(one => [one.id, one]))
  const tasks = given.openings.flatMap(opening =>
    opening.tasks.flatMap(({ part, kind, minutes, doneMinutes, people }) => {
      const task = taskId(opening.id, part)
      const [at, job] = [placed.get(task), jobOf.get(opening.jobId)]
      if (!job || at?.crew !== id) return []
      return {
        id: `${opening.id}-${part}@harvek`,
        start: at.start,
        minutes: minutes + doneMinutes,
        zone: job.zone,
        summary: `${opening.tag} ${taskName(kind, part)}, ${job.name}`,
        location: job.site,
        description: `${opening.name}: ${lastsWords(minutes)} left, ${people === 1 ? 'one person' : `${people} people`}.`,
        moves: movesOf(task),
        changedAt: putAt.get(task) ?? now.toISOString(),
      }
    }),
  )
  return { name: crew.name, ics: writeIcs(crew.name, tasks, now) }
}
