import { readCatalogue } from '@/readers/read-catalogue'
import { catalogueFileSchema } from '@/server/catalogue-file'
import { bodyOf, handle, MOST_LIST_BYTES } from '@/server/handle'

const MOST_PREVIEWED = 8
const MOST_REJECTED = 500

/** What taking this list would do: matched columns, the first units, and every row that can't be taken. Stores nothing. */
export const POST = handle('firm', async ({ request }) => {
  const { csv, ...options } = await bodyOf(request, catalogueFileSchema, MOST_LIST_BYTES)
  const { taken, rejected, ...read } = readCatalogue(csv, options)
  return Response.json({
    ...read,
    count: taken.length,
    taken: taken.slice(0, MOST_PREVIEWED),
    rejectedCount: rejected.length,
    rejected: rejected.slice(0, MOST_REJECTED),
  })
})
