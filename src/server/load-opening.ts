import { requestFrom } from '@/core/ask-work'
import type { Catalogue } from '@/core/catalogue/rank-catalogue'
import { DOORS } from '@/core/doors/doors'
import { asWritten, type OpeningSheet, recordsOf, zoneOf } from '@/core/sheet'
import { type Work, work } from '@/core/work'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { findOpeningsWhole, type StoredOpening } from '@/store/openings'
import { tradeWith } from '@/trade/trade'
import { catalogueAt, shortList } from './catalogue'

/** Everything about one opening, with what of the catalogue it needs; `null` when this company has none such. */
export async function loadOpening(db: Db, acting: Acting | Known, id: string): Promise<OpeningSheet | null> {
  return (await loadOpenings(db, acting, [id]))[0] ?? null
}

/** The same of several, in the order of their ids; those that are not this company's are left out. As many statements for one as for a
 *  hundred. */
export async function loadOpenings(
  db: Db,
  acting: Acting | Known,
  ids: readonly string[],
): Promise<readonly OpeningSheet[]> {
  const [stored, company] = await Promise.all([findOpeningsWhole(db, acting, ids), companyOf(db, acting)])
  if (stored.length === 0) return []
  const catalogue = await catalogueAt(db, acting, company.catalogueRevision)
  return stored.map(one => sheetOf(one, catalogue, { ...acting, company }))
}

/** A stored opening as its sheet. */
export function sheetOf({ job, ...own }: StoredOpening, catalogue: Catalogue, { company, name }: Known): OpeningSheet {
  const bare = {
    ...own,
    job: asWritten(job, company.firm.data.numbers),
    members: company.members,
    firm: company.firm.data,
    memberName: name,
  }
  return { ...bare, ...judged(catalogue, bare) }
}

/** What of the catalogue the opening needs, judged by what stands in the store. */
function judged(
  catalogue: Catalogue,
  bare: Omit<OpeningSheet, 'units' | 'catalogue'>,
): Pick<OpeningSheet, 'units' | 'catalogue'> {
  const sheet = { ...bare, units: [], catalogue: { count: 0, possible: 0 } }
  const chosen = bare.edits.order.data.chosen?.unit ?? null
  const index = chosen === null ? undefined : catalogue.byId.get(chosen)
  const trade = tradeOf({ ...sheet, units: index === undefined ? [] : [catalogue.units[index]!] })
  return shortList(catalogue, DOORS[bare.opening.family].takes, requestFrom(recordsOf(sheet), trade), chosen)
}

/** The trade as it holds for an opening: as shipped, with the firm's and the job's own. */
export const tradeOf = (sheet: OpeningSheet) =>
  tradeWith(sheet.units, {
    firm: sheet.firm,
    jobSchools: sheet.jobSchools.data,
    zone: zoneOf(sheet.job, sheet.firm),
  })

/** What the core says about a stored opening. */
export const workOf = (sheet: OpeningSheet, now = new Date()): Work =>
  work(recordsOf(sheet), tradeOf(sheet), now.toISOString())
