import { addDays } from 'date-fns'
import { z } from 'zod'
import { type Glance, glanceOf } from '@/core/glance'
import { standingOrders } from '@/core/order/revision'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { listJobs } from '@/store/jobs'
import { listOpeningStates } from '@/store/opening-state'
import { bodyOf, type Way } from './handle'
import { type JobPage, jobPage } from './job-page'
import { loadOpenings, workOf } from './load-opening'
import { loadOrder, type OrderView } from './load-order'

/** A sheet as it was taken along, and at which revision. */
export type AlongSheet = { readonly revision: number; readonly sheet: OpeningSheet; readonly glance: Glance }

/** What a device keeps of jobs, so that they can be worked on where there is no signal. */
export type Along = {
  readonly jobs: readonly JobPage[]
  /** Of every opening of these jobs. */
  readonly openings: readonly { readonly id: string; readonly revision: number }[]
  /** Those that are not there already as they are. */
  readonly sheets: readonly AlongSheet[]
  readonly orders: readonly OrderView[]
}

const MOST_JOBS = 20
const MOST_OPENINGS = 400
const DAYS = 7

const asked = z.strictObject({
  jobs: z.union([z.literal('week'), z.array(z.uuid()).max(MOST_JOBS)]),
  have: z.array(z.strictObject({ id: z.uuid(), revision: z.int().min(0) })).max(2 * MOST_OPENINGS),
})

/** The jobs whose visit is today or in the seven days after. */
async function nextJobs(db: Db, acting: Acting, now: Date): Promise<readonly string[]> {
  const day = (at: Date) => at.toISOString().slice(0, 10)
  const last = day(addDays(now, DAYS))
  const jobs = await listJobs(db, acting, day(now), MOST_JOBS)
  return jobs.filter(one => one.visitOn !== null && one.visitOn >= day(now) && one.visitOn <= last).map(one => one.id)
}

/** The orders that stand on some sheets, as their pages show them. */
async function ordersOn(db: Db, acting: Acting, sheets: readonly AlongSheet[]): Promise<readonly OrderView[]> {
  const ids = sheets.flatMap(({ sheet }) => standingOrders(sheet.orders).map(one => one.id))
  const views = await Promise.all([...new Set(ids)].map(id => loadOrder(db, acting, id)))
  return views.flatMap(one => one ?? [])
}

/** Gives what is to be taken along of some jobs, or of those of the next days: sheets that are there already are left out. The revision of each is
 *  looked up before it is read, so that what is written meanwhile is fetched the next time. */
export const along: Way = {
  verb: 'look',
  answer: async ({ db, acting, request }) => {
    const { jobs, have } = await bodyOf(request, asked)
    const now = new Date()
    const ids = jobs === 'week' ? await nextJobs(db, acting, now) : jobs
    const states = (await listOpeningStates(db, acting, { jobs: ids, putAway: false }, [])).slice(0, MOST_OPENINGS)
    const revisions = new Map(states.map(one => [one.opening.id, one.revision]))
    const there = new Map(have.map(one => [one.id, one.revision]))
    const wanted = [...revisions].filter(([id, revision]) => there.get(id) !== revision).map(([id]) => id)
    const loaded = await loadOpenings(db, acting, wanted)
    const sheets: AlongSheet[] = []
    for (const sheet of loaded) {
      sheets.push({
        revision: revisions.get(sheet.opening.id) ?? 0,
        sheet,
        glance: glanceOf(workOf(sheet, now), recordsOf(sheet)),
      })
      // Others are let in between.
      await new Promise(resolve => setImmediate(resolve))
    }
    const pages = await Promise.all(ids.map(id => jobPage(db, acting, id, now)))
    const answer: Along = {
      jobs: pages.flatMap(one => one ?? []),
      openings: [...revisions].map(([id, revision]) => ({ id, revision })),
      sheets,
      orders: await ordersOn(db, acting, sheets),
    }
    return Response.json(answer, { headers: { 'cache-control': 'private, no-store' } })
  },
}
