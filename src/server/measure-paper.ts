import { job as runJob } from '@/core/job'
import type { OpeningSheet } from '@/core/sheet'
import { newWishes } from '@/core/specification/new-wishes'
import { FAMILY_RULES, type Family } from '@/core/survey/families'
import { isOfDelivery } from '@/core/survey/photo-place'
import type { Way } from '@/core/survey/ways'
import { measureSheet } from '@/papers/measure-sheet'
import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findPicture } from '@/store/photos'
import { tradeWith } from '@/trade/trade'
import { resultOf } from './load-opening'

/** What the core says of an opening of this family that nobody has read. */
const unread = (family: Family, way: Way) =>
  runJob(
    {
      opening: { id: '', tag: '', name: '', family },
      readings: [],
      answers: [],
      wishes: newWishes(way),
      sealChoice: {},
      orders: [],
      receipts: [],
      log: [],
    },
    tradeWith([]),
  )

/** The measure sheet of a stored opening: filled, with photos if wished, or blank. */
export async function openingMeasureSheet(
  db: Db,
  acting: Acting,
  sheet: OpeningSheet,
  { blank, photos }: { readonly blank: boolean; readonly photos: boolean },
): Promise<Paper> {
  const result = blank ? unread(sheet.opening.family, sheet.wishes.data.way) : resultOf(sheet)
  const pictures = []
  for (const photo of photos && !blank ? sheet.photos.filter(one => !isOfDelivery(one)) : []) {
    const jpeg = await findPicture(db, acting, photo.id, 'picture')
    if (jpeg) pictures.push({ photo, jpeg })
  }
  return measureSheet(sheet.job, sheet.opening, result, { blank, photos: pictures })
}

/** A blank sheet for any door of a family, to take along. */
export function blankMeasureSheet(family: Family, way: Way, unit: 'in' | 'mm'): Paper {
  const { ways } = FAMILY_RULES[family]
  const job = { name: 'Job:', site: '', unit, step: unit === 'in' ? '1/16' : '1' } as const
  const result = unread(family, ways.includes(way) ? way : ways[0]!)
  return measureSheet(job, { tag: '', name: '' }, result, { blank: true, photos: [] })
}
