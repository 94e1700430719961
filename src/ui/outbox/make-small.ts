/** Longest side of a photo as it is sent, px: more shows nothing more of a door. */
const LONGEST = 2048
const QUALITY = 0.86

/** A photo no larger than it need be, as JPEG and without what a camera writes beside it; `null` where it is no picture. */
export async function makeSmall(picture: Blob): Promise<Blob | null> {
  try {
    const bitmap = await createImageBitmap(picture, { imageOrientation: 'from-image' })
    const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height))
    const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale))
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
    bitmap.close()
    const small = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
    return scale === 1 && small.size >= picture.size && picture.type === 'image/jpeg' ? picture : small
  } catch {
    return null
  }
}
