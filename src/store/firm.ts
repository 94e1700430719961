import { and, eq, sql } from 'drizzle-orm'
import type { SchoolChoices } from '@/core/base/schools'
import { type Firm, NEW_FIRM } from '@/core/catalogue/firm'
import { FIRM, SCHOOLS } from '@/core/records/records'
import { readRecord } from '@/core/records/version'
import type { Versioned } from '@/core/sheet'
import type { Acting } from './acting'
import { type Db, isDuplicate } from './connection'
import type { EditPlace } from './edits'
import { schoolsIn } from './jobs'
import { company, firm, jobSchools } from './tables'

/** The company's own practices, rates and suppliers; revision 0 while it has set nothing. */
export async function findFirm(db: Db, acting: Acting): Promise<Versioned<Firm>> {
  const [row] = await db.select().from(firm).where(eq(firm.companyId, acting.companyId)).limit(1)
  return row
    ? { revision: row.revision, data: readRecord(FIRM, row.data, row.version) }
    : { revision: 0, data: NEW_FIRM }
}

/** Where the company's own lies, to be changed. */
export function firmPlace(db: Db, acting: Acting): EditPlace<Firm> {
  const { companyId } = acting
  return {
    kind: FIRM,
    find: () => findFirm(db, acting),
    write: (revision, data, version) =>
      write(
        revision,
        () => db.insert(firm).values({ companyId, revision: 1, version, data }),
        () =>
          db
            .update(firm)
            .set({ data, version, revision: revision + 1 })
            .where(and(eq(firm.companyId, companyId), eq(firm.revision, revision))),
      ),
  }
}

/** The practices a job chose; revision 0 while it chose none. */
export async function findJobSchools(db: Db, acting: Acting, jobId: string): Promise<Versioned<SchoolChoices>> {
  const [row] = await db
    .select()
    .from(jobSchools)
    .where(and(eq(jobSchools.companyId, acting.companyId), eq(jobSchools.jobId, jobId)))
    .limit(1)
  return schoolsIn(row)
}

/** Where a job's practices lie, to be changed. */
export function schoolsPlace(db: Db, acting: Acting, jobId: string): EditPlace<SchoolChoices> {
  const { companyId } = acting
  const ofJob = and(eq(jobSchools.companyId, companyId), eq(jobSchools.jobId, jobId))
  return {
    kind: SCHOOLS,
    find: () => findJobSchools(db, acting, jobId),
    write: (revision, data, version) =>
      write(
        revision,
        () => db.insert(jobSchools).values({ companyId, jobId, revision: 1, version, data }),
        () =>
          db
            .update(jobSchools)
            .set({ data, version, revision: revision + 1 })
            .where(and(ofJob, eq(jobSchools.revision, revision))),
      ),
  }
}

type Written = PromiseLike<readonly [{ readonly affectedRows: number }, ...unknown[]]>

/** The first write inserts, every later one updates from its revision; whoever comes second is told so. */
async function write(revision: number, insert: () => Written, update: () => Written): Promise<boolean> {
  try {
    const [result] = await (revision === 0 ? insert() : update())
    return result.affectedRows === 1
  } catch (error) {
    if (isDuplicate(error)) return false
    throw error
  }
}

/** Lets nobody else change what of the company only one may change at a time, until the transaction ends. */
export async function lockCompany(db: Db, acting: Acting): Promise<void> {
  await db
    .update(company)
    .set({ turn: sql`${company.turn} + 1` })
    .where(eq(company.id, acting.companyId))
}

/** The company's name, as it stands on orders. */
export async function companyName(db: Db, acting: Acting): Promise<string> {
  const [row] = await db.select().from(company).where(eq(company.id, acting.companyId)).limit(1)
  return row?.name ?? ''
}
