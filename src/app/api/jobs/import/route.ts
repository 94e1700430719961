import { parseJobFile } from '@/core/job-file'
import { handle, jsonOf, refuse } from '@/server/handle'
import { importJob } from '@/store/job-file'

export const POST = handle(async ({ db, acting, request }) => {
  const { file, issues } = parseJobFile(await jsonOf(request))
  if (!file) {
    return refuse(400, {
      code: 'file-unreadable',
      message: 'This file is no whole Harvek job; nothing was stored.',
      issues,
    })
  }
  if (!(await importJob(db, acting, file))) {
    return refuse(409, {
      code: 'already-here',
      message: 'This job, or a part of it, is here already; nothing was stored.',
    })
  }
  return Response.json({ id: file.job.id }, { status: 201 })
})
