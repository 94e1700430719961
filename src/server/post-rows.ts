import { z } from 'zod'
import { may, type Verb } from '@/core/access/access'
import { findOpening } from '@/store/jobs'
import { type Added, addRows, type RowKind } from '@/store/rows'
import { bodyOf, notFound, notYours, type Refusal, refuse, type Way } from './handle'

const MOST_ROWS = 500

/** What of a row can't be taken whatever its form, as a sentence; `null` where nothing is wrong. */
type Check<T> = (row: T) => string | null
/** What more than the route's own verb a row asks for; `null` where that is enough. */
type Asks<T> = (row: T) => Verb | null

/** The way of adding rows with ids of their own to an opening: sent twice, stored once; a taken id that says something else is refused. */
export const addingRows = <T extends { readonly id: string }>(
  verb: Verb,
  kind: RowKind<T>,
  schema: z.ZodType<T>,
  { check = () => null, asks = () => null }: { readonly check?: Check<T>; readonly asks?: Asks<T> } = {},
): Way => ({
  verb,
  answer: async ({ db, acting, request, id }) => {
    if (!(await findOpening(db, acting, id))) return notFound()
    const rows = await bodyOf(request, z.array(schema).min(1).max(MOST_ROWS))
    const more = rows.flatMap(row => asks(row) ?? []).find(one => !may(acting.role, one))
    if (more) return refuse(403, notYours(more))
    const wrong = rows.flatMap(row => {
      const message = check(row)
      return message === null ? [] : [{ path: row.id, message }]
    })
    if (wrong.length) return refuse(422, { code: 'not-taken', message: 'Not stored.', issues: wrong })
    return answerAdded(await addRows(db, kind, acting, id, rows))
  },
})

/** Which rows are stored, or which ids are taken. */
export function answerAdded({ stored, conflicting }: Added): Response {
  if (conflicting.length === 0) return Response.json({ stored })
  const issues: Refusal['issues'] = conflicting.map(path => ({ path, message: 'taken' }))
  const message = 'A row of this id is stored with other contents; it stays as it is.'
  return refuse(409, { code: 'id-taken', message, issues })
}
