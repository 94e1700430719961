import { and, asc, eq, inArray, isNull, or, sql } from 'drizzle-orm'
import type { Opening } from '@/core/survey/job-record'
import type { Acting } from './acting'
import type { Db } from './connection'
import { asOpening } from './jobs'
import { placed, places, preparedAs } from './prepared'
import { openingState } from './state-table'
import { job, jobSchools, opening } from './tables'

/** What can be kept of an opening beside its summary. */
export type SummaryPart = 'small' | 'ordering' | 'after'

/** An opening with what was summed up of it, and the revisions by which that is known to be stale. */
export type OpeningState = {
  readonly opening: Opening
  readonly jobId: string
  /** Of what is said of it: tag, name and kind. */
  readonly detailsRevision: number
  readonly jobRevision: number
  readonly schoolsRevision: number
  readonly revision: number
  readonly summaryOf: string
  readonly freshUntil: string | null
  /** As they were kept; `null` where none is, or it was not asked for. */
  readonly summary: unknown
  readonly small: unknown
  readonly ordering: unknown
  readonly after: unknown
}

/** Openings with what is kept of them, as one walks round each house: of some jobs, with those that were put away or without; those with
 *  these ids; or both. */
export async function listOpeningStates(
  db: Db,
  acting: Acting,
  which:
    | { readonly jobs: readonly string[]; readonly putAway: boolean; readonly ids?: readonly string[] }
    | { readonly ids: readonly string[] },
  parts: readonly SummaryPart[],
): Promise<readonly OpeningState[]> {
  const [jobs, ids] = ['jobs' in which ? which.jobs : [], which.ids ?? []]
  if (jobs.length + ids.length === 0) return []
  const all = !('jobs' in which) || which.putAway
  const rows = await STATES(db, jobs.length, ids.length, all, ...parts).execute({
    company: acting.companyId,
    ...placed('job', jobs),
    ...placed('id', ids),
  })
  return rows.map(({ opening: own, schoolsRevision, revision, summaryOf, ...row }) => ({
    ...row,
    opening: asOpening(own),
    jobId: own.jobId,
    detailsRevision: own.revision,
    schoolsRevision: schoolsRevision ?? 0,
    revision: revision ?? 0,
    summaryOf: summaryOf ?? '',
  }))
}

/** `all`: those that were put away too. */
const STATES = preparedAs((db, jobs: number, ids: number, all: boolean, ...parts: SummaryPart[]) => {
  const isAsked = or(
    jobs ? inArray(opening.jobId, places('job', jobs)) : undefined,
    ids ? inArray(opening.id, places('id', ids)) : undefined,
  )
  const nothing = sql<null>`null`
  return db
    .select({
      opening,
      jobRevision: job.revision,
      schoolsRevision: jobSchools.revision,
      revision: openingState.revision,
      summaryOf: openingState.summaryOf,
      freshUntil: openingState.freshUntil,
      summary: openingState.summary,
      small: parts.includes('small') ? openingState.small : nothing,
      ordering: parts.includes('ordering') ? openingState.ordering : nothing,
      after: parts.includes('after') ? openingState.after : nothing,
    })
    .from(opening)
    .innerJoin(job, and(eq(job.companyId, opening.companyId), eq(job.id, opening.jobId)))
    .leftJoin(jobSchools, and(eq(jobSchools.companyId, job.companyId), eq(jobSchools.jobId, job.id)))
    .leftJoin(openingState, and(eq(openingState.companyId, opening.companyId), eq(openingState.openingId, opening.id)))
    .where(
      and(eq(opening.companyId, sql.placeholder('company')), isAsked, all ? undefined : isNull(opening.archivedAt)),
    )
    .orderBy(asc(opening.jobId), asc(opening.position))
    .prepare()
})

export type KeptSummary = {
  readonly openingId: string
  readonly summaryOf: string
  readonly freshUntil: string | null
  readonly summary: unknown
  readonly small: unknown
  readonly ordering: unknown
  readonly after: unknown
}

/** Keeps what was summed up. It changes nothing of the opening: its revision stays. */
export async function keepSummaries(db: Db, acting: Acting, all: readonly KeptSummary[]): Promise<void> {
  if (all.length === 0) return
  const written = (name: string) => sql.raw(`values(\`${name}\`)`)
  await db
    .insert(openingState)
    .values(all.map(one => ({ ...one, companyId: acting.companyId })))
    .onDuplicateKeyUpdate({
      set: {
        summaryOf: written('summary_of'),
        freshUntil: written('fresh_until'),
        summary: written('summary'),
        small: written('small'),
        ordering: written('ordering'),
        after: written('after_kept'),
      },
    })
}
