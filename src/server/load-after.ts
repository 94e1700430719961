import type { CallBack } from '@/core/after/call-backs'
import type { Deadline } from '@/core/after/deadlines'
import { type Figured, type SupplierRow, supplierRows } from '@/core/after/figures'
import { zoneOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { listJobs } from '@/store/jobs'
import { DEADLINE_WORDS, deadlineName } from '@/words/after'
import { writeDueIcs } from '@/writers/write-ics'
import { loadOrders } from './load-order'
import { summariesOf } from './summaries'

/** A door that stands, with whose it is. */
type Standing = {
  readonly openingId: string
  readonly tag: string
  readonly name: string
  readonly job: string
  readonly site: string
  readonly customer: string
  readonly phone: string
}
export type DueRow = Standing & { readonly deadline: Deadline }
export type CallRow = Standing & { readonly call: CallBack }
export type Due = { readonly rows: readonly DueRow[]; readonly calls: readonly CallRow[]; readonly today: string }

const MOST_JOBS = 1000

/** Every opening of a company, those of jobs that were put away too: a door lives on after its job. Six statements, of however many openings. */
async function standing(db: Db, acting: Acting | Known, now: Date) {
  const today = now.toISOString().slice(0, 10)
  const [open, putAway, company] = await Promise.all([
    listJobs(db, acting, today, MOST_JOBS),
    listJobs(db, acting, today, MOST_JOBS, true),
    companyOf(db, acting),
  ])
  const jobs = new Map([...open, ...putAway].map(one => [one.id, one]))
  const which = { jobs: [...jobs.keys()], putAway: false }
  const { openings } = await summariesOf(db, { ...acting, company }, which, ['after'], now)
  return openings.flatMap(({ opening, jobId, summary, after }) => {
    const job = jobs.get(jobId)
    return job && after ? [{ opening, job, summary, after, zone: zoneOf(job, company.firm.data) }] : []
  })
}

/** What is due of any door, the earliest first, and every call-back that is not over. */
export async function loadDue(db: Db, acting: Acting | Known, now: Date): Promise<Due> {
  const all = await standing(db, acting, now)
  const about = ({ opening, job }: (typeof all)[number]): Standing => ({
    openingId: opening.id,
    tag: opening.tag,
    name: opening.name,
    job: job.name,
    site: job.site,
    customer: job.customer.name,
    phone: job.customer.phone,
  })
  return {
    rows: all
      .flatMap(one => one.after.due.map(deadline => ({ ...about(one), deadline })))
      .sort((a, b) => (a.deadline.due < b.deadline.due ? -1 : a.deadline.due > b.deadline.due ? 1 : 0)),
    calls: all.flatMap(one => one.summary.calls.map(call => ({ ...about(one), call }))),
    today: now.toISOString().slice(0, 10),
  }
}

/** What is due as a calendar. */
export async function dueCalendar(db: Db, acting: Acting | Known, now: Date): Promise<string> {
  const { rows } = await loadDue(db, acting, now)
  return writeDueIcs(
    'Due',
    rows.map(({ openingId, tag, name, job, site, customer, phone, deadline }) => ({
      id: `${openingId}-${deadline.key.replace(/[^a-z0-9-]/gi, '-')}@harvek`,
      day: deadline.due,
      summary: `${tag} ${deadlineName(deadline)}, ${job}`,
      location: site,
      description: [`${name}. ${DEADLINE_WORDS[deadline.id][1]}`, [customer, phone].filter(Boolean).join(', ')]
        .filter(Boolean)
        .join(' '),
    })),
    now,
  )
}

/** What every door has to tell. */
export async function loadFigured(db: Db, acting: Acting | Known, now: Date): Promise<readonly Figured[]> {
  return (await standing(db, acting, now)).map(({ opening, job, after }) => ({
    id: opening.id,
    tag: opening.tag,
    name: opening.name,
    job: job.name,
    figures: after.figures,
  }))
}

/** How makers keep to prices and days, over the latest orders. */
export async function loadSuppliers(db: Db, acting: Acting | Known): Promise<readonly SupplierRow[]> {
  return supplierRows((await loadOrders(db, acting)).flatMap(one => one.prices))
}
