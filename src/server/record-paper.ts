import { proofPhotos } from '@/core/seal/proof-photos'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import { handoverRecord } from '@/papers/handover-record'
import type { Paper } from '@/papers/paper'
import type { RecordPhoto } from '@/papers/seal-blocks'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findPicture } from '@/store/photos'
import { tradeOf, workOf } from './load-opening'

/** The hand-over record of a stored opening, with the photos of its edges before and after they were sealed. */
export async function openingRecord(db: Db, acting: Acting, sheet: OpeningSheet): Promise<Paper> {
  const work = workOf(sheet)
  const { edges, fitted } = work.seal.value
  const photos: RecordPhoto[] = []
  for (const { edge, before, after } of proofPhotos(edges, sheet.photos, fitted))
    for (const photo of [before, after]) {
      const jpeg = photo && (await findPicture(db, acting, photo.id, 'picture'))
      if (photo && jpeg) photos.push({ photo, jpeg, edge, isAfter: photo === after })
    }
  return handoverRecord(sheet.job, recordsOf(sheet), work, tradeOf(sheet), photos)
}
