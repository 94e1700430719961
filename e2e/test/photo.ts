import type { APIRequestContext } from '@playwright/test'
import sharp from 'sharp'
import { v7 as uuidV7 } from 'uuid'
import { base } from './harvek'

/** A JPEG as a phone makes it, with where and with what it was taken. */
export const phonePhoto = (): Promise<Buffer> =>
  sharp({ create: { width: 1200, height: 900, channels: 3, background: '#8aa0a8' } })
    .withExif({ IFD0: { Make: 'Pocket camera' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '54/1 6/1 0/1' } })
    .jpeg()
    .toBuffer()

/** Adds a photo to an opening by its route; gives its id. */
export async function addPhotoTo(request: APIRequestContext, opening: string): Promise<string> {
  const id = uuidV7()
  const query = new URLSearchParams({ id, slot: '', by: 'Ida Marlow', at: '2026-01-01T00:00:00.000Z' })
  const answer = await request.post(`${base()}/api/openings/${opening}/photos?${query}`, {
    data: await phonePhoto(),
    headers: { 'content-type': 'image/jpeg' },
  })
  if (!answer.ok()) throw new Error(await answer.text())
  return id
}
