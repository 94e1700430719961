import { notFound } from 'next/navigation'
import { type Counting, NEW_FIRM } from '@/core/catalogue/firm'
import { type Glance, glanceOf } from '@/core/glance'
import { type Progress, progressOf } from '@/core/progress'
import { type OpeningSheet, recordsOf, type Versioned } from '@/core/sheet'
import type { Job, JobDetails, Opening, OpeningDetails } from '@/core/survey/job-record'
import type { Work } from '@/core/work'
import type { Acting } from '@/store/acting'
import { store } from '@/store/connection'
import { findFirm, findJobSchools } from '@/store/firm'
import { countOpenings, findJob, findJobDetails, listJobs, listOpenings, openingPlace } from '@/store/jobs'
import { findLogo } from '@/store/logo'
import { catalogueOf } from './catalogue'
import { loadOpening, workOf } from './load-opening'
import { loadOrder, loadOrders, type OrderRow, type OrderView } from './load-order'
import { type FoundUnits, searchCatalogue, WHOLE_CATALOGUE } from './search-catalogue'
import { type FoundOpenings, searchOpenings } from './search-openings'
import { actingMember } from './session'

/** The name that stands in the bar; empty when nobody is known or the database is away. */
export async function memberName(): Promise<string> {
  return (await actingMember().catch(() => null))?.name ?? ''
}

/** What the acting member's firm counts in and how it writes numbers; as shipped when nobody is known or the database is away. */
export async function counting(): Promise<Counting> {
  const who = await actingMember().catch(() => null)
  const firm = who && (await findFirm(store(), who).catch(() => null))
  const { currency, numbers } = firm?.data ?? NEW_FIRM
  return { currency, numbers }
}

/** Who is acting, for a page. A visitor nobody knows sees what a wrong address shows. */
async function acting(): Promise<Acting> {
  return (await actingMember()) ?? notFound()
}

export type OpeningCard = { readonly sheet: OpeningSheet; readonly work: Work; readonly progress: Progress }
export type JobCard = { readonly job: Job; readonly openings: readonly OpeningCard[] }

async function cardsOf(who: Acting, jobId: string): Promise<readonly OpeningCard[]> {
  const openings = (await listOpenings(store(), who, jobId)).filter(one => one.archivedAt === null)
  const sheets = await Promise.all(openings.map(one => loadOpening(store(), who, one.id)))
  return sheets.flatMap(sheet => {
    if (!sheet) return []
    const work = workOf(sheet)
    return { sheet, work, progress: progressOf(work, recordsOf(sheet)) }
  })
}

const MOST_JOBS_TODAY = 8
const MOST_JOBS = 1000

/** The next jobs with their openings, for the day's page. */
export async function loadNextJobs(now: Date): Promise<readonly JobCard[]> {
  const who = await acting()
  const jobs = await listJobs(store(), who, now.toISOString().slice(0, 10), MOST_JOBS_TODAY)
  return Promise.all(jobs.map(async job => ({ job, openings: await cardsOf(who, job.id) })))
}

/** A job as it stands in the list of all. */
export type ListedJob = Pick<Job, 'id' | 'name' | 'site' | 'visitOn'> & {
  readonly customer: string
  /** How many openings it has. */
  readonly count: number
}

/** All jobs; or those that were put away. */
export async function loadJobList(now: Date, archived = false): Promise<readonly ListedJob[]> {
  const who = await acting()
  const [jobs, counts] = await Promise.all([
    listJobs(store(), who, now.toISOString().slice(0, 10), MOST_JOBS, archived),
    countOpenings(store(), who),
  ])
  return jobs.map(({ id, name, site, visitOn, customer }) => ({
    id,
    name,
    site,
    visitOn,
    customer: customer.name,
    count: counts.get(id) ?? 0,
  }))
}

/** Openings of the whole company by words. */
export async function loadOpenings(search: string): Promise<FoundOpenings> {
  return searchOpenings(store(), await acting(), search)
}

export type JobPage = JobCard & {
  readonly details: Versioned<JobDetails>
  readonly putAway: readonly Opening[]
}

export async function loadJob(id: string): Promise<JobPage> {
  const who = await acting()
  const [job, details, all] = await Promise.all([
    findJob(store(), who, id),
    findJobDetails(store(), who, id),
    listOpenings(store(), who, id),
  ])
  if (!job || !details) return notFound()
  return { job, details, openings: await cardsOf(who, id), putAway: all.filter(one => one.archivedAt !== null) }
}

/** What each opening of a job is called, with its revision. */
export async function loadOpeningDetails(ids: readonly string[]): Promise<readonly Versioned<OpeningDetails>[]> {
  const who = await acting()
  return Promise.all(ids.map(id => openingPlace(store(), who, id).find()))
}

/** The firm's own and the practices a job chose. */
export async function loadJobPractices(id: string) {
  const who = await acting()
  const [firm, schools] = await Promise.all([findFirm(store(), who), findJobSchools(store(), who, id)])
  return { firm: firm.data, schools }
}

/** An opening's sheet, with what is seen of its work before the work is worked out in the browser. */
export async function loadSheet(id: string): Promise<{ readonly sheet: OpeningSheet; readonly glance: Glance }> {
  const sheet = (await loadOpening(store(), await acting(), id)) ?? notFound()
  return { sheet, glance: glanceOf(workOf(sheet), recordsOf(sheet)) }
}

export const loadOrderList = async (): Promise<readonly OrderRow[]> => loadOrders(store(), await acting())

export async function loadOrderPage(id: string): Promise<OrderView> {
  return (await loadOrder(store(), await acting(), id)) ?? notFound()
}

export async function loadCatalogue(): Promise<FoundUnits> {
  return searchCatalogue(await catalogueOf(store(), await acting()), WHOLE_CATALOGUE)
}

/** The firm's own practices, rates and suppliers, and the makers its catalogue names. */
export async function loadFirm() {
  const who = await acting()
  const [firm, { units }, logo] = await Promise.all([
    findFirm(store(), who),
    catalogueOf(store(), who),
    findLogo(store(), who),
  ])
  return { firm, logoAt: logo?.setAt ?? null, makers: [...new Set(units.map(one => one.maker))].sort() }
}
