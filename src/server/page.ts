import { forbidden, notFound, redirect } from 'next/navigation'
import { may, type Role, type Verb } from '@/core/access/access'
import { withoutMoney } from '@/core/access/without-money'
import type { Stage } from '@/core/base/stages'
import { type Counting, NEW_FIRM } from '@/core/catalogue/firm'
import { codeTyped } from '@/core/plan/label'
import type { Job } from '@/core/survey/job-record'
import type { Known, Member } from '@/store/company'
import { store } from '@/store/connection'
import { countOpenings, openingsByCode } from '@/store/find-openings'
import { hasCompany, listJobs } from '@/store/jobs'
import { findLogo } from '@/store/logo'
import { listInvitations, listPeople, membershipsOf } from '@/store/people'
import { barsWords } from '@/words/take-off'
import { catalogueAt } from './catalogue'
import { type Today, todayFor } from './day'
import { DEMO_COMPANY_ID } from './demo-ids'
import { type JobPage, jobPage } from './job-page'
import { loadDue, loadFigured, loadSuppliers } from './load-after'
import { type DayPlan, loadDay } from './load-day'
import { loadOrders, type OrderRow } from './load-order'
import { type BroughtOrder, orderAt } from './orders'
import { lookAtInvitation } from './people'
import { type FoundUnits, searchCatalogue, WHOLE_CATALOGUE } from './search-catalogue'
import { type FoundOpenings, searchOpenings } from './search-openings'
import { actingMember, signedIn } from './session'
import { openLink } from './share'
import { type BroughtSheet, sheetAt } from './sheets'
import { isDemo } from './who'

/** Who looks, as the frame round a page says it. */
export type Visitor = {
  readonly id: string
  readonly name: string
  readonly role: Role
  /** In the demo everybody one may go on as; empty elsewhere. */
  readonly others: readonly Member[]
  readonly firm: string
}

/** Who looks; `null` when nobody is known or the database is away. */
export async function visitor(): Promise<Visitor | null> {
  const who = await actingMember().catch(() => null)
  if (!who) return null
  const shows = isDemo() && who.companyId === DEMO_COMPANY_ID
  return {
    id: who.memberId,
    name: who.name,
    role: who.role,
    others: shows ? who.company.people : [],
    firm: who.company.name,
  }
}

/** What the acting member's firm counts in and how it writes numbers; as shipped when nobody is known or the database is away. */
export async function counting(): Promise<Counting> {
  const who = await actingMember().catch(() => null)
  const { currency, numbers } = who?.company.firm.data ?? NEW_FIRM
  return { currency, numbers, isHidden: who !== null && !may(who.role, 'money') }
}

/** Who is acting, for a page they may see. Whom nobody knows is asked to sign in, or to start the first firm; a member without the right is told
 *  whose it is. */
async function acting(verb: Verb): Promise<Known> {
  const who = await actingMember()
  if (!who) return isDemo() ? notFound() : redirect((await hasCompany(store())) ? '/sign-in' : '/start')
  return may(who.role, verb) ? who : forbidden()
}

/** What a page shows somebody: without what things cost where that is not theirs to see. */
const shownTo = <T>({ role }: Known, value: T): T => (may(role, 'money') ? value : withoutMoney(value))

const MOST_JOBS = 1000

/** The next jobs as a day's work. */
export const loadToday = async (now: Date): Promise<Today> => todayFor(store(), await acting('look'), now)

/** A job as it stands in the list of all. */
export type ListedJob = Pick<Job, 'id' | 'name' | 'site' | 'visitOn'> & {
  readonly customer: string
  /** How many openings it has. */
  readonly count: number
}

/** All jobs, or those that were put away; and what a new one begins with. */
export async function loadJobList(now: Date) {
  const who = await acting('look')
  const [jobs, putAway, counts] = await Promise.all([
    listJobs(store(), who, now.toISOString().slice(0, 10), MOST_JOBS),
    listJobs(store(), who, now.toISOString().slice(0, 10), MOST_JOBS, true),
    countOpenings(store(), who),
  ])
  const listed = ({ id, name, site, visitOn, customer }: Job): ListedJob => ({
    id,
    name,
    site,
    visitOn,
    customer: customer.name,
    count: counts.get(id) ?? 0,
  })
  return { jobs: jobs.map(listed), putAway: putAway.map(listed), firm: shownTo(who, who.company.firm.data) }
}

/** Openings of the whole company by words. */
export async function loadOpenings(search: string): Promise<FoundOpenings> {
  return searchOpenings(store(), await acting('look'), search)
}

/** What is due of any door, and what is called back for. */
export const loadDuePage = async (now: Date) => loadDue(store(), await acting('look'), now)

/** What every door of the firm has to tell. */
export async function loadFiguresPage(now: Date) {
  const who = await acting('look')
  const [figured, suppliers] = await Promise.all([loadFigured(store(), who, now), loadSuppliers(store(), who)])
  return { figured, suppliers }
}

/** What a link shows to whoever has it; `null` where it opens nothing. */
export async function loadShared(token: string) {
  const one = await openLink(store(), token, new Date())
  return one && { shown: one.shown, signed: one.signed, expiresAt: one.expiresAt }
}

/** Who looks at the plan and when, by the firm's clock; the plan itself comes by `/api/plan/board`. */
export async function loadPlanPage(now: Date) {
  const who = await acting('look')
  return {
    memberName: who.name,
    now: now.toISOString(),
    zone: who.company.firm.data.timeZone ?? 'UTC',
  }
}

/** Where the code on a label leads to: the door it is of; the list of those it may be of, where there are more; `null` where there is none. */
export async function openingByCode(text: string): Promise<string | null> {
  const who = await acting('look')
  const code = codeTyped(text)
  const ids = code === null ? [] : await openingsByCode(store(), who, code)
  if (ids.length === 0) return null
  return ids.length === 1 ? `/openings/${ids[0]}/handover` : `/openings?q=${code}`
}

/** What a day's page shows: of strips only what is loaded. */
export type DayView = Omit<DayPlan, 'load'> & {
  readonly items: DayPlan['load']['items']
  readonly strips: readonly { readonly key: string; readonly name: string; readonly bars: string }[]
}

/** A day with what it takes along. */
export async function loadDayPage(date: string): Promise<DayView> {
  const who = await acting('look')
  const { load, ...day } = (await loadDay(store(), who, date)) ?? notFound()
  const strips = load.cuts.map(one => ({ key: `seal/${one.seal.id}`, name: one.seal.name, bars: barsWords(one) }))
  return { ...day, items: load.items, strips }
}

export async function loadJob(id: string, now: Date): Promise<JobPage> {
  const who = await acting('look')
  return shownTo(who, (await jobPage(store(), who, id, now)) ?? notFound())
}

/** An opening's sheet as a stage shows it. */
export async function loadSheet(id: string, stage: Stage): Promise<BroughtSheet> {
  const who = await acting('look')
  return (await sheetAt(store(), who, id, stage, new Date().toISOString())) ?? notFound()
}

export async function loadOrderList(): Promise<readonly OrderRow[]> {
  const who = await acting('look')
  return shownTo(who, await loadOrders(store(), who))
}

export async function loadOrderPage(id: string): Promise<BroughtOrder> {
  return (await orderAt(store(), await acting('look'), id, new Date())) ?? notFound()
}

export async function loadCatalogue(): Promise<FoundUnits> {
  const who = await acting('look')
  return shownTo(who, searchCatalogue(await catalogueAt(store(), who, who.company.catalogueRevision), WHOLE_CATALOGUE))
}

/** The firm's own practices, rates and suppliers, and the makers its catalogue names. */
export async function loadFirm() {
  const who = await acting('firm')
  const { firm, catalogueRevision } = who.company
  const [{ units }, logo] = await Promise.all([catalogueAt(store(), who, catalogueRevision), findLogo(store(), who)])
  return { firm, logoAt: logo?.setAt ?? null, makers: [...new Set(units.map(one => one.maker))].sort() }
}

/** Whether the first firm is still to be started here. */
export async function mayStart(): Promise<void> {
  if (await hasCompany(store())) redirect('/sign-in')
}

/** What an invitation’s link is of. */
export const loadInvitation = async (token: string) => lookAtInvitation(store(), token, new Date().toISOString())

/** Who is signed in, where they work, and everywhere else they do. */
export async function loadProfile() {
  const who = await acting('look')
  const session = isDemo() ? null : await signedIn()
  return {
    name: who.name,
    role: who.role,
    firm: who.company.name,
    memberId: who.memberId,
    email: session?.user.email ?? null,
    firms: session ? await membershipsOf(store(), session.user.id) : [],
  }
}

/** Everybody of the firm, and who was asked and has not answered. */
export async function loadPeople() {
  const who = await acting('people')
  const [people, invitations] = await Promise.all([
    listPeople(store(), who),
    listInvitations(store(), who, new Date().toISOString()),
  ])
  return { people, invitations, memberId: who.memberId, role: who.role }
}
