import { cutStrips } from '@/server/cut-strips'
import { handle, notFound } from '@/server/handle'

/** Notes what the cut list lays out as cut, and keeps the off-cuts: asked twice, the second time nothing is left to be cut. */
export const POST = handle('cut', async ({ db, acting, id }) => {
  const done = await cutStrips(db, acting, id, new Date())
  return done ? Response.json(done) : notFound()
})
