import { and, asc, eq, inArray } from 'drizzle-orm'
import { type CatalogueUnit, unitSchema } from '@/core/catalogue/unit'
import type { Acting } from './acting'
import type { Db } from './connection'
import { unit } from './tables'

/** The company's catalogue by article. */
export async function listUnits(db: Db, acting: Acting): Promise<readonly CatalogueUnit[]> {
  const rows = await db.select().from(unit).where(eq(unit.companyId, acting.companyId)).orderBy(asc(unit.article))
  return rows.map(row => unitSchema.parse(row.data))
}

/** Adds units; one that is there already by its id stays as it is. */
export async function addUnits(db: Db, acting: Acting, units: readonly CatalogueUnit[]): Promise<void> {
  if (units.length === 0) return
  const there = await db
    .select({ id: unit.id })
    .from(unit)
    .where(
      and(
        eq(unit.companyId, acting.companyId),
        inArray(
          unit.id,
          units.map(one => one.id),
        ),
      ),
    )
  const known = new Set(there.map(row => row.id))
  const fresh = units.filter(one => !known.has(one.id))
  if (fresh.length === 0) return
  await db.insert(unit).values(
    fresh.map(one => ({
      companyId: acting.companyId,
      id: one.id,
      article: one.article,
      data: unitSchema.parse(one),
    })),
  )
}
