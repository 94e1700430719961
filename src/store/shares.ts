import { and, desc, eq } from 'drizzle-orm'
import type { LogEntry } from '@/core/log/log'
import type { ShareKind, ShareLine, Shown, Signed, Signing } from '@/core/sharing/share'
import type { Acting } from './acting'
import { type Db, isDuplicate, transact } from './connection'
import { addRows, LOG_ENTRIES } from './rows'
import { share, shareEnd, signing } from './share-tables'

// What is shown by a link: a secret of which only the print lies here. Whoever has it sees what was frozen, until it is ended or its time is over.

export type NewShare = {
  readonly id: string
  readonly openingId: string
  readonly kind: ShareKind
  readonly print: string
  readonly shown: Shown
  readonly at: string
  readonly expiresAt: string
}

/** Keeps what is shown; `false` where this id is kept already. */
export async function addShare(db: Db, acting: Acting, one: NewShare): Promise<boolean> {
  const { companyId, memberId, name } = acting
  const [result] = await db
    .insert(share)
    .ignore()
    .values({ ...one, companyId, memberId, by: name })
  return result.affectedRows === 1
}

/** Ends a link: it opens nothing from now on. `false` where this company has none such. */
export async function endShare(db: Db, acting: Acting, id: string, at: string): Promise<boolean> {
  const { companyId, memberId, name } = acting
  const [found] = await db
    .select({ id: share.id })
    .from(share)
    .where(and(eq(share.companyId, companyId), eq(share.id, id)))
  if (!found) return false
  await db.insert(shareEnd).ignore().values({ companyId, shareId: id, by: name, at, memberId })
  return true
}

type Row = {
  readonly share: typeof share.$inferSelect
  readonly ended: typeof shareEnd.$inferSelect | null
  readonly signing: typeof signing.$inferSelect | null
}

const rowsWhere = async (db: Db, which: ReturnType<typeof and>): Promise<readonly Row[]> =>
  db
    .select({ share, ended: shareEnd, signing })
    .from(share)
    .leftJoin(shareEnd, and(eq(shareEnd.companyId, share.companyId), eq(shareEnd.shareId, share.id)))
    .leftJoin(signing, and(eq(signing.companyId, share.companyId), eq(signing.shareId, share.id)))
    .where(which)
    .orderBy(desc(share.at), desc(share.id))

const signedIn = (row: Row['signing']): Signed | null =>
  row && { ...(row.data as Signing), at: row.at, witness: row.witness }

/** Everything that was shown of an opening, the latest first. */
export async function listShares(db: Db, acting: Acting, openingId: string): Promise<readonly ShareLine[]> {
  const rows = await rowsWhere(db, and(eq(share.companyId, acting.companyId), eq(share.openingId, openingId)))
  return rows.map(row => ({
    id: row.share.id,
    kind: row.share.kind as ShareKind,
    by: row.share.by,
    at: row.share.at,
    expiresAt: row.share.expiresAt,
    endedAt: row.ended?.at ?? null,
    endedBy: row.ended?.by ?? null,
    signed: signedIn(row.signing),
    choices: choicesIn(row.share.shown as Shown),
  }))
}

const choicesIn = (shown: Shown): ShareLine['choices'] =>
  shown.kind === 'offer' ? shown.choices.map(one => [one.id, `${one.article} ${one.name}`] as const) : []

/** What is shown by a link, with whose it is. */
export type Opened = {
  readonly id: string
  readonly companyId: string
  readonly openingId: string
  readonly memberId: string
  readonly shown: Shown
  readonly expiresAt: string
  readonly signed: Signed | null
}

const opened = (row: Row): Opened => ({
  id: row.share.id,
  companyId: row.share.companyId,
  openingId: row.share.openingId,
  memberId: row.share.memberId,
  shown: row.share.shown as Shown,
  expiresAt: row.share.expiresAt,
  signed: signedIn(row.signing),
})

/** What a link opens at a moment; `null` where nobody made it, its time is over, or it was ended: whoever asks is told no more. */
export async function openShare(db: Db, print: string, now: string): Promise<Opened | null> {
  const [row] = await rowsWhere(db, and(eq(share.print, print)))
  return row && row.ended === null && row.share.expiresAt > now ? opened(row) : null
}

/** The same for its own company, ended or not. */
export async function findShare(db: Db, acting: Acting, id: string): Promise<Opened | null> {
  const [row] = await rowsWhere(db, and(eq(share.companyId, acting.companyId), eq(share.id, id)))
  return row ? opened(row) : null
}

/** Keeps a signing and notes what it means in the opening's log, both or neither; `false` where it was signed already. */
export async function sign(
  db: Db,
  { companyId, id, openingId, memberId }: Pick<Opened, 'companyId' | 'id' | 'openingId' | 'memberId'>,
  { signing: data, at, witness }: { readonly signing: Signing; readonly at: string; readonly witness: string | null },
  entries: readonly LogEntry[],
): Promise<boolean> {
  try {
    await transact(db, async tx => {
      await tx.insert(signing).values({ companyId, shareId: id, data, at, witness })
      // The rows stand under the member who shared it: a customer is none.
      await addRows(tx, LOG_ENTRIES, { companyId, memberId, name: data.name, role: 'office' }, openingId, entries)
    })
    return true
  } catch (error) {
    if (isDuplicate(error)) return false
    throw error
  }
}
