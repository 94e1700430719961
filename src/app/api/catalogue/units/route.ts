import { z } from 'zod'
import { readUnit } from '@/readers/read-catalogue'
import { isRejected } from '@/readers/read-list'
import { bodyOf, handle, refuse } from '@/server/handle'
import { addUnit } from '@/store/units'
import { columnName } from '@/words/columns'

const enteredSchema = z.strictObject({
  cells: z.record(z.string().max(60), z.string().max(500)),
  unit: z.enum(['in', 'mm']),
})

/** Takes one unit in that was entered by hand. What is there already is not replaced. */
export const POST = handle('firm', async ({ db, acting, request }) => {
  const { cells, unit } = await bodyOf(request, enteredSchema)
  const read = readUnit(cells, { unit })
  if (isRejected(read))
    return refuse(422, { code: 'unit-refused', message: `${columnName(read.column)}: ${read.reason}`, current: read })
  if (!(await addUnit(db, acting, read)))
    return refuse(409, {
      code: 'unit-there',
      message: `${read.maker} has ${read.article} in the catalogue already; nothing was stored. Give this one another article.`,
    })
  return Response.json({ id: read.id }, { status: 201 })
})
