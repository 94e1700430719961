import { z } from 'zod'
import type { AuditSubject } from '@/core/access/audit'
import type { Acting } from '@/store/acting'
import { lastChange } from '@/store/audit'
import type { Db } from '@/store/connection'
import type { Change, Saved } from '@/store/edits'

/** A change of an edited record as a page sends it. */
export const changeOf = <T>(schema: z.ZodType<T>): z.ZodType<Change<T>> =>
  z.strictObject({ revision: z.int().min(0), base: schema, data: schema })

/** Of what a change is. */
export type ChangeOf = { readonly subject: AuditSubject; readonly subjectId: string; readonly about: string }

/** 200 with the record as it stands now, somebody else's changes in it; or 409 with both sides of what clashes, and who changed it last. */
export async function answerChange<T>(db: Db, acting: Acting, saved: Saved<T>, of: ChangeOf): Promise<Response> {
  if (saved.ok) return Response.json(saved.current)
  const last = await lastChange(db, acting, of)
  return Response.json(
    {
      code: 'stale',
      message: `${last?.by ?? 'Somebody else'} changed the same in the meantime. Yours is kept here; choose which holds.`,
      current: saved.current,
      clashes: saved.clashes,
      by: last?.by ?? null,
      at: last?.at ?? null,
    },
    { status: 409 },
  )
}
