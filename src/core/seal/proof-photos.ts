import type { Photo } from '../survey/photo'
import type { Edge } from './edge'
import type { Sealed } from './sealed'

/** Photos of one edge: the last before any seal of it was in, and the last since. */
export type ProofPhotos = { readonly edge: string; readonly before: Photo | null; readonly after: Photo | null }

/** Where a photo of an edge of the closed door belongs. */
export const edgePlace = (edge: string): `seal.${string}` => `seal.${edge}`

/** The photos of every edge of which there are some, before and after it was sealed, whatever order they came in. */
export function proofPhotos(
  edges: readonly Edge[],
  photos: readonly Photo[],
  fitted: Sealed['fitted'],
): readonly ProofPhotos[] {
  return edges.flatMap(({ id }) => {
    const own = photos
      .filter(one => one.slot === edgePlace(id))
      .sort((a, b) => (a.takenAt < b.takenAt ? -1 : a.takenAt > b.takenAt ? 1 : 0))
    if (own.length === 0) return []
    const since = [...fitted].flatMap(([code, entry]) => (code.split('/')[0] === id ? [entry.at] : [])).sort()[0]
    const isAfter = (one: Photo) => since !== undefined && one.takenAt >= since
    return [{ edge: id, before: own.findLast(one => !isAfter(one)) ?? null, after: own.findLast(isAfter) ?? null }]
  })
}
