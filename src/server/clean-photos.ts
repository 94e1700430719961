import type { JobFile } from '@/core/job-file'
import { cleanPicture, isCleanJpeg, SMALL_PX } from './clean-picture'

type PhotoFile = JobFile['openings'][number]['photos'][number]

/** A file with only pictures where pictures should be: clean ones as they are, others drawn anew; `null` when one is none. */
export async function cleanPhotos(file: JobFile): Promise<JobFile | null> {
  const openings: JobFile['openings'] = []
  for (const one of file.openings) {
    const photos: PhotoFile[] = []
    for (const photo of one.photos) {
      const clean = await cleanPhoto(photo)
      if (!clean) return null
      photos.push(clean)
    }
    openings.push({ ...one, photos })
  }
  return { ...file, openings }
}

async function cleanPhoto(file: PhotoFile): Promise<PhotoFile | null> {
  const [picture, small] = [Buffer.from(file.picture, 'base64'), Buffer.from(file.small, 'base64')]
  if ((await isCleanJpeg(picture)) && (await isCleanJpeg(small, SMALL_PX))) return file
  const clean = await cleanPicture(picture)
  if (!clean.ok) return null
  return {
    photo: { ...file.photo, width: clean.value.width, height: clean.value.height },
    picture: clean.value.picture.toString('base64'),
    small: clean.value.small.toString('base64'),
  }
}
