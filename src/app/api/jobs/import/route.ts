import { parseJobFile } from '@/core/job-file'
import { cleanPhotos } from '@/server/clean-photos'
import { handle, jsonOf, othersFirst, refuse } from '@/server/handle'
import { importJob } from '@/store/job-file'

/** A job comes with its photos. */
const MOST_FILE_BYTES = 64 * 1024 * 1024

export const POST = handle('archive', async ({ db, acting, request }) => {
  const { file, issues } = await parseJobFile(await jsonOf(request, MOST_FILE_BYTES), othersFirst)
  if (!file) {
    return refuse(400, {
      code: 'file-unreadable',
      message: 'This file is no whole Harvek job; nothing was stored.',
      issues,
    })
  }
  const cleaned = await cleanPhotos(file)
  if (!cleaned) {
    return refuse(400, { code: 'photo-broken', message: 'A photo of this file is no picture; nothing was stored.' })
  }
  if (!(await importJob(db, acting, cleaned))) {
    return refuse(409, {
      code: 'already-here',
      message: 'This job, or a part of it, is here already; nothing was stored.',
    })
  }
  return Response.json({ id: file.job.id }, { status: 201 })
})
