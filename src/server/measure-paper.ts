import type { Family } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import { newEdits } from '@/core/new-edits'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import { newJob } from '@/core/survey/new-job'
import { isOfDelivery } from '@/core/survey/photo-place'
import type { Way } from '@/core/survey/ways'
import type { OpeningRecords } from '@/core/terms'
import { type Work, work } from '@/core/work'
import { measureSheet } from '@/papers/measure-sheet'
import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findPicture } from '@/store/photos'
import { tradeWith } from '@/trade/trade'
import { workOf } from './load-opening'

/** An opening of this family that nobody has read. */
const unread = (family: Family, way: Way, named = { id: '', tag: '', name: '' }): OpeningRecords => ({
  ...newEdits(way),
  opening: { ...named, family },
  readings: [],
  answers: [],
  orders: [],
  receipts: [],
  log: [],
})
const workOn = (records: OpeningRecords): Work => work(records, tradeWith([]), '')

/** The measure sheet of a stored opening: filled, with photos if wished, or blank. */
export async function openingMeasureSheet(
  db: Db,
  acting: Acting,
  sheet: OpeningSheet,
  { blank, photos }: { readonly blank: boolean; readonly photos: boolean },
): Promise<Paper> {
  const records = blank ? unread(sheet.opening.family, sheet.edits.wishes.data.way, sheet.opening) : recordsOf(sheet)
  const pictures = []
  for (const photo of photos && !blank ? sheet.photos.filter(one => !isOfDelivery(one)) : []) {
    const jpeg = await findPicture(db, acting, photo.id, 'picture')
    if (jpeg) pictures.push({ photo, jpeg })
  }
  return measureSheet(sheet.job, records, blank ? workOn(records) : workOf(sheet), { blank, photos: pictures })
}

/** A blank sheet for any door of a family, to take along. */
export function blankMeasureSheet(family: Family, way: Way, unit: 'in' | 'mm'): Paper {
  const { ways } = DOORS[family].survey
  const { customer } = newJob(unit)
  const job = { name: 'Job:', site: '', customer, unit, step: unit === 'in' ? '1/16' : '1' } as const
  const records = unread(family, ways.includes(way) ? way : ways[0]!)
  return measureSheet(job, records, workOn(records), { blank: true, photos: [] })
}
