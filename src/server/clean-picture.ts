import sharp from 'sharp'
import { done, type Outcome, refused } from '@/core/outcome'
import { drawing } from './limits'

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
/** Longest side of the small one, px. */
export const SMALL_PX = 320
const FORMATS = ['jpeg', 'png', 'webp']

/** What a picture that was drawn here takes at most: more was drawn elsewhere. */
const MOST_CLEAN_BYTES = 6 * 1024 * 1024

/** Whether bytes are a JPEG as it is drawn here: it opens, is no larger a side than said, and carries nothing but its picture. */
export const isCleanJpeg = (bytes: Buffer, mostPx = LARGE_PX): Promise<boolean> => drawing(() => isClean(bytes, mostPx))

async function isClean(bytes: Buffer, mostPx: number): Promise<boolean> {
  if (bytes.length > MOST_CLEAN_BYTES || !isBare(bytes)) return false
  try {
    const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { format, exif, iptc, xmp, comments, width, height } = await picture.metadata()
    await picture.stats()
    const isBare = !exif && !iptc && !xmp && !comments?.length
    return format === 'jpeg' && isBare && Math.max(width, height) <= mostPx
  } catch {
    return false
  }
}

const END = 0xd9
/** Parts of a JPEG that hold a remark, or what an application writes beside the picture; the first of them says only how it is packed. */
const REMARK = 0xfe
const isBeside = (marker: number): boolean => marker === REMARK || (marker > 0xe0 && marker <= 0xef && marker !== 0xee)

/** Whether a JPEG holds nothing beside its picture, and nothing stands behind its end. */
function isBare(bytes: Buffer): boolean {
  if (bytes.at(-2) !== 0xff || bytes.at(-1) !== END) return false
  for (let at = 2; at + 4 <= bytes.length && bytes[at] === 0xff; at += 2 + bytes.readUInt16BE(at + 2)) {
    const marker = bytes[at + 1]!
    if (isBeside(marker)) return false
    // What follows is the picture itself: it ends where the bytes do.
    if (marker === 0xda) return bytes.indexOf(Buffer.from([0xff, END]), at) === bytes.length - 2
  }
  return false
}

/** Draws a picture anew, upright, at most 2048 px a side unless said: what it was taken with, when and where stays behind.
 *  What counts is the content, never the name. Issue codes `photo.too-large`, `photo.no-image`, `photo.broken`. */
export const cleanPicture = (bytes: Buffer, mostPx = LARGE_PX): Promise<Outcome<CleanPicture>> =>
  drawing(() => cleaned(bytes, mostPx))

async function cleaned(bytes: Buffer, mostPx: number): Promise<Outcome<CleanPicture>> {
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
