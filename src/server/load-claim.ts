import { type ClaimPhoto, claimNote } from '@/papers/claim-note'
import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findPicture } from '@/store/photos'
import { lengthsOfLine, loadOrder } from './load-order'

/** The claim note of a line by its last receipt; `null` where nothing was received on it. */
export async function loadClaim(
  db: Db,
  acting: Acting,
  orderId: string,
  number: number,
): Promise<{ readonly paper: Paper; readonly at: string; readonly name: string } | null> {
  const view = await loadOrder(db, acting, orderId)
  const line = view?.order.lines[number - 1]
  const receipt = view?.receipts.findLast(one => one.line === number)
  if (!view || !line || !receipt) return null
  const photos: ClaimPhoto[] = []
  for (const photo of view.photos[number - 1] ?? []) {
    const jpeg = await findPicture(db, acting, photo.id, 'picture')
    if (jpeg) photos.push({ photo, jpeg })
  }
  return {
    paper: claimNote(view.job, view.order, line, receipt, {
      lengths: lengthsOfLine(view, number),
      photos,
    }),
    at: receipt.at,
    name: `${view.order.number}-${line.opening.tag}-claim.pdf`,
  }
}
