import { z } from 'zod'
import { logEntrySchema } from '@/core/handover/log'
import { bodyOf, handle, notFound, refuse } from '@/server/handle'
import { findOpening } from '@/store/jobs'
import { addLog } from '@/store/records'

const sent = z.array(logEntrySchema).min(1).max(500)

export const POST = handle(async ({ db, acting, request, id }) => {
  if (!(await findOpening(db, acting, id))) return notFound()
  const { stored, conflicting } = await addLog(db, acting, id, await bodyOf(request, sent))
  if (conflicting.length) {
    return refuse(409, {
      code: 'id-taken',
      message: 'An entry of this id is stored with other contents; it stays as it is.',
      issues: conflicting.map(path => ({ path, message: 'taken' })),
    })
  }
  return Response.json({ stored })
})
