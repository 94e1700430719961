import { and, asc, eq, getTableColumns, inArray, sql } from 'drizzle-orm'
import { type Photo, photoSchema } from '@/core/survey/photo'
import type { Acting } from './acting'
import type { Db } from './connection'
import { grouped } from './grouped'
import { placed, places, preparedAs } from './prepared'
import { opening, photo } from './tables'

/** A picture and the small one beside it, as JPEG. */
export type Pictures = { readonly picture: Buffer; readonly small: Buffer }

const { picture: _p, small: _s, companyId: _c, openingId: _o, memberId: _m, ...PLAIN } = getTableColumns(photo)
const mine = (acting: Acting) => eq(photo.companyId, acting.companyId)

/** The photos of an opening without their pictures, in the order they were taken. */
export async function listPhotos(db: Db, acting: Acting, openingId: string): Promise<readonly Photo[]> {
  return (await photosOf(db, acting, [openingId])).get(openingId) ?? []
}

/** The same of several openings, by their ids. */
export async function photosOf(
  db: Db,
  acting: Acting,
  openingIds: readonly string[],
): Promise<ReadonlyMap<string, readonly Photo[]>> {
  if (openingIds.length === 0) return new Map()
  const rows = await PHOTOS(db, openingIds.length).execute({ company: acting.companyId, ...placed('of', openingIds) })
  return grouped(rows.map(({ openingId, ...row }) => [openingId, photoSchema.parse(row)]))
}

const PHOTOS = preparedAs((db, count: number) =>
  db
    .select({ ...PLAIN, openingId: photo.openingId })
    .from(photo)
    .where(and(eq(photo.companyId, sql.placeholder('company')), inArray(photo.openingId, places('of', count))))
    .orderBy(asc(photo.takenAt), asc(photo.id))
    .prepare(),
)

/** Adds a photo once, however often it is sent; `false` when its id is taken by another one. */
export async function addPhoto(
  db: Db,
  acting: Acting,
  openingId: string,
  one: Photo,
  pictures: Pictures,
): Promise<boolean> {
  const row = { ...photoSchema.parse(one), ...pictures, openingId, companyId: acting.companyId }
  await db
    .insert(photo)
    .ignore()
    .values({ ...row, memberId: acting.memberId })
  const there = (await listPhotos(db, acting, openingId)).find(({ id }) => id === one.id)
  return there !== undefined && there.takenAt === one.takenAt && there.slot === one.slot
}

/** One picture of a photo; `null` when this company has none such. */
export async function findPicture(db: Db, acting: Acting, id: string, size: keyof Pictures): Promise<Buffer | null> {
  const [row] = await db
    .select({ bytes: photo[size] })
    .from(photo)
    .where(and(mine(acting), eq(photo.id, id)))
    .limit(1)
  return row?.bytes ?? null
}

/** What the pictures of a job's photos take, bytes. */
export async function photoBytes(db: Db, acting: Acting, jobId: string): Promise<number> {
  const size = sql<number>`coalesce(sum(octet_length(${photo.picture}) + octet_length(${photo.small})), 0)`
  const [row] = await db
    .select({ size })
    .from(photo)
    .innerJoin(opening, and(eq(opening.companyId, photo.companyId), eq(opening.id, photo.openingId)))
    .where(and(eq(photo.companyId, acting.companyId), eq(opening.jobId, jobId)))
  return Number(row?.size ?? 0)
}
