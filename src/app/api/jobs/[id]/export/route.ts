import { download } from '@/server/download'
import { handle, notFound, refuse } from '@/server/handle'
import { exportJob } from '@/store/job-file'
import { photoBytes } from '@/store/photos'

/** What the pictures in a file may take, so that it comes back in: as text they take a third more. */
const MOST_PICTURES = 46 * 1024 * 1024

/** A job as a file with its photos, or without them by `?photos=none`. */
export const GET = handle('archive', async ({ db, acting, request, id }) => {
  const withPhotos = new URL(request.url).searchParams.get('photos') !== 'none'
  const size = withPhotos ? await photoBytes(db, acting, id) : 0
  if (size > MOST_PICTURES) {
    const message = `The photos of this job take ${Math.round(size / 1024 / 1024)} MB, more than a file that comes back in. Take it out without its photos.`
    return refuse(422, { code: 'too-many-photos', message })
  }
  const file = await exportJob(db, acting, id, new Date().toISOString(), withPhotos ? 'photos' : 'no-photos')
  return file
    ? download(`${JSON.stringify(file, null, 1)}\n`, 'application/json', `${file.job.name}.harvek.json`)
    : notFound()
})
