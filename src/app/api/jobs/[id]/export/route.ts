import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { exportJob } from '@/store/job-file'

export const GET = handle('archive', async ({ db, acting, id }) => {
  const file = await exportJob(db, acting, id, new Date().toISOString())
  return file
    ? download(`${JSON.stringify(file, null, 1)}\n`, 'application/json', `${file.job.name}.harvek.json`)
    : notFound()
})
