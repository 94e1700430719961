import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'

/** The units of the catalogue an opening's page needs, judged by what is stored now. */
export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  return sheet ? Response.json({ units: sheet.units, catalogue: sheet.catalogue }) : notFound()
})
