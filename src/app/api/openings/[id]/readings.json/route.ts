import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const { opening, readings, answers } = sheet
  const file = { format: 'harvek-readings', version: 1, opening, readings, answers }
  return download(JSON.stringify(file, null, 2), 'application/json', `${opening.tag}-readings.json`)
})
