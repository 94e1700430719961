import { LRUCache } from 'lru-cache'
import { stillHolds } from './basis'

/** Something that was worked out, and until when it holds while nothing is changed, ISO 8601; `null` while nothing of it waits for a moment. */
export type Held<T> = { readonly value: T; readonly freshUntil: string | null }

/** What somebody asks for: under which name it is kept, what it is worked out of, and how. */
type Asked<T> = {
  readonly key: string
  /** Whatever it is worked out of: where that differs, it is worked out anew. */
  readonly basis: string
  /** ISO 8601. */
  readonly now: string
  readonly make: () => Promise<Held<T> | null>
}

/** A place that keeps the `most` things that were asked for last, each for as long as it holds. What is `null` is not kept. */
export function keeping<T>(most: number): (asked: Asked<T>) => Promise<Held<T> | null> {
  const kept = new LRUCache<string, Held<T> & { readonly basis: string }>({ max: most })
  return async ({ key, basis, now, make }) => {
    const there = kept.get(key)
    if (there?.basis === basis && stillHolds(there.freshUntil, now)) return there
    const made = await make()
    if (!made) return null
    kept.set(key, { ...made, basis })
    return made
  }
}
