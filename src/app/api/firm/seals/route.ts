import { z } from 'zod'
import { MOST_OWN_SEALS } from '@/core/seal-stock/own-seal'
import { readSeals } from '@/readers/read-seals'
import { bodyOf, handle, MOST_RECORD_BYTES } from '@/server/handle'

const MOST_REJECTED = 300
const fileSchema = z.strictObject({
  csv: z.string().max(2 * 1024 * 1024),
  unit: z.enum(['in', 'mm']).default('in'),
  matching: z.record(z.string().max(60), z.string().max(200).nullable()).default({}),
})

/** What a list of seals says: matched columns, the seals that can be taken, and every row that can't. Stores nothing: the firm's record is
 *  saved with them. */
export const POST = handle('firm', async ({ request }) => {
  const { csv, ...options } = await bodyOf(request, fileSchema, MOST_RECORD_BYTES)
  const { taken, rejected, ...read } = readSeals(csv, options)
  return Response.json({
    ...read,
    count: taken.length,
    taken: taken.slice(0, MOST_OWN_SEALS),
    rejectedCount: rejected.length,
    rejected: rejected.slice(0, MOST_REJECTED),
  })
})
