import { and, eq } from 'drizzle-orm'
import { schoolChoicesSchema } from '@/core/base/school-choices'
import type { SchoolChoices } from '@/core/base/schools'
import type { Firm } from '@/core/catalogue/firm'
import { firmSchema } from '@/core/catalogue/firm-record'
import type { Versioned } from '@/core/sheet'
import type { Acting } from './acting'
import { type Db, isDuplicate } from './connection'
import type { Saved } from './records'
import { company, firm, jobSchools } from './tables'

/** The company's own practices, rates and suppliers; revision 0 while it has set nothing. */
export async function findFirm(db: Db, acting: Acting): Promise<Versioned<Firm>> {
  const [row] = await db.select().from(firm).where(eq(firm.companyId, acting.companyId)).limit(1)
  return { revision: row?.revision ?? 0, data: firmSchema.parse(row?.data ?? {}) }
}

export async function saveFirm(db: Db, acting: Acting, revision: number, data: Firm): Promise<Saved<Firm>> {
  const { companyId } = acting
  const saved = await write(
    revision,
    () => db.insert(firm).values({ companyId, revision: 1, data }),
    () =>
      db
        .update(firm)
        .set({ data, revision: revision + 1 })
        .where(and(eq(firm.companyId, companyId), eq(firm.revision, revision))),
  )
  return saved ? { ok: true, revision: revision + 1 } : { ok: false, current: await findFirm(db, acting) }
}

/** The practices a job chose; revision 0 while it chose none. */
export async function findJobSchools(db: Db, acting: Acting, jobId: string): Promise<Versioned<SchoolChoices>> {
  const [row] = await db
    .select()
    .from(jobSchools)
    .where(and(eq(jobSchools.companyId, acting.companyId), eq(jobSchools.jobId, jobId)))
    .limit(1)
  return { revision: row?.revision ?? 0, data: schoolChoicesSchema.parse(row?.data ?? {}) }
}

export async function saveJobSchools(
  db: Db,
  acting: Acting,
  jobId: string,
  revision: number,
  data: SchoolChoices,
): Promise<Saved<SchoolChoices>> {
  const { companyId } = acting
  const saved = await write(
    revision,
    () => db.insert(jobSchools).values({ companyId, jobId, revision: 1, data }),
    () =>
      db
        .update(jobSchools)
        .set({ data, revision: revision + 1 })
        .where(
          and(eq(jobSchools.companyId, companyId), eq(jobSchools.jobId, jobId), eq(jobSchools.revision, revision)),
        ),
  )
  return saved ? { ok: true, revision: revision + 1 } : { ok: false, current: await findJobSchools(db, acting, jobId) }
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

/** The company's name, as it stands on orders. */
export async function companyName(db: Db, acting: Acting): Promise<string> {
  const [row] = await db.select().from(company).where(eq(company.id, acting.companyId)).limit(1)
  return row?.name ?? ''
}
