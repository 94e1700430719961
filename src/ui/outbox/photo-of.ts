import type { Photo } from '@/core/survey/photo'
import type { PhotoItem } from './item'

/** A photo that waits, as it stands among others; its size is said by the store. */
export const photoOf = ({ id, slot, by, at }: PhotoItem): Photo => ({
  id,
  slot,
  width: 1,
  height: 1,
  note: '',
  takenBy: by,
  takenAt: at,
})
