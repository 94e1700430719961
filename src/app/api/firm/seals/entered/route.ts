import { z } from 'zod'
import { isRejected } from '@/readers/read-list'
import { readSeal } from '@/readers/read-seals'
import { bodyOf, handle, refuse } from '@/server/handle'
import { sealColumnName } from '@/words/columns'

const enteredSchema = z.strictObject({
  cells: z.record(z.string().max(60), z.string().max(500)),
  unit: z.enum(['in', 'mm']),
})

/** Reads one seal that was entered by hand. Stores nothing: the firm's record is saved with it. */
export const POST = handle('firm', async ({ request }) => {
  const { cells, unit } = await bodyOf(request, enteredSchema)
  const read = readSeal(cells, { unit })
  if (!isRejected(read)) return Response.json(read)
  const message = `${sealColumnName(read.column)}: ${read.reason}`
  return refuse(422, { code: 'seal-refused', message, current: read })
})
