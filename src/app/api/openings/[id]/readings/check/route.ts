import { z } from 'zod'
import { readReadings } from '@/readers/read-readings'
import { bodyOf, handle, MOST_RECORD_BYTES, notFound, refuse } from '@/server/handle'
import { findJob, findOpening } from '@/store/jobs'
import { issueWords } from '@/words/issues'

const body = z.strictObject({ name: z.string().max(200), text: z.string().max(4_000_000) })

/** Checks a file of readings row by row; stores nothing. */
export const POST = handle('measure', async ({ db, acting, request, id }) => {
  const found = await findOpening(db, acting, id)
  if (!found) return notFound()
  const job = (await findJob(db, acting, found.jobId))!
  const { name, text } = await bodyOf(request, body, MOST_RECORD_BYTES)
  const checked = readReadings(name, text, {
    openingId: id,
    family: found.opening.family,
    unit: job.unit,
    takenBy: acting.name,
    takenAt: new Date().toISOString(),
  })
  if (checked.ok) return Response.json(checked.value)
  return refuse(400, { code: checked.issues[0]!.code, message: issueWords(checked.issues[0]!) })
})
