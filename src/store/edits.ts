import { and, eq } from 'drizzle-orm'
import { merge } from '@/core/base/merge'
import { EDIT_KINDS, type EditKind, type Edits } from '@/core/new-edits'
import { EDITS } from '@/core/records/records'
import { type RecordKind, readRecord, versionOf } from '@/core/records/version'
import type { Versioned, VersionedEdits } from '@/core/sheet'
import type { Acting } from './acting'
import { note } from './audit'
import { type Db, transact } from './connection'
import { openingEdit } from './tables'

// The one way of records that are edited: each has a revision, and a change says what it began from.

/** What became of a change: stored, put together with what somebody else changed meanwhile; or refused, because both changed the same. */
export type Saved<T> =
  | { readonly ok: true; readonly current: Versioned<T> }
  | { readonly ok: false; readonly current: Versioned<T>; readonly clashes: readonly string[] }

/** A change of an edited record: the record it began from, and the record as it is wanted. */
export type Change<T> = { readonly revision: number; readonly base: T; readonly data: T }

/** Where an edited record lies. */
export type EditPlace<T> = {
  readonly kind: RecordKind<T>
  readonly find: () => Promise<Versioned<T>>
  /** Writes over that revision, and down what it was `before`; `false` when another stands by now. */
  readonly write: (revision: number, data: T, version: number, before: T) => Promise<boolean>
}

const TRIES = 5

/** Saves a change. Against an older revision, what only one side changed is put together; what both changed is answered with what stands. */
export async function saveChange<T>(place: EditPlace<T>, { revision, base, data }: Change<T>): Promise<Saved<T>> {
  const version = versionOf(place.kind)
  if (await place.write(revision, data, version, base)) return { ok: true, current: { revision: revision + 1, data } }
  for (let round = 0; round < TRIES; round++) {
    const current = await place.find()
    const { value, clashes } = merge(base, data, current.data)
    if (clashes.length) return { ok: false, current, clashes }
    const merged = place.kind.schema.safeParse(value)
    if (!merged.success) return { ok: false, current, clashes: merged.error.issues.map(one => one.path.join('.')) }
    if (await place.write(current.revision, merged.data, version, current.data))
      return { ok: true, current: { revision: current.revision + 1, data: merged.data } }
  }
  return { ok: false, current: await place.find(), clashes: [] }
}

const mine = (acting: Acting, openingId: string) =>
  and(eq(openingEdit.companyId, acting.companyId), eq(openingEdit.openingId, openingId))

/** Every edited record of an opening. @throws when one is missing: an opening is never without. */
export async function findEdits(db: Db, acting: Acting, openingId: string): Promise<VersionedEdits> {
  return editsIn(openingId, await db.select().from(openingEdit).where(mine(acting, openingId)))
}

/** The edited records of an opening out of their rows. @throws when one is missing. */
export function editsIn(openingId: string, rows: readonly (typeof openingEdit.$inferSelect)[]): VersionedEdits {
  const entries = EDIT_KINDS.map(kind => {
    const row = rows.find(one => one.kind === kind)
    if (!row) throw new Error(`opening ${openingId} has no ${kind} record`)
    return [kind, { revision: row.revision, data: readRecord<unknown>(EDITS[kind], row.data, row.version) }] as const
  })
  return Object.fromEntries(entries) as VersionedEdits
}

/** Where one edited record of an opening lies. */
export const editOf = <K extends EditKind>(
  db: Db,
  acting: Acting,
  openingId: string,
  kind: K,
): EditPlace<Edits[K]> => ({
  kind: EDITS[kind],
  find: async () => (await findEdits(db, acting, openingId))[kind] as Versioned<Edits[K]>,
  write: (revision, data, version, before) =>
    transact(db, async tx => {
      const [result] = await tx
        .update(openingEdit)
        .set({ data, version, revision: revision + 1 })
        .where(and(mine(acting, openingId), eq(openingEdit.kind, kind), eq(openingEdit.revision, revision)))
      if (result.affectedRows !== 1) return false
      await note(tx, acting, {
        verb: 'changed',
        subject: 'opening',
        subjectId: openingId,
        about: kind,
        before,
        after: data,
      })
      return true
    }),
})

/** Writes the edited records of a new opening as they are, revision and all. */
export async function insertEdits(db: Db, acting: Acting, openingId: string, edits: VersionedEdits): Promise<void> {
  await db.insert(openingEdit).values(
    EDIT_KINDS.map(kind => ({
      companyId: acting.companyId,
      openingId,
      kind,
      version: versionOf(EDITS[kind]),
      ...edits[kind],
    })),
  )
}
