import { z } from 'zod'
import type { Change, Saved } from '@/store/edits'

/** A change of an edited record as a page sends it. */
export const changeOf = <T>(schema: z.ZodType<T>): z.ZodType<Change<T>> =>
  z.strictObject({ revision: z.int().min(0), base: schema, data: schema })

/** 200 with the record as it stands now, somebody else's changes in it; or 409 with both sides of what clashes. */
export const answerChange = <T>(saved: Saved<T>): Response =>
  saved.ok
    ? Response.json(saved.current)
    : Response.json(
        {
          code: 'stale',
          message: 'Somebody else changed the same in the meantime. Yours is kept here; choose which holds.',
          current: saved.current,
          clashes: saved.clashes,
        },
        { status: 409 },
      )
