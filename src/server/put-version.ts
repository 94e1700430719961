import { z } from 'zod'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findOpening } from '@/store/jobs'
import type { Saved } from '@/store/records'
import { bodyOf, handle, notFound } from './handle'

type Save<T> = (db: Db, acting: Acting, openingId: string, revision: number, data: T) => Promise<Saved<T>>

/** A route that saves an edited record of an opening: 200 with the new revision, or 409 with what stands now. */
export const putVersion = <T>(schema: z.ZodType<T>, save: Save<T>) =>
  handle(async ({ db, acting, request, id }) => {
    if (!(await findOpening(db, acting, id))) return notFound()
    const { revision, data } = await bodyOf(request, z.strictObject({ revision: z.int().min(1), data: schema }))
    const saved = await save(db, acting, id, revision, data)
    if (saved.ok) return Response.json({ revision: saved.revision })
    return Response.json(
      {
        code: 'stale',
        message: 'Somebody else changed this in the meantime. Look at both and save again.',
        current: saved.current,
      },
      { status: 409 },
    )
  })
