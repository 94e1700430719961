import { readCatalogue } from '@/readers/read-catalogue'
import { catalogueFileSchema } from '@/server/catalogue-file'
import { bodyOf, handle, MOST_LIST_BYTES, refuse } from '@/server/handle'
import { putUnits } from '@/store/units'

/** Takes a maker's list in: the rows that can be taken; a unit that is here already is replaced by what the list says now. */
export const POST = handle('firm', async ({ db, acting, request }) => {
  const { csv, ...options } = await bodyOf(request, catalogueFileSchema, MOST_LIST_BYTES)
  const { taken: units, rejected, lacking } = readCatalogue(csv, options)
  if (lacking.length || units.length === 0)
    return refuse(422, {
      code: 'nothing-to-take',
      message: lacking.length
        ? `No column stands for ${lacking.join(', ')}; nothing was stored.`
        : 'No row of this file can be taken; nothing was stored.',
    })
  await putUnits(db, acting, units)
  return Response.json({ taken: units.length, rejected: rejected.length })
})
