import type { Along } from '@/server/along'
import { nowHere } from './clock'
import { baseOf, haveAlong, keepAlong } from './copies'
import { ask, MEMBER_HEADER } from './line'
import { alongCache } from './place'

const PATIENCE_MS = 60_000
const PAPERS = ['measure.pdf', 'fit.pdf', 'record.pdf'] as const

export type Taken = {
  readonly at: string
  readonly jobs: number
  readonly openings: number
  readonly photos: number
  readonly papers: number
  /** What all of this application takes on this device, and may; bytes, `null` where the browser doesn't say. */
  readonly used: number | null
  readonly room: number | null
}

/** Takes jobs along, or those of the next seven days: sheets, lists of units, orders, photos and papers. What is there already as it is, is not fetched
 *  again. @returns a sentence where it did not go */
export async function takeAlong(
  member: string,
  jobs: readonly string[] | 'week',
  onTaken: (so: number, of: number) => void = () => undefined,
): Promise<Taken | string> {
  try {
    const base = await baseOf(member)
    const asked = await ask(
      '/api/sync/along',
      {
        method: 'POST',
        headers: { 'content-type': 'application/json', [MEMBER_HEADER]: member },
        body: JSON.stringify({ jobs, have: await haveAlong(base) }),
      },
      PATIENCE_MS,
    )
    if (asked.status !== 200) return 'There is no signal: nothing was taken along now. What lies here stays.'
    const along = asked.body as Along
    await keepAlong(base, along, nowHere())
    await navigator.storage?.persist?.()
    const files = await takeFiles(member, along, onTaken)
    const { usage = null, quota = null } = (await navigator.storage?.estimate?.()) ?? {}
    const at = nowHere().toISOString()
    return { at, jobs: along.jobs.length, openings: along.openings.length, ...files, used: usage, room: quota }
  } catch {
    return 'There is no room on this device, or the browser keeps nothing here: nothing more was taken along.'
  }
}

/** Fetches what belongs to the sheets that changed, one after the other: nobody waits for it. */
async function takeFiles(
  member: string,
  { sheets, orders }: Along,
  onTaken: (so: number, of: number) => void,
): Promise<{ readonly photos: number; readonly papers: number }> {
  const cache = await caches.open(alongCache(member))
  const pictures = sheets.flatMap(({ sheet }) =>
    sheet.photos.flatMap(one => [`/api/photos/${one.id}/small`, `/api/photos/${one.id}/picture`]),
  )
  const papers = [
    ...sheets.flatMap(({ sheet }) => PAPERS.map(one => `/api/openings/${sheet.opening.id}/${one}`)),
    ...orders.map(({ order }) => `/api/orders/${order.id}/sheet.pdf`),
  ]
  const all = [...pictures, ...papers]
  let so = 0
  for (const path of all) {
    // A picture never changes; a paper does with its opening.
    const isThere = pictures.includes(path) && (await cache.match(path))
    if (!isThere) await fetchInto(cache, path)
    so++
    onTaken(so, all.length)
  }
  const kept = (await cache.keys()).map(one => new URL(one.url).pathname)
  return {
    photos: kept.filter(one => one.endsWith('/small')).length,
    papers: kept.filter(one => one.endsWith('.pdf')).length,
  }
}

/** What is not to be had, as there is no such paper yet, is left out. */
async function fetchInto(cache: Cache, path: string): Promise<void> {
  const answer = await fetch(path, { signal: AbortSignal.timeout(PATIENCE_MS) }).catch(() => null)
  if (answer?.ok) await cache.put(path, answer)
}
