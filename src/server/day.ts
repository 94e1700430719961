import { getTimes } from 'suncalc'
import type { Severity } from '@/core/base/finding'
import type { Stage } from '@/core/base/stages'
import type { PlannedStep } from '@/core/fit/setting-step'
import { zoneOf } from '@/core/sheet'
import { untilWords } from '@/words/moments'
import type { JobCard, OpeningCard } from './page'
import { zoneAt } from './places'

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
  readonly openings: readonly {
    readonly id: string
    readonly tag: string
    readonly name: string
    readonly stage: Stage
    readonly worst: Severity
    readonly finished: boolean
    readonly waits: string | null
    /** Until when nothing can be done on it, by the clock there: foam that hardens. `null` where something can. */
    readonly until: string | null
  }[]
}

export function dayOf({ job, openings }: JobCard, now: Date): Day {
  return {
    jobId: job.id,
    name: job.name,
    site: job.site,
    visitOn: job.visitOn,
    sunset: sunsetAt(job, now),
    isPlaceSaid: job.place !== null,
    minutes: openings
      .flatMap(stepsNow)
      .filter(step => step.state !== 'done')
      .reduce((sum, step) => sum + step.minutes, 0),
    openings: openings.map(one => ({
      id: one.sheet.opening.id,
      tag: one.sheet.opening.tag,
      name: one.sheet.opening.name,
      stage: one.progress.stage,
      worst: one.progress.worst,
      finished: one.progress.finished,
      waits: waitsOn(one),
      until: waitsUntil(one),
    })),
  }
}

/** When it gets dark on the day of a visit, by the clock there. */
function sunsetAt({ place, timeZone, visitOn }: JobCard['job'], now: Date): string | null {
  if (!place) return null
  const noon = new Date(`${visitOn ?? now.toISOString().slice(0, 10)}T12:00:00Z`)
  const { sunset } = getTimes(noon, place.latitudeE6 / 1e6, place.longitudeE6 / 1e6)
  if (!sunset || Number.isNaN(sunset.getTime())) return null
  return sunset.toLocaleTimeString('en-GB', { timeZone: timeZone ?? zoneAt(place), hour: '2-digit', minute: '2-digit' })
}

/** The steps an opening is at: of setting it, or of sealing it. */
const stepsNow = ({ progress, work }: Pick<OpeningCard, 'progress' | 'work'>): readonly PlannedStep[] =>
  progress.stage === 'fit' ? work.fit.value.steps : progress.stage === 'seal' ? work.seal.value.steps : []

/** While every step that is left waits: until the first of them may begin. */
function waitsUntil({ sheet, progress, work }: OpeningCard): string | null {
  const steps = stepsNow({ progress, work })
  const waiting = steps.flatMap(one => one.until ?? [])
  const canBegin = steps.some(one => ['ready', 'doing', 'failed', 'look-again'].includes(one.state))
  if (canBegin || waiting.length === 0) return null
  return untilWords(waiting.sort()[0]!, zoneOf(sheet.job, sheet.firm))
}

/** On whom an opening waits; `null` when the next move is one's own. */
function waitsOn({ sheet, progress, work }: OpeningCard): string | null {
  if (progress.stage === 'fit' && work.fit.value.delivery === 'awaited') return 'the supplier'
  if (progress.stage === 'fit' && work.fit.value.delivery === 'held') return 'the supplier’s answer to the claim'
  if (progress.stage === 'order' && !sheet.edits.order.data.chosen) return 'the customer’s choice'
  return null
}
