import type { Crew } from '@/core/catalogue/crew'
import { hasComma } from '@/core/catalogue/firm'
import type { StepTool } from '@/core/fit/setting-step'
import { openingTasks } from '@/core/opening-tasks'
import type { Delivery } from '@/core/order/delivery'
import { type DayEntry, isDay, standingDay, type Weather } from '@/core/plan/day-entry'
import { type PlacingOf, standingPlacings } from '@/core/plan/placing'
import type { Taking } from '@/core/plan/take-off'
import { type Stop, type VanLoad, vanLoad } from '@/core/plan/van-load'
import { progressOf } from '@/core/progress'
import { recordsOf, type ShownJob } from '@/core/sheet'
import type { Job, Opening } from '@/core/survey/job-record'
import { stopOf, takingsOf, toolsOf } from '@/core/taking'
import type { OpeningRecords } from '@/core/terms'
import { type DisplayStep, shownStep } from '@/core/units/format-length'
import type { Work } from '@/core/work'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { grouped } from '@/store/grouped'
import { jobsOn } from '@/store/jobs'
import { openingsDoneSince } from '@/store/log-since'
import { listOpeningStates } from '@/store/opening-state'
import { listPlacings } from '@/store/placings'
import { DAY_ENTRIES, listRows } from '@/store/rows'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS } from '@/trade/rates'
import { loadOpenings, workOf } from './load-opening'

export type DayOpening = Pick<Opening, 'id' | 'tag' | 'name'> & {
  /** What is set there; `null` where nothing is, or none is chosen. */
  readonly unit: string | null
  readonly delivery: Delivery
  /** Who is planned to be at it from when, minutes after midnight; `null` where it is on no plan. */
  readonly at: { readonly crew: string; readonly minute: number } | null
}

/** A day as it is loaded for and worked through. */
export type DayPlan = {
  readonly date: string
  readonly jobs: readonly (Pick<Job, 'id' | 'name' | 'site' | 'delivery'> & {
    readonly customer: string
    readonly weather: Weather | null
    readonly openings: readonly DayOpening[]
  })[]
  readonly load: VanLoad
  readonly tools: readonly StepTool[]
  readonly entries: readonly DayEntry[]
  /** When the van was counted, ISO 8601; `null` while it was not. */
  readonly countedAt: string | null
  /** The unit all of the day's jobs are in, else the firm's. */
  readonly step: DisplayStep
  readonly memberName: string
}

/** Of several pieces of work the first. */
function atOf(put: readonly PlacingOf[] | undefined, crews: readonly Crew[]): DayOpening['at'] {
  const first = [...(put ?? [])].sort((a, b) => a.minute! - b.minute!)[0]
  return first ? { crew: crews.find(it => it.id === first.crew)?.name ?? '', minute: first.minute! } : null
}

/** The steps of what is put on the day: what hardens overnight is gone on with on another. */
function stepsOf(put: readonly PlacingOf[], work: Work, records: OpeningRecords): ReadonlySet<string> {
  const parts = new Set(put.map(one => one.part))
  const tasks = openingTasks(work, records, progressOf(work, records), NUMBERS)
  return new Set(tasks.filter(one => parts.has(one.part)).flatMap(one => one.steps))
}

/** A stop with what only some of its steps take: strips go with the steps that put them in. */
const stopOn = (stop: Stop, steps: ReadonlySet<string> | null): Stop =>
  steps === null
    ? stop
    : {
        ...stop,
        takings: stop.takings.filter(one => steps.has(one.step)),
        plan: [...steps].some(one => one.includes('/')) ? stop.plan : null,
      }

/** As they are come to: by the clock; what is on no plan after them. */
const inOrder = <T extends Pick<DayOpening, 'at'>>(all: readonly T[]): readonly T[] =>
  [...all].sort((a, b) => (a.at?.minute ?? 1440) - (b.at?.minute ?? 1440))

const pick = ({ id, tag, name }: Opening): Pick<Opening, 'id' | 'tag' | 'name'> => ({ id, tag, name })

/** What a day of the company takes along: over all that is planned on it, and the jobs whose visit it is as far as they are on no plan; `null` where
 *  there is no such day. As many statements for ten openings as for one. */
export async function loadDay(db: Db, acting: Acting | Known, date: string, now = new Date()): Promise<DayPlan | null> {
  if (!isDay(date)) return null
  const company = await companyOf(db, acting)
  const { van, steps, unit, numbers, offCuts, crews } = company.firm.data
  const countedAt = van?.countedAt ?? null
  const [visits, placings, entries, since] = await Promise.all([
    jobsOn(db, acting, date),
    listPlacings(db, acting),
    listRows(db, DAY_ENTRIES, acting, [date]),
    countedAt === null ? [] : openingsDoneSince(db, acting, countedAt),
  ])
  const crewIds = new Set(crews.map(one => one.id))
  const placed = [...standingPlacings(placings).values()].filter(one => one.crew !== null && crewIds.has(one.crew))
  const here = grouped(placed.filter(one => one.day === date).map(one => [one.openingId, one] as const))
  const elsewhere = new Set(placed.filter(one => one.day !== date && one.part !== 'survey').map(one => one.openingId))
  const states = await listOpeningStates(db, acting, { jobs: visits.map(one => one.id), putAway: false }, [])
  // What is planned goes by its plan; what is on no plan, by its job's visit.
  const visited = states.map(one => one.opening.id).filter(id => !elsewhere.has(id))
  const ids = [...new Set([...here.keys(), ...visited, ...since])]
  const sheets = await loadOpenings(db, { ...acting, company } as Known, ids)
  const own = new Set([...here.keys(), ...visited])
  const jobs = new Map<string, ShownJob>()
  const stops: Stop[] = []
  const used: Taking[] = []
  const tools = new Set<StepTool>()
  const openings: (DayOpening & { readonly jobId: string })[] = []
  for (const sheet of sheets) {
    const [work, records] = [workOf(sheet, now), recordsOf(sheet)]
    const trade = { numbers: NUMBERS }
    if (own.has(sheet.opening.id) && sheet.opening.archivedAt === null) {
      jobs.set(sheet.job.id, sheet.job)
      const put = here.get(sheet.opening.id)
      const steps = put ? stepsOf(put, work, records) : null
      stops.push(stopOn(stopOf(work, records, trade), steps))
      const { unit } = work.order.value.chosen ?? {}
      openings.push({
        ...pick(sheet.opening),
        jobId: sheet.job.id,
        unit: unit ? `${unit.maker} ${unit.article}` : null,
        delivery: work.fit.value.delivery,
        at: atOf(put, crews),
      })
      for (const tool of toolsOf(work, steps)) tools.add(tool)
    }
    if (countedAt !== null)
      used.push(...takingsOf(work, records, trade).filter(one => one.doneAt !== null && one.doneAt > countedAt))
    // Others are let in between.
    await new Promise(resolve => setImmediate(resolve))
  }
  const all = [...jobs.values()]
  const units = new Set(all.map(one => one.unit))
  const step = units.size === 1 ? all[0]!.step : steps[unit]
  const weather = standingDay('weather', entries)
  return {
    date,
    jobs: all.map(({ id, name, site, delivery, customer }) => ({
      id,
      name,
      site,
      delivery,
      customer: customer.name,
      weather: (weather.get(id)?.result as Weather | undefined) ?? null,
      openings: inOrder(openings.filter(one => one.jobId === id)).map(({ jobId: _, ...one }) => one),
    })),
    load: vanLoad(stops, van, used, LENGTHS, offCuts),
    tools: [...tools],
    entries,
    countedAt,
    step: shownStep(step, hasComma(numbers)),
    memberName: acting.name,
  }
}
