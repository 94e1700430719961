import { hasComma } from '@/core/catalogue/firm'
import type { StepTool } from '@/core/fit/setting-step'
import type { Delivery } from '@/core/order/delivery'
import { type DayEntry, isDay, standingDay, type Weather } from '@/core/plan/day-entry'
import type { Taking } from '@/core/plan/take-off'
import { type Stop, type VanLoad, vanLoad } from '@/core/plan/van-load'
import { recordsOf } from '@/core/sheet'
import type { Job, Opening } from '@/core/survey/job-record'
import { stopOf, takingsOf, toolsOf } from '@/core/taking'
import { type DisplayStep, shownStep } from '@/core/units/format-length'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { jobsOn } from '@/store/jobs'
import { openingsDoneSince } from '@/store/log-since'
import { listOpeningStates } from '@/store/opening-state'
import { DAY_ENTRIES, listRows } from '@/store/rows'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS } from '@/trade/rates'
import { loadOpenings, workOf } from './load-opening'

export type DayOpening = Pick<Opening, 'id' | 'tag' | 'name'> & {
  /** What is set there; `null` where nothing is, or none is chosen. */
  readonly unit: string | null
  readonly delivery: Delivery
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

const pick = ({ id, tag, name }: Opening): Pick<Opening, 'id' | 'tag' | 'name'> => ({ id, tag, name })

/** What a day of the company takes along, over all jobs whose visit is on it; `null` where there is no such day. As many statements for ten openings
 *  as for one. */
export async function loadDay(db: Db, acting: Acting | Known, date: string, now = new Date()): Promise<DayPlan | null> {
  if (!isDay(date)) return null
  const company = await companyOf(db, acting)
  const { van, steps, unit, numbers, offCuts } = company.firm.data
  const countedAt = van?.countedAt ?? null
  const [jobs, entries, since] = await Promise.all([
    jobsOn(db, acting, date),
    listRows(db, DAY_ENTRIES, acting, [date]),
    countedAt === null ? [] : openingsDoneSince(db, acting, countedAt),
  ])
  const states = await listOpeningStates(db, acting, { jobs: jobs.map(one => one.id), putAway: false }, [])
  const ofDay = states.map(({ opening, jobId }) => ({ ...opening, jobId }))
  const ids = [...new Set([...ofDay.map(one => one.id), ...since])]
  const sheets = await loadOpenings(db, { ...acting, company } as Known, ids)
  const own = new Set(ofDay.map(one => one.id))
  const stops: Stop[] = []
  const used: Taking[] = []
  const tools = new Set<StepTool>()
  const openings: (DayOpening & { readonly jobId: string })[] = []
  for (const sheet of sheets) {
    const [work, records] = [workOf(sheet, now), recordsOf(sheet)]
    const trade = { numbers: NUMBERS }
    if (own.has(sheet.opening.id)) {
      stops.push(stopOf(work, records, trade))
      const { unit } = work.order.value.chosen ?? {}
      openings.push({
        ...pick(sheet.opening),
        jobId: sheet.job.id,
        unit: unit ? `${unit.maker} ${unit.article}` : null,
        delivery: work.fit.value.delivery,
      })
      for (const tool of toolsOf(work)) tools.add(tool)
    }
    if (countedAt !== null)
      used.push(...takingsOf(work, records, trade).filter(one => one.doneAt !== null && one.doneAt > countedAt))
    // Others are let in between.
    await new Promise(resolve => setImmediate(resolve))
  }
  const units = new Set(jobs.map(one => one.unit))
  const step = units.size === 1 ? jobs[0]!.step : steps[unit]
  const weather = standingDay('weather', entries)
  return {
    date,
    jobs: jobs.map(({ id, name, site, delivery, customer }) => ({
      id,
      name,
      site,
      delivery,
      customer: customer.name,
      weather: (weather.get(id)?.result as Weather | undefined) ?? null,
      openings: openings.filter(one => one.jobId === id).map(({ jobId: _, ...one }) => one),
    })),
    load: vanLoad(stops, van, used, LENGTHS, offCuts),
    tools: [...tools],
    entries,
    countedAt,
    step: shownStep(step, hasComma(numbers)),
    memberName: acting.name,
  }
}
