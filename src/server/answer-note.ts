import { AsyncLocalStorage } from 'node:async_hooks'

/** What is known of an answer while it is made. */
type Note = {
  /** What was looked up for it, by what it is. */
  readonly looked: Map<string, Promise<unknown>>
  /** Until when it holds while nothing it stands on is changed, ISO 8601; `null` while nothing of it waits for a moment. Not there where it has
   *  not said so. */
  holds?: string | null
}

/** What a page stands on, by its path and whose headers ask for it; `null` where that is not known before it is made. */
type StandingOf = (path: string, headers: Headers) => Promise<string | null>

// What listens and what the framework runs are bundled apart, in one process.
const shared = globalThis as typeof globalThis & {
  harvekNotes?: AsyncLocalStorage<Note>
  harvekStanding?: StandingOf
}
shared.harvekNotes ??= new AsyncLocalStorage()
const notes = shared.harvekNotes

/** Runs `act` with a note of its own, given to it. */
export const noting = <T>(act: (note: Note) => T): T => {
  const note: Note = { looked: new Map() }
  return notes.run(note, act, note)
}

/** Looks something up once for an answer, whoever asks for it while that is made; each time where no answer is being made. */
export function onceAnAnswer<T>(what: string, look: () => Promise<T>): Promise<T> {
  const note = notes.getStore()
  if (!note) return look()
  const there = note.looked.get(what) as Promise<T> | undefined
  if (there) return there
  const found = look()
  note.looked.set(what, found)
  // What failed is looked up again by whoever asks next.
  found.catch(() => note.looked.delete(what))
  return found
}

/** Says of the answer that is being made that all of it holds until a moment, ISO 8601 or `null`, while what it was asked for stands. */
export function holdsUntil(moment: string | null): void {
  const note = notes.getStore()
  if (note) note.holds = moment
}

/** Says how to see on what a page stands, to what listens. */
export const tellStanding = (of: StandingOf): void => {
  shared.harvekStanding = of
}

/** What a page stands on, by what was told; `null` where nothing was. */
export const standingTold: StandingOf = async (path, headers) => shared.harvekStanding?.(path, headers) ?? null
