import { createStore, del, entries, set } from 'idb-keyval'
import type { PhotoPlace } from '@/core/survey/photo-place'

// Photos wait here until the store has them: too large for where rows are kept. A browser that can't keep them loses only what a reload
// would lose.

/** A photo as it was taken, with what is said of it. */
export type KeptPhoto = {
  readonly id: string
  readonly opening: string
  readonly place: PhotoPlace | null
  readonly by: string
  readonly at: string
  readonly name: string
  readonly picture: Blob
}

const kept = () => createStore('harvek-photos', 'waiting')

async function attempt<T>(act: () => Promise<T>, otherwise: T): Promise<T> {
  try {
    return await act()
  } catch {
    // Private windows may refuse to keep anything.
    return otherwise
  }
}

export const keepPhoto = (photo: KeptPhoto): Promise<void> => attempt(() => set(photo.id, photo, kept()), undefined)

export const letPhotoGo = (id: string): Promise<void> => attempt(() => del(id, kept()), undefined)

/** The photos of an opening that wait, in the order they were taken. */
export async function keptPhotos(opening: string): Promise<readonly KeptPhoto[]> {
  const all = await attempt(() => entries<string, KeptPhoto>(kept()), [])
  return all
    .map(([, photo]) => photo)
    .filter(one => one.opening === opening)
    .sort((a, b) => a.at.localeCompare(b.at))
}
