import { eq, sql } from 'drizzle-orm'
import { type Firm, NEW_FIRM } from '@/core/catalogue/firm'
import { FIRM } from '@/core/records/records'
import { readRecord } from '@/core/records/version'
import type { Versioned } from '@/core/sheet'
import type { Acting } from './acting'
import type { Db } from './connection'
import { catalogueState, company, firm, member } from './tables'

/** What of a company nearly every page needs. */
export type CompanyContext = {
  readonly name: string
  /** Everybody's names, in order. */
  readonly members: readonly string[]
  readonly firm: Versioned<Firm>
  readonly catalogueRevision: number
}
/** Who acts, with the company as it was when that was looked up: for as long as one page is made. */
export type Known = Acting & { readonly company: CompanyContext }

/** The company's members' names as one JSON text. */
const NAMES = sql<string>`(select json_arrayagg(colleague.name) from member as colleague where colleague.company_id = ${company.id})`

const COLUMNS = {
  name: company.name,
  members: NAMES,
  revision: firm.revision,
  version: firm.version,
  data: firm.data,
  catalogueRevision: catalogueState.revision,
}
type Row = {
  readonly name: string
  readonly members: unknown
  readonly revision: number | null
  readonly version: number | null
  readonly data: unknown
  readonly catalogueRevision: number | null
}

function contextIn({ name, members, revision, version, data, catalogueRevision }: Row): CompanyContext {
  const names: unknown = typeof members === 'string' ? JSON.parse(members) : members
  return {
    name,
    members: Array.isArray(names) ? names.map(String).sort() : [],
    firm:
      revision === null || version === null
        ? { revision: 0, data: NEW_FIRM }
        : { revision, data: readRecord(FIRM, data, version) },
    catalogueRevision: catalogueRevision ?? 0,
  }
}

/** The member behind an id with the company, in one statement; `null` when there is none. With those that set a company up and the carrier's, the
 *  only queries without an acting member. */
export async function findKnown(db: Db, id: string): Promise<Known | null> {
  const [row] = await db
    .select({ ...COLUMNS, companyId: member.companyId, memberId: member.id, memberName: member.name })
    .from(member)
    .innerJoin(company, eq(company.id, member.companyId))
    .leftJoin(firm, eq(firm.companyId, company.id))
    .leftJoin(catalogueState, eq(catalogueState.companyId, company.id))
    .where(eq(member.id, id))
    .limit(1)
  if (!row) return null
  const { companyId, memberId, memberName, ...rest } = row
  return { companyId, memberId, name: memberName, company: contextIn(rest) }
}

/** The company of whoever acts: as it was looked up with them, else as it is now. */
export async function companyOf(db: Db, acting: Acting | Known): Promise<CompanyContext> {
  if ('company' in acting) return acting.company
  const [row] = await db
    .select(COLUMNS)
    .from(company)
    .leftJoin(firm, eq(firm.companyId, company.id))
    .leftJoin(catalogueState, eq(catalogueState.companyId, company.id))
    .where(eq(company.id, acting.companyId))
    .limit(1)
  if (!row) throw new Error(`company ${acting.companyId} is gone`)
  return contextIn(row)
}
