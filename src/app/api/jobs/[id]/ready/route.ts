import { handle, notFound } from '@/server/handle'
import { readyLines } from '@/server/ready-lines'
import { findJob } from '@/store/jobs'

/** The openings of a job that could go on an order now. */
export const GET = handle('look', async ({ db, acting, id }) =>
  (await findJob(db, acting, id)) ? Response.json({ ready: await readyLines(db, acting, id) }) : notFound(),
)
