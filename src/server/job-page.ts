import type { Severity } from '@/core/base/finding'
import type { SchoolChoices } from '@/core/base/schools'
import type { Stage } from '@/core/base/stages'
import type { Firm } from '@/core/catalogue/firm'
import type { SmallDoor } from '@/core/drawing/small-door'
import type { Versioned } from '@/core/sheet'
import type { Job, JobDetails, OpeningDetails } from '@/core/survey/job-record'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { findJobWhole } from '@/store/jobs'
import { holdsUntil } from './answer-note'
import { soonestOf } from './basis'
import { summariesOf } from './summaries'

/** An opening as the row of doors shows it. */
export type OpeningItem = {
  readonly id: string
  readonly tag: string
  readonly name: string
  readonly small: SmallDoor
  readonly stage: Stage
  readonly worst: Severity
  readonly finished: boolean
  readonly hasLabel: boolean
}

/** An opening in the list in which it is called, moved and made another kind. */
export type ListedOpening = {
  readonly id: string
  readonly details: OpeningDetails
  readonly revision: number
  /** Readings and answers so far. */
  readonly said: number
}

/** All that a job's page shows. */
export type JobPage = {
  readonly job: Job
  readonly details: Versioned<JobDetails>
  readonly openings: readonly OpeningItem[]
  readonly listed: readonly ListedOpening[]
  readonly putAway: readonly { readonly id: string; readonly tag: string; readonly name: string }[]
  readonly firm: Firm
  readonly schools: Versioned<SchoolChoices>
}

/** A job with its openings as they are listed, and the practices of the firm and its own; `null` when this company has none such. */
export async function jobPage(db: Db, acting: Acting | Known, id: string, now: Date): Promise<JobPage | null> {
  const company = await companyOf(db, acting)
  const [whole, { openings, putAway }] = await Promise.all([
    findJobWhole(db, acting, id),
    summariesOf(db, { ...acting, company }, { jobs: [id], putAway: true }, ['small'], now),
  ])
  if (!whole) return null
  holdsUntil(soonestOf(openings.map(one => one.freshUntil)))
  return {
    ...whole,
    firm: company.firm.data,
    putAway,
    listed: openings.map(({ opening: { id: own, tag, name, family }, detailsRevision, summary }) => ({
      id: own,
      details: { tag, name, family },
      revision: detailsRevision,
      said: summary.said,
    })),
    openings: openings.map(({ opening: { id: own, tag, name }, summary, small }) => ({
      id: own,
      tag,
      name,
      small: small!,
      stage: summary.stage,
      worst: summary.worst,
      finished: summary.finished,
      hasLabel: summary.labelMinutes > 0,
    })),
  }
}
