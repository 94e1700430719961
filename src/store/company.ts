import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import type { MySqlColumn } from 'drizzle-orm/mysql-core'
import { ROLES, type Role, roleOf } from '@/core/access/access'
import { type Firm, NEW_FIRM } from '@/core/catalogue/firm'
import { FIRM } from '@/core/records/records'
import { readRecord } from '@/core/records/version'
import type { Versioned } from '@/core/sheet'
import type { Acting } from './acting'
import type { Db } from './connection'
import { catalogueState, firm } from './list-tables'
import { prepared } from './prepared'
import { company, member } from './tables'

export type Member = { readonly id: string; readonly name: string; readonly role: Role }

/** What of a company nearly every page needs. */
export type CompanyContext = {
  readonly name: string
  /** Everybody who has not left, by their rights and names. */
  readonly people: readonly Member[]
  /** Their names, in order: who may read, look, receive. Who left stays named on what they did. */
  readonly members: readonly string[]
  readonly firm: Versioned<Firm>
  readonly catalogueRevision: number
}
/** Who acts, with the company as it was when that was looked up: for as long as one page is made. */
export type Known = Acting & { readonly company: CompanyContext }

/** The company's members as one JSON text. */
const PEOPLE = sql<string>`(select json_arrayagg(json_object('id', colleague.id, 'name', colleague.name, 'role', colleague.role, 'left', colleague.left_at)) from member as colleague where colleague.company_id = ${company.id})`

const COLUMNS = {
  name: company.name,
  people: PEOPLE,
  revision: firm.revision,
  version: firm.version,
  data: firm.data,
  catalogueRevision: catalogueState.revision,
}
type Row = {
  readonly name: string
  readonly people: unknown
  readonly revision: number | null
  readonly version: number | null
  readonly data: unknown
  readonly catalogueRevision: number | null
}

type Person = { readonly id: string; readonly name: string; readonly role: string; readonly left: string | null }

/** Each company's record as it was last read: whoever acts asks for it, and it is read once for each of its revisions. */
const firms = new Map<string, Versioned<Firm>>()
const MOST_FIRMS = 500

function firmAt(companyId: string, revision: number, read: () => Firm): Versioned<Firm> {
  const there = firms.get(companyId)
  if (there?.revision === revision) return there
  const firmNow = { revision, data: read() }
  firms.delete(companyId)
  firms.set(companyId, firmNow)
  if (firms.size > MOST_FIRMS) firms.delete(firms.keys().next().value as string)
  return firmNow
}

function contextIn(
  companyId: string,
  { name, people, revision, version, data, catalogueRevision }: Row,
): CompanyContext {
  const all: unknown = typeof people === 'string' ? JSON.parse(people) : people
  const persons = ((Array.isArray(all) ? all : []) as readonly Person[]).filter(one => one.left === null)
  return {
    name,
    people: persons
      .map(({ left: _, ...one }) => ({ ...one, role: roleOf(one.role) }))
      .sort((a, b) => ROLES.indexOf(a.role) - ROLES.indexOf(b.role) || (a.name < b.name ? -1 : 1)),
    members: persons.map(one => one.name).sort(),
    firm:
      revision === null || version === null
        ? { revision: 0, data: NEW_FIRM }
        : firmAt(companyId, revision, () => readRecord(FIRM, data, version)),
    catalogueRevision: catalogueRevision ?? 0,
  }
}

/** The member behind an id with the company, in one statement; `null` when there is none, or they left. With those that set a company up and the carrier's, the
 *  only queries without an acting member. */
export const findKnown = async (db: Db, id: string): Promise<Known | null> =>
  knownIn(await MEMBER_BY_ID(db).execute({ of: id, first: id }))

/** The same for who is signed in: in the company they chose last, else in their first. */
export const findKnownUser = async (db: Db, userId: string, memberId: string | null): Promise<Known | null> =>
  knownIn(await MEMBER_OF_USER(db).execute({ of: userId, first: memberId ?? '' }))

/** Who has not left, by one column of theirs: whoever is asked for `first`, else the oldest. */
const memberBy = (column: MySqlColumn) =>
  prepared(db =>
    db
      .select({
        ...COLUMNS,
        companyId: member.companyId,
        memberId: member.id,
        memberName: member.name,
        role: member.role,
      })
      .from(member)
      .innerJoin(company, eq(company.id, member.companyId))
      .leftJoin(firm, eq(firm.companyId, company.id))
      .leftJoin(catalogueState, eq(catalogueState.companyId, company.id))
      .where(and(eq(column, sql.placeholder('of')), isNull(member.leftAt)))
      .orderBy(desc(eq(member.id, sql.placeholder('first'))), asc(member.id))
      .limit(1)
      .prepare(),
  )
const MEMBER_BY_ID = memberBy(member.id)
const MEMBER_OF_USER = memberBy(member.userId)

type KnownRow = Row & {
  readonly companyId: string
  readonly memberId: string
  readonly memberName: string
  readonly role: string
}

function knownIn([row]: readonly KnownRow[]): Known | null {
  if (!row) return null
  const { companyId, memberId, memberName, role, ...rest } = row
  return { companyId, memberId, name: memberName, role: roleOf(role), company: contextIn(companyId, rest) }
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
  return contextIn(acting.companyId, row)
}
