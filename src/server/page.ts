import { notFound } from 'next/navigation'
import type { JobResult } from '@/core/job'
import { type Progress, progressOf } from '@/core/progress'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Job } from '@/core/survey/job-record'
import type { Acting } from '@/store/acting'
import { store } from '@/store/connection'
import { findJob, listJobs, listOpenings } from '@/store/jobs'
import { loadOpening, resultOf } from './load-opening'
import { actingMember } from './session'

/** The name that stands in the bar; empty when nobody is known or the database is away. */
export async function memberName(): Promise<string> {
  return (await actingMember().catch(() => null))?.name ?? ''
}

/** Who is acting, for a page. A visitor nobody knows sees what a wrong address shows. */
async function acting(): Promise<Acting> {
  return (await actingMember()) ?? notFound()
}

export type OpeningCard = { readonly sheet: OpeningSheet; readonly result: JobResult; readonly progress: Progress }
export type JobCard = { readonly job: Job; readonly openings: readonly OpeningCard[] }

async function cardsOf(who: Acting, jobId: string): Promise<readonly OpeningCard[]> {
  const openings = await listOpenings(store(), who, jobId)
  const sheets = await Promise.all(openings.map(one => loadOpening(store(), who, one.id)))
  return sheets.flatMap(sheet => {
    if (!sheet) return []
    const result = resultOf(sheet)
    return { sheet, result, progress: progressOf(result, recordsOf(sheet)) }
  })
}

/** All jobs with their openings, for the pages that show them. */
export async function loadJobs(): Promise<readonly JobCard[]> {
  const who = await acting()
  const jobs = await listJobs(store(), who)
  return Promise.all(jobs.map(async job => ({ job, openings: await cardsOf(who, job.id) })))
}

export async function loadJob(id: string): Promise<JobCard> {
  const who = await acting()
  const job = (await findJob(store(), who, id)) ?? notFound()
  return { job, openings: await cardsOf(who, id) }
}

export async function loadSheet(id: string): Promise<OpeningSheet> {
  return (await loadOpening(store(), await acting(), id)) ?? notFound()
}
