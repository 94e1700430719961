import type { JobFile, OpeningFile } from '@/core/job-file'
import { FILE_VERSION } from '@/core/records/raise-file'
import { SCHOOLS } from '@/core/records/records'
import { versionOf } from '@/core/records/version'
import type { Opening } from '@/core/survey/job-record'
import type { Acting } from './acting'
import { type Db, isDuplicate, transact } from './connection'
import { findEdits, insertEdits } from './edits'
import { findJobSchools, schoolsPlace } from './firm'
import { findJob, insertJob, insertOpening, listOpenings } from './jobs'
import { insertOrder, listOrders } from './orders'
import { addPhoto, findPicture, listPhotos } from './photos'
import { type Added, ANSWERS, addRows, LOG_ENTRIES, listRows, READINGS, RECEIPTS } from './rows'
import { addUnits, findUnits } from './units'

/** A job with everything in it, its photos or not, in an order that does not depend on how it came in; `null` when the company has none such. */
export async function exportJob(
  db: Db,
  acting: Acting,
  jobId: string,
  exportedAt: string,
  photos: 'photos' | 'no-photos' = 'photos',
): Promise<JobFile | null> {
  const job = await findJob(db, acting, jobId)
  if (!job) return null
  const openings: OpeningFile[] = []
  for (const one of await listOpenings(db, acting, jobId)) openings.push(await exportOpening(db, acting, one, photos))
  const chosen = new Set(openings.map(one => one.edits.order.data.chosen?.unit))
  const units = await findUnits(
    db,
    acting,
    [...chosen].flatMap(one => one ?? []),
  )
  const orders = [...(await listOrders(db, acting, jobId))]
  return {
    format: 'harvek-job',
    version: FILE_VERSION,
    exportedAt,
    job,
    openings,
    units: [...units].sort((a, b) => (a.id < b.id ? -1 : 1)),
    orders,
    receipts: [
      ...(await listRows(
        db,
        RECEIPTS,
        acting,
        orders.map(one => one.id),
      )),
    ],
    schools: (await findJobSchools(db, acting, jobId)).data,
  }
}

async function exportOpening(
  db: Db,
  acting: Acting,
  opening: Opening,
  photos: 'photos' | 'no-photos',
): Promise<OpeningFile> {
  return {
    opening,
    readings: [...(await listRows(db, READINGS, acting, [opening.id]))],
    answers: [...(await listRows(db, ANSWERS, acting, [opening.id]))],
    photos: photos === 'photos' ? await exportPhotos(db, acting, opening.id) : [],
    edits: await findEdits(db, acting, opening.id),
    log: [...(await listRows(db, LOG_ENTRIES, acting, [opening.id]))],
  }
}

async function exportPhotos(db: Db, acting: Acting, openingId: string): Promise<OpeningFile['photos']> {
  const photos: OpeningFile['photos'] = []
  for (const photo of await listPhotos(db, acting, openingId)) {
    const [picture, small] = [
      await findPicture(db, acting, photo.id, 'picture'),
      await findPicture(db, acting, photo.id, 'small'),
    ]
    photos.push({ photo, picture: picture!.toString('base64'), small: small!.toString('base64') })
  }
  return photos
}

/** Takes a file in, whole or not at all. `false` when the job, or an order of it, is here already. */
export async function importJob(db: Db, acting: Acting, file: JobFile): Promise<boolean> {
  if (await findJob(db, acting, file.job.id)) return false
  try {
    await transact(db, async tx => {
      await insertJob(tx, acting, file.job)
      await addUnits(tx, acting, file.units)
      for (const one of file.openings) {
        await insertOpening(tx, acting, file.job.id, one.opening)
        await insertEdits(tx, acting, one.opening.id, one.edits)
        await refuseConflicts(addRows(tx, READINGS, acting, one.opening.id, one.readings))
        await refuseConflicts(addRows(tx, ANSWERS, acting, one.opening.id, one.answers))
        for (const { photo, picture, small } of one.photos)
          if (
            !(await addPhoto(tx, acting, one.opening.id, photo, {
              picture: Buffer.from(picture, 'base64'),
              small: Buffer.from(small, 'base64'),
            }))
          )
            throw new Conflict('a photo of this id is here already')
        await refuseConflicts(addRows(tx, LOG_ENTRIES, acting, one.opening.id, one.log))
      }
      for (const order of file.orders) await insertOrder(tx, acting, file.job.id, order)
      for (const one of file.receipts) await refuseConflicts(addRows(tx, RECEIPTS, acting, one.orderId, [one]))
      if (Object.keys(file.schools).length)
        await schoolsPlace(tx, acting, file.job.id).write(0, file.schools, versionOf(SCHOOLS), {})
    })
    return true
  } catch (error) {
    if (isDuplicate(error) || error instanceof Conflict) return false
    throw error
  }
}

class Conflict extends Error {}

async function refuseConflicts(adding: Promise<Added>): Promise<void> {
  const { conflicting } = await adding
  if (conflicting.length > 0) throw new Conflict(`${conflicting.length} rows are here already with other contents`)
}
