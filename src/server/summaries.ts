import type { SmallDoor } from '@/core/drawing/small-door'
import { recordsOf } from '@/core/sheet'
import { type AfterSummed, type Ordering, type Summary, type Summed, sumUp } from '@/core/summary'
import type { Opening } from '@/core/survey/job-record'
import type { Acting } from '@/store/acting'
import { type CompanyContext, companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { keepSummaries, listOpeningStates, type OpeningState, type SummaryPart } from '@/store/opening-state'
import { afterTrade } from '@/trade/after'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS } from '@/trade/rates'
import { basisOf, stillHolds } from './basis'
import { loadOpenings, tradeOf, workOf } from './load-opening'

/** An opening as lists show it. */
export type SummedOpening = Pick<OpeningState, 'opening' | 'jobId' | 'detailsRevision'> & {
  readonly summary: Summary
  /** As it was asked for; what was not is whatever is at hand, or `null`. */
  readonly small: SmallDoor | null
  readonly ordering: Ordering | null
  readonly after: AfterSummed | null
  /** Until when it holds though nothing is changed, ISO 8601; `null` while nothing of it waits for a moment. */
  readonly freshUntil: string | null
}

export type Listed = { readonly openings: readonly SummedOpening[]; readonly putAway: readonly Opening[] }

/** Openings with what is said of them in lists: from what was summed up, where it still holds; else worked out anew and kept. The pages that show
 *  them cost as many statements for ten openings as for a thousand. */
export async function summariesOf(
  db: Db,
  acting: Acting | Known,
  which: Parameters<typeof listOpeningStates>[2],
  parts: readonly SummaryPart[],
  now: Date,
): Promise<Listed> {
  const [states, company] = await Promise.all([listOpeningStates(db, acting, which, parts), companyOf(db, acting)])
  const at = now.toISOString()
  const shown = states.filter(one => one.opening.archivedAt === null)
  const stale = shown.filter(one => !isFresh(one, company, parts, at))
  const made = await sumUpAnew(db, { ...acting, company }, stale, now)
  return {
    openings: shown.map(one => {
      const { opening, jobId, detailsRevision } = one
      const { summary, small, ordering, after, freshUntil } = made.get(opening.id) ?? (one as unknown as Summed)
      return { opening, jobId, detailsRevision, summary, small, ordering, after, freshUntil }
    }),
    putAway: states.flatMap(one => (one.opening.archivedAt === null ? [] : [one.opening])),
  }
}

/** What a summary was made of: whatever differs, it is made anew. */
const madeOf = ({ revision, jobRevision, schoolsRevision }: OpeningState, company: CompanyContext): string =>
  basisOf({ opening: revision, job: jobRevision, schools: schoolsRevision }, company)

const isFresh = (one: OpeningState, company: CompanyContext, parts: readonly SummaryPart[], now: string): boolean =>
  one.summaryOf === madeOf(one, company) &&
  stillHolds(one.freshUntil, now) &&
  one.summary !== null &&
  parts.every(part => one[part] !== null)

const SHIPPED = { lengths: LENGTHS, numbers: NUMBERS }

/** What is being summed up right now, by what it is made of: whoever asks for the same meanwhile waits for it. */
const making = new Map<string, Promise<ReadonlyMap<string, Summed>>>()

/** Works out what is stale, all together and once however many ask, and keeps it by what was there before it was read: what was changed meanwhile
 *  makes it stale again. */
async function sumUpAnew(
  db: Db,
  known: Known,
  stale: readonly OpeningState[],
  now: Date,
): Promise<ReadonlyMap<string, Summed>> {
  if (stale.length === 0) return new Map()
  const keyOf = (one: OpeningState) => `${known.companyId}/${one.opening.id}/${madeOf(one, known.company)}`
  const begun = stale.flatMap(one => making.get(keyOf(one)) ?? [])
  const own = stale.filter(one => !making.has(keyOf(one)))
  const ours = own.length ? make(db, known, own, now) : null
  if (ours) for (const one of own) making.set(keyOf(one), ours)
  try {
    const made = await Promise.all([...new Set(begun), ...(ours ? [ours] : [])])
    return new Map(made.flatMap(all => [...all]))
  } finally {
    for (const one of own) making.delete(keyOf(one))
  }
}

async function make(
  db: Db,
  known: Known,
  stale: readonly OpeningState[],
  now: Date,
): Promise<ReadonlyMap<string, Summed>> {
  const sheets = await loadOpenings(
    db,
    known,
    stale.map(one => one.opening.id),
  )
  const made = new Map<string, Summed>()
  for (const sheet of sheets) {
    const after = afterTrade(tradeOf(sheet), sheet.job.place)
    const sum = sumUp(workOf(sheet, now), recordsOf(sheet), { ...SHIPPED, after }, now.toISOString())
    made.set(sheet.opening.id, sum)
    // Others are let in between: a job of many doors keeps nobody waiting who reads one.
    await new Promise(resolve => setImmediate(resolve))
  }
  await keepSummaries(
    db,
    known,
    stale.flatMap(one => {
      const sum = made.get(one.opening.id)
      return sum ? [{ openingId: one.opening.id, summaryOf: madeOf(one, known.company), ...sum }] : []
    }),
  )
  return made
}
