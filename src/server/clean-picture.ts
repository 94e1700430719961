import sharp from 'sharp'
import { done, type Outcome, refused } from '@/core/outcome'

/** A picture freed of everything but what it shows, and a small one of it, both JPEG. */
export type CleanPicture = {
  readonly picture: Buffer
  readonly small: Buffer
  readonly width: number
  readonly height: number
}

export const MOST_PHOTO_BYTES = 20 * 1024 * 1024
const MOST_PIXELS = 120_000_000
const LARGE_PX = 2048
const SMALL_PX = 320
const FORMATS = ['jpeg', 'png', 'webp']

/** Whether bytes are a JPEG that opens and carries nothing but its picture. */
export async function isCleanJpeg(bytes: Buffer): Promise<boolean> {
  try {
    const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { format, exif, iptc, xmp } = await picture.metadata()
    await picture.stats()
    return format === 'jpeg' && !exif && !iptc && !xmp
  } catch {
    return false
  }
}

/** Draws a picture anew, upright, at most 2048 px a side unless said: what it was taken with, when and where stays behind.
 *  What counts is the content, never the name. Issue codes `photo.too-large`, `photo.no-image`, `photo.broken`. */
export async function cleanPicture(bytes: Buffer, mostPx = LARGE_PX): Promise<Outcome<CleanPicture>> {
  if (bytes.length > MOST_PHOTO_BYTES) return refused('photo.too-large')
  try {
    const { format } = await sharp(bytes, { limitInputPixels: MOST_PIXELS }).metadata()
    if (!format || !FORMATS.includes(format)) return refused('photo.no-image', { format: format ?? 'unknown' })
  } catch {
    return refused('photo.no-image', { format: 'unknown' })
  }
  try {
    const upright = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).rotate()
    const large = await upright
      .resize({ width: mostPx, height: mostPx, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 82 })
      .toBuffer({ resolveWithObject: true })
    const small = await sharp(large.data)
      .resize({ width: SMALL_PX, height: SMALL_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 78 })
      .toBuffer()
    return done({ picture: large.data, small, width: large.info.width, height: large.info.height })
  } catch {
    return refused('photo.broken')
  }
}
