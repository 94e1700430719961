import { afterOf } from '@/core/after-work'
import { proofPhotos } from '@/core/seal/proof-photos'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Work } from '@/core/work'
import { handoverRecord } from '@/papers/handover-record'
import type { Paper } from '@/papers/paper'
import { edgeCaption, type RecordPhoto } from '@/papers/seal-blocks'
import type { Acting } from '@/store/acting'
import { companyOf } from '@/store/company'
import type { Db } from '@/store/connection'
import { findPicture } from '@/store/photos'
import { afterTrade } from '@/trade/after'
import { placeName } from '@/words/finding-facts'
import { tradeOf, workOf } from './load-opening'

/** The hand-over record of a stored opening, with the photos of its edges before and after they were sealed, what is due of it by when, and what it
 *  was called back for. */
export async function openingRecord(db: Db, acting: Acting, sheet: OpeningSheet, now = new Date()): Promise<Paper> {
  const work = workOf(sheet, now)
  const photos = await photosOf(db, acting, sheet, work)
  const [records, trade, today] = [recordsOf(sheet), tradeOf(sheet), now.toISOString().slice(0, 10)]
  const { name } = await companyOf(db, acting)
  return handoverRecord(sheet.job, records, work, trade, photos, {
    firm: { name, ...sheet.firm.about },
    after: afterOf(work, records, afterTrade(trade, sheet.job.place), today),
    today,
  })
}

/** As many as a record holds beside those of its edges. */
const MOST_BESIDE = 12
/** What else is shown: what the door looked like, what was not sound, what was done and tested. */
const BESIDE = /^(view|condition|step|test)\./

/** The photos of a record: each edge before and after, and the latest of every other place. */
async function photosOf(db: Db, acting: Acting, sheet: OpeningSheet, work: Work): Promise<readonly RecordPhoto[]> {
  const { edges, fitted } = work.seal.value
  const ofEdges = proofPhotos(edges, sheet.photos, fitted).flatMap(({ edge, before, after }) =>
    [before, after].flatMap(photo => (photo ? [{ photo, caption: edgeCaption(edge, photo === after) }] : [])),
  )
  const latest = new Map(
    [...sheet.photos]
      .sort((a, b) => (a.takenAt < b.takenAt ? -1 : 1))
      .flatMap(photo => (photo.slot !== null && BESIDE.test(photo.slot) ? [[photo.slot, photo] as const] : [])),
  )
  const beside = [...latest.values()].slice(-MOST_BESIDE).map(photo => ({ photo, caption: placeName(photo.slot!) }))
  const photos: RecordPhoto[] = []
  for (const { photo, caption } of [...beside, ...ofEdges]) {
    const jpeg = await findPicture(db, acting, photo.id, 'picture')
    if (jpeg) photos.push({ photo, jpeg, caption })
  }
  return photos
}
