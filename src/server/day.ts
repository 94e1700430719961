import { getTimes } from 'suncalc'
import type { Severity } from '@/core/base/finding'
import type { Stage } from '@/core/base/stages'
import type { JobCard, OpeningCard } from './page'

/** A job as a day's work: against the light, what is next on each opening, and on whom it waits. */
export type Day = {
  readonly jobId: string
  readonly name: string
  readonly site: string
  readonly visitOn: string | null
  /** Sunset at the site as HH:MM UTC; `null` without a visit, or where the sun does not set. */
  readonly sunset: string | null
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
  }[]
}

export function dayOf({ job, openings }: JobCard, now: Date): Day {
  const noon = new Date(`${job.visitOn ?? now.toISOString().slice(0, 10)}T12:00:00Z`)
  const { sunset } = getTimes(noon, job.latitudeE6 / 1e6, job.longitudeE6 / 1e6)
  return {
    jobId: job.id,
    name: job.name,
    site: job.site,
    visitOn: job.visitOn,
    sunset: sunset && !Number.isNaN(sunset.getTime()) ? sunset.toISOString().slice(11, 16) : null,
    minutes: openings
      .filter(one => one.progress.stage === 'fit')
      .flatMap(one => one.work.fit.value.steps)
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
    })),
  }
}

/** On whom an opening waits; `null` when the next move is one's own. */
function waitsOn({ sheet, progress, work }: OpeningCard): string | null {
  if (progress.stage === 'fit' && work.fit.value.delivery === 'awaited') return 'the supplier'
  if (progress.stage === 'fit' && work.fit.value.delivery === 'held') return 'the supplier’s answer to the claim'
  if (progress.stage === 'order' && !sheet.edits.order.data.chosen) return 'the customer’s choice'
  return null
}
