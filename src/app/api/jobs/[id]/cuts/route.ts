import { z } from 'zod'
import { offCutSchema } from '@/core/catalogue/firm-record'
import { MOST_OFF_CUTS } from '@/core/seal-stock/off-cut'
import { cutStrips, takeBackCuts } from '@/server/cut-strips'
import { bodyOf, handle, notFound } from '@/server/handle'

/** Notes what the cut list lays out as cut, and keeps the off-cuts: asked twice, the second time nothing is left to be cut. */
export const POST = handle('cut', async ({ db, acting, id }) => {
  const done = await cutStrips(db, acting, id, new Date())
  return done ? Response.json(done) : notFound()
})

const offCuts = z.array(offCutSchema).max(MOST_OFF_CUTS)
const undoSchema = z.strictObject({ at: z.iso.datetime({ precision: 3 }), left: offCuts, gone: offCuts })

/** Takes back what was noted as cut at one moment. */
export const DELETE = handle('cut', async ({ db, acting, request, id }) => {
  const done = await takeBackCuts(db, acting, id, await bodyOf(request, undoSchema), new Date())
  return done ? Response.json(done) : notFound()
})
