import { z } from 'zod'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findOpening } from '@/store/jobs'
import type { Added } from '@/store/records'
import { bodyOf, handle, notFound, refuse } from './handle'

type Add<T> = (db: Db, acting: Acting, openingId: string, rows: readonly T[]) => Promise<Added>

const MOST_ROWS = 500

/** A route that adds rows with ids of their own to an opening: sent twice, stored once; a taken id that says something else is refused. */
export const postRows = <T>(schema: z.ZodType<T>, add: Add<T>) =>
  handle(async ({ db, acting, request, id }) => {
    if (!(await findOpening(db, acting, id))) return notFound()
    const { stored, conflicting } = await add(
      db,
      acting,
      id,
      await bodyOf(request, z.array(schema).min(1).max(MOST_ROWS)),
    )
    if (conflicting.length === 0) return Response.json({ stored })
    return refuse(409, {
      code: 'id-taken',
      message: 'A row of this id is stored with other contents; it stays as it is.',
      issues: conflicting.map(path => ({ path, message: 'taken' })),
    })
  })
