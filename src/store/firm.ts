import { and, eq, sql } from 'drizzle-orm'
import type { SchoolChoices } from '@/core/base/schools'
import { type Firm, NEW_FIRM } from '@/core/catalogue/firm'
import { FIRM, SCHOOLS } from '@/core/records/records'
import { readRecord } from '@/core/records/version'
import type { Versioned } from '@/core/sheet'
import type { Acting } from './acting'
import { type Note, note } from './audit'
import { type Db, isDuplicate, transact } from './connection'
import type { EditPlace } from './edits'
import { schoolsIn } from './jobs'
import { firm } from './list-tables'
import { company, jobSchools } from './tables'

/** The company's own practices, rates and suppliers; revision 0 while it has set nothing. */
export async function findFirm(db: Db, acting: Pick<Acting, 'companyId'>): Promise<Versioned<Firm>> {
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
    write: (revision, data, version, before) =>
      write(
        db,
        acting,
        revision,
        {
          insert: tx => tx.insert(firm).values({ companyId, revision: 1, version, data }),
          update: tx =>
            tx
              .update(firm)
              .set({ data, version, revision: revision + 1 })
              .where(and(eq(firm.companyId, companyId), eq(firm.revision, revision))),
        },
        { verb: 'changed', subject: 'firm', subjectId: companyId, before, after: data },
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
    write: (revision, data, version, before) =>
      write(
        db,
        acting,
        revision,
        {
          insert: tx => tx.insert(jobSchools).values({ companyId, jobId, revision: 1, version, data }),
          update: tx =>
            tx
              .update(jobSchools)
              .set({ data, version, revision: revision + 1 })
              .where(and(ofJob, eq(jobSchools.revision, revision))),
        },
        { verb: 'changed', subject: 'job', subjectId: jobId, about: 'schools', before, after: data },
      ),
  }
}

type Written = PromiseLike<readonly [{ readonly affectedRows: number }, ...unknown[]]>
type Ways = { readonly insert: (tx: Db) => Written; readonly update: (tx: Db) => Written }

/** The first write inserts, every later one updates from its revision; whoever comes second is told so. */
async function write(db: Db, acting: Acting, revision: number, ways: Ways, what: Note): Promise<boolean> {
  try {
    return await transact(db, async tx => {
      const [result] = await (revision === 0 ? ways.insert(tx) : ways.update(tx))
      if (result.affectedRows !== 1) return false
      await note(tx, acting, what)
      return true
    })
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
