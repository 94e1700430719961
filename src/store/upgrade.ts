import { and, eq, isNull, sql } from 'drizzle-orm'
import { EDIT_KINDS } from '@/core/new-edits'
import { partWishes } from '@/core/records/raise'
import { ANSWER, EDITS, FIRM, LINE, LOG, READING, RECEIPT, SCHOOLS, UNIT } from '@/core/records/records'
import { isMembers, type RecordKind, UnknownVersion, versionOf } from '@/core/records/version'
import type { Db } from './connection'
import { receipt } from './exchange-tables'
import { formerSealChoice, formerWishes } from './former-tables'
import { firm, unit } from './list-tables'
import { answer, jobSchools, logEntry, openingEdit, orderLine, reading } from './tables'

const STORED = [
  [unit, UNIT],
  [orderLine, LINE],
  [receipt, RECEIPT],
  [firm, FIRM],
  [jobSchools, SCHOOLS],
  [reading, READING],
  [answer, ANSWER],
  [logEntry, LOG],
] as const

/** Refuses a database that holds records of a version no step leads from, before anything of it is touched.
 *  @throws UnknownVersion with a sentence for whoever starts it. */
export async function refuseGaps(db: Db): Promise<void> {
  for (const [table, kind] of STORED) {
    const [row] = await db
      .select({ least: sql<number | null>`min(${table.version})`, most: sql<number | null>`max(${table.version})` })
      .from(table)
    refuseGap(kind, row?.least ?? null, row?.most ?? null)
  }
  for (const kind of EDIT_KINDS) {
    const [row] = await db
      .select({
        least: sql<number | null>`min(${openingEdit.version})`,
        most: sql<number | null>`max(${openingEdit.version})`,
      })
      .from(openingEdit)
      .where(eq(openingEdit.kind, kind))
    refuseGap(EDITS[kind], row?.least ?? null, row?.most ?? null)
  }
}

function refuseGap(kind: Pick<RecordKind<unknown>, 'name' | 'ups'>, least: number | null, most: number | null): void {
  const newest = versionOf(kind)
  for (const version of [least, most])
    if (version !== null && (version < 1 || version > newest)) throw new UnknownVersion(kind.name, version, newest)
}

/** Parts the wishes and seal choices of a database from before into the records they are since. Done again, it finds nothing to do. */
export async function partFormerRecords(db: Db): Promise<number> {
  const rows = await db
    .select({ wishes: formerWishes, seal: formerSealChoice })
    .from(formerWishes)
    .innerJoin(
      formerSealChoice,
      and(
        eq(formerSealChoice.companyId, formerWishes.companyId),
        eq(formerSealChoice.openingId, formerWishes.openingId),
      ),
    )
    .leftJoin(
      openingEdit,
      and(
        eq(openingEdit.companyId, formerWishes.companyId),
        eq(openingEdit.openingId, formerWishes.openingId),
        eq(openingEdit.kind, 'wishes'),
      ),
    )
    .where(isNull(openingEdit.kind))
  for (const { wishes, seal } of rows) {
    const parts = partWishes(isMembers(wishes.data) ? wishes.data : {}, isMembers(seal.data) ? seal.data : {})
    await db.insert(openingEdit).values(
      EDIT_KINDS.map(kind => ({
        companyId: wishes.companyId,
        openingId: wishes.openingId,
        kind,
        version: 1,
        revision: kind === 'seal' ? seal.revision : wishes.revision,
        data: parts[kind]!,
      })),
    )
  }
  return rows.length
}
