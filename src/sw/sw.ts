import { type PrecacheEntry, Serwist, type SerwistGlobalConfig, type SerwistPlugin } from 'serwist'
import { alongCache } from '../ui/outbox/place'
import { liesHere, whoIsHere } from './lies-here'

// Makes every address answer where there is no signal: with the one page that shows what was taken along. What the server says goes first.

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    readonly __SW_MANIFEST: (PrecacheEntry | string)[] | undefined
  }
}
declare const self: ServiceWorkerGlobalScope

/** The page that shows any address from what lies on the device. */
const SHELL = '/site'
/** How long the server is waited for where a copy lies here: bars without data are worse than none. */
const PATIENCE_MS = 3000
/** And where none does: a slow page is better than the word that it is not here. */
const LONG_PATIENCE_MS = 20_000

/** A page's own worker finds what it is to do in its address: a kept reply would give it another. */
const withoutAddress: SerwistPlugin = {
  cachedResponseWillBeUsed: async ({ cachedResponse, event }) =>
    cachedResponse && (event as FetchEvent).request?.destination === 'worker'
      ? new Response(cachedResponse.body, cachedResponse)
      : (cachedResponse ?? null),
}

const worker = new Serwist({
  precacheEntries: self.__SW_MANIFEST ?? [],
  precacheOptions: { cleanupOutdatedCaches: true, plugins: [withoutAddress] },
  skipWaiting: false,
  clientsClaim: true,
  navigationPreload: false,
})

const isPage = ({ request, url }: { readonly request: Request; readonly url: URL }): boolean =>
  request.mode === 'navigate' && !url.pathname.startsWith('/api/')

const pause = (ms: number) => new Promise(resolve => setTimeout(resolve, ms))

/** Resolves once the server was waited for long enough. */
async function tooLong(path: string): Promise<void> {
  await pause(PATIENCE_MS)
  if (!(await liesHere(path))) await pause(LONG_PATIENCE_MS - PATIENCE_MS)
}

/** A page as the server makes it, else the shell. */
worker.registerCapture(isPage, async ({ request, url }) => {
  const shell = await worker.matchPrecache(SHELL)
  const given = new AbortController()
  const signal = AbortSignal.any([request.signal, given.signal])
  const asked = fetch(new Request(request, { signal })).catch(() => null)
  // What hangs is given up: the browser would let the next try wait for it.
  const late = tooLong(url.pathname).then(() => 'late' as const)
  const answer = await (shell ? Promise.race([asked, late]) : asked)
  if (answer === 'late') given.abort()
  // A server in front that has lost the one behind it says nothing about the page.
  const isThere = answer !== null && answer !== 'late' && (answer.status < 502 || answer.status > 504)
  return isThere ? answer : (shell ?? (await asked) ?? Response.error())
})

/** Photos and papers come from the server; where there is none, as they were taken along by whoever is signed in. */
const FILES = /^\/api\/(photos\/[^/]+\/(small|picture)|(openings|orders)\/[^/]+\/[a-z-]+\.pdf)$/
worker.registerCapture(
  ({ url, sameOrigin, request }) => sameOrigin && request.method === 'GET' && FILES.test(url.pathname),
  async ({ request, url }) => {
    try {
      return await fetch(request)
    } catch {
      const kept = await takenAlong(url.pathname)
      return kept ?? Response.error()
    }
  },
)

async function takenAlong(path: string): Promise<Response | undefined> {
  const who = await whoIsHere()
  if (who === null) return undefined
  return (await caches.open(alongCache(who))).match(path, { ignoreVary: true, ignoreSearch: true })
}

self.addEventListener('message', event => {
  if ((event.data as { type?: string } | null)?.type === 'take-over') void self.skipWaiting()
})

worker.addEventListeners()
