import type { SymptomId } from '@/core/after/causes'
import { atPace, type Pace, paceOf } from '@/core/plan/own-pace'
import { standingPlacings } from '@/core/plan/placing'
import { lightAt, wallIn } from '@/core/plan/plan-view'
import { dayOf as dayOfWall } from '@/core/plan/wall'
import { zoneOf } from '@/core/sheet'
import type { Summary, WaitsOn } from '@/core/summary'
import type { Job, Opening } from '@/core/survey/job-record'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { listJobs } from '@/store/jobs'
import { placingsAndTimes } from '@/store/timed-steps'
import { dayShort, momentWords, untilWords } from '@/words/moments'
import { clockWords } from '@/words/plan'
import { type CrewDay, crewDays } from './crew-day'
import { zoneAt } from './places'
import { type SummedOpening, summariesOf } from './summaries'

/** A job as a day's work: against the light, what is next on each opening, and on whom it waits. */
export type Day = {
  readonly jobId: string
  readonly name: string
  readonly site: string
  readonly visitOn: string | null
  /** Sunset at the site as HH:MM by its own clock; `null` where the sun does not set, or while the place is not said. */
  readonly sunset: string | null
  readonly isPlaceSaid: boolean
  /** Work on the setting steps still to do, in minutes. */
  readonly minutes: number
  readonly openings: readonly (Pick<Opening, 'id' | 'tag' | 'name'> &
    Pick<Summary, 'stage' | 'worst' | 'finished'> & {
      readonly waits: string | null
      /** What it was called back for and is not over, by name. */
      readonly calls: readonly SymptomId[]
      /** Until when nothing can be done on it, by the clock there: foam that hardens. `null` where something can. */
      readonly until: string | null
    })[]
}

const MOST_JOBS_TODAY = 8
/** Of which one may be worked on today, wherever its visit stands. */
const MOST_JOBS_KNOWN = 200

/** Today: the next jobs, and what each crew does. */
export type Today = {
  readonly days: readonly Day[]
  readonly crews: readonly CrewDay[]
  /** The firm's day, `YYYY-MM-DD`. */
  readonly today: string
}

/** The next jobs of a company as days, and each crew's own. Four statements, of however many openings, while nothing changed. */
export async function todayFor(db: Db, acting: Acting | Known, now: Date): Promise<Today> {
  const [known, company, { placings, timed }] = await Promise.all([
    listJobs(db, acting, now.toISOString().slice(0, 10), MOST_JOBS_KNOWN),
    companyOf(db, acting),
    placingsAndTimes(db, acting),
  ])
  const pace = paceOf(timed)
  const firm = company.firm.data
  const jobs = known.slice(0, MOST_JOBS_TODAY)
  const today = dayOfWall(wallIn(now.toISOString(), firm.timeZone ?? 'UTC'))
  const put = [...standingPlacings(placings).values()].filter(one => one.day === today)
  const which = { jobs: jobs.map(one => one.id), putAway: false, ids: put.map(one => one.openingId) }
  const { openings } = await summariesOf(db, { ...acting, company }, which, [], now)
  return {
    days: jobs.map(job =>
      dayOf(
        job,
        zoneOf(job, firm),
        openings.filter(one => one.jobId === job.id),
        now,
      ),
    ),
    today,
    crews: crewDays({
      crews: firm.crews,
      jobs: known,
      openings: openings.map(one => pacedBy(one, pace)),
      put,
      today,
      firm,
      now,
    }),
  }
}

/** An opening whose tasks are as long as they take the firm. */
const pacedBy = (one: SummedOpening, pace: Pace | null): SummedOpening => ({
  ...one,
  summary: { ...one.summary, tasks: atPace(one.summary.tasks, pace) },
})

type Listed = { readonly opening: Pick<Opening, 'id' | 'tag' | 'name'>; readonly summary: Summary }

/** One job's day; `zone` is the clock it goes by, IANA. */
export const dayOf = (job: Job, zone: string, openings: readonly Listed[], now: Date): Day => ({
  jobId: job.id,
  name: job.name,
  site: job.site,
  visitOn: job.visitOn,
  sunset: sunsetAt(job, now),
  isPlaceSaid: job.place !== null,
  minutes: openings.reduce((sum, one) => sum + one.summary.minutes, 0),
  openings: openings.map(({ opening, summary }) => ({
    id: opening.id,
    tag: opening.tag,
    name: opening.name,
    stage: summary.stage,
    worst: summary.worst,
    finished: summary.finished,
    waits: summary.waitsOn && sinceWords(WAITS[summary.waitsOn], summary.waitsSince, zone),
    calls: summary.calls.map(one => one.symptom),
    until: summary.until && untilWords(summary.until, zone),
  })),
})

const sinceWords = (whom: string, since: string | null, zone: string): string =>
  since ? `${whom} since ${dayShort(momentWords(since, zone).slice(0, 10))}` : whom

const WAITS: Readonly<Record<WaitsOn, string>> = {
  supplier: 'the supplier',
  claim: 'the supplier’s answer to the claim',
  customer: 'the customer’s choice',
}

/** When it gets dark on the day of a visit, by the clock there. */
function sunsetAt({ place, timeZone, visitOn }: Job, now: Date): string | null {
  if (!place) return null
  const there = { latitude: place.latitudeE6 / 1e6, longitude: place.longitudeE6 / 1e6 }
  const { darkAt } = lightAt(
    { place: there, zone: timeZone ?? zoneAt(place) },
    visitOn ?? now.toISOString().slice(0, 10),
  )
  return darkAt === null ? null : clockWords(darkAt % MINUTES_A_DAY)
}
const MINUTES_A_DAY = 1440
