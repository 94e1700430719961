// Where what was taken along lies on a device: for the pages that show it, and for the worker that asks whether it is there.

/** The name of a member's database on this device. */
export const baseNameOf = (member: string): string => `harvek-${member}`

/** Where its pictures and papers lie. The service worker gives them when there is no signal. */
export const alongCache = (member: string): string => `harvek-along-${member}`

/** Where the service worker reads who is signed in. */
export const WHO_CACHE = 'harvek-who'
export const WHO_PATH = '/who'

export type Place = { readonly table: 'jobs' | 'sheets' | 'orders'; readonly id: string }

const TABLES: ReadonlyMap<string, Place['table']> = new Map([
  ['jobs', 'jobs'],
  ['openings', 'sheets'],
  ['orders', 'orders'],
])

/** Where the copy of what stands at an address lies; the list of all that was taken along for the first page and the jobs; `null` where it is never
 *  taken along. */
export function placeOf(path: string): Place | 'list' | null {
  const [, room, id] = path.split('/')
  if (!room || (room === 'jobs' && !id)) return 'list'
  const table = TABLES.get(room)
  return table && id ? { table, id } : null
}
