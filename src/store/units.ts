import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { UNIT } from '@/core/records/records'
import { readRecord, versionOf } from '@/core/records/version'
import type { Acting } from './acting'
import { note } from './audit'
import { type Db, isDuplicate, transact } from './connection'
import { catalogueState, unit } from './list-tables'

const PER_ROUND = 1000

/** The company's catalogue by article. `onProgress` hears how many of how many are loaded. */
export async function listUnits(
  db: Db,
  acting: Acting,
  onProgress?: (loaded: number, of: number) => void,
): Promise<readonly CatalogueUnit[]> {
  const rows = await db
    .select({ data: unit.data, version: unit.version })
    .from(unit)
    .where(eq(unit.companyId, acting.companyId))
    .orderBy(asc(unit.article), asc(unit.maker))
  return rows.map((row, i) => {
    if (onProgress && i % PER_ROUND === 0) onProgress(i, rows.length)
    return readRecord(UNIT, row.data, row.version)
  })
}

/** The units of the catalogue with these ids. */
export async function findUnits(db: Db, acting: Acting, ids: readonly string[]): Promise<readonly CatalogueUnit[]> {
  if (ids.length === 0) return []
  const rows = await db
    .select({ data: unit.data, version: unit.version })
    .from(unit)
    .where(and(eq(unit.companyId, acting.companyId), inArray(unit.id, [...ids])))
  return rows.map(row => readRecord(UNIT, row.data, row.version))
}

/** Counts up with every change of the catalogue. */
export async function catalogueRevision(db: Db, acting: Acting): Promise<number> {
  const [row] = await db.select().from(catalogueState).where(eq(catalogueState.companyId, acting.companyId)).limit(1)
  return row?.revision ?? 0
}

const changed = (db: Db, acting: Acting) =>
  db
    .insert(catalogueState)
    .values({ companyId: acting.companyId, revision: 1 })
    .onDuplicateKeyUpdate({ set: { revision: sql`${catalogueState.revision} + 1` } })

const rowOf = (acting: Acting, one: CatalogueUnit) => ({
  companyId: acting.companyId,
  id: one.id,
  maker: one.maker,
  article: one.article,
  version: versionOf(UNIT),
  data: UNIT.schema.parse(one),
})

/** Adds units and says how many; one that is there already by its id stays as it is. */
export async function addUnits(db: Db, acting: Acting, units: readonly CatalogueUnit[]): Promise<number> {
  if (units.length === 0) return 0
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
  if (fresh.length === 0) return 0
  await transact(db, async tx => {
    await tx.insert(unit).values(fresh.map(one => rowOf(acting, one)))
    await changed(tx, acting)
  })
  return fresh.length
}

/** Adds one unit; `false`, and nothing is changed, where its maker has this article already. */
export async function addUnit(db: Db, acting: Acting, one: CatalogueUnit): Promise<boolean> {
  try {
    return (await addUnits(db, acting, [one])) > 0
  } catch (error) {
    // Somebody entered the same at the same moment.
    if (isDuplicate(error)) return false
    throw error
  }
}

/** Takes a maker's list in: a unit of the same maker and article is replaced by what the list says now. */
export async function putUnits(db: Db, acting: Acting, units: readonly CatalogueUnit[]): Promise<void> {
  if (units.length === 0) return
  await transact(db, async tx => {
    for (let from = 0; from < units.length; from += PER_ROUND)
      await tx
        .insert(unit)
        .values(units.slice(from, from + PER_ROUND).map(one => rowOf(acting, one)))
        .onDuplicateKeyUpdate({
          set: {
            data: sql`values(${unit.data})`,
            version: sql`values(${unit.version})`,
            article: sql`values(${unit.article})`,
          },
        })
    await changed(tx, acting)
    const makers = [...new Set(units.map(one => one.maker))].slice(0, 5).join(', ')
    const after = { units: units.length }
    await note(tx, acting, { verb: 'list-taken', subject: 'firm', subjectId: acting.companyId, about: makers, after })
  })
}
