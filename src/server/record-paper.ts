import { afterOf } from '@/core/after-work'
import { proofPhotos } from '@/core/seal/proof-photos'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import { handoverRecord } from '@/papers/handover-record'
import type { Paper } from '@/papers/paper'
import type { RecordPhoto } from '@/papers/seal-blocks'
import type { Acting } from '@/store/acting'
import { companyOf } from '@/store/company'
import type { Db } from '@/store/connection'
import { findPicture } from '@/store/photos'
import { afterTrade } from '@/trade/after'
import { tradeOf, workOf } from './load-opening'

/** The hand-over record of a stored opening, with the photos of its edges before and after they were sealed, what is due of it by when, and what it
 *  was called back for. */
export async function openingRecord(db: Db, acting: Acting, sheet: OpeningSheet, now = new Date()): Promise<Paper> {
  const work = workOf(sheet, now)
  const { edges, fitted } = work.seal.value
  const photos: RecordPhoto[] = []
  for (const { edge, before, after } of proofPhotos(edges, sheet.photos, fitted))
    for (const photo of [before, after]) {
      const jpeg = photo && (await findPicture(db, acting, photo.id, 'picture'))
      if (photo && jpeg) photos.push({ photo, jpeg, edge, isAfter: photo === after })
    }
  const [records, trade, today] = [recordsOf(sheet), tradeOf(sheet), now.toISOString().slice(0, 10)]
  const { name } = await companyOf(db, acting)
  return handoverRecord(sheet.job, records, work, trade, photos, {
    firm: { name, ...sheet.firm.about },
    after: afterOf(work, records, afterTrade(trade, sheet.job.place), today),
    today,
  })
}
