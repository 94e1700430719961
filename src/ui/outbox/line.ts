import { setClock } from './clock'
import type { Answer } from './item'
import type { Line } from './parts'

/** Says whose request it is meant to be. */
export const MEMBER_HEADER = 'x-harvek-member'

const ROWS_MS = 15_000
const PHOTO_MS = 60_000

/** Asks the server and waits no longer than `patience`; status 0 where nothing came back. Every reply says what time it is there. */
export async function ask(path: string, request: RequestInit, patience: number): Promise<Answer> {
  const askedAt = Date.now()
  try {
    const response = await fetch(path, { ...request, signal: AbortSignal.timeout(patience) })
    setClock(response.headers.get('date'), askedAt, Date.now())
    return { status: response.status, body: await response.json() }
  } catch {
    return { status: 0, body: null }
  }
}

/** What is wrong with a request as a whole is no fault of what is in it: it waits, like anything while the server is away. */
const PATIENCE: ReadonlySet<number> = new Set([0, 401, 429])
const asWhole = (answer: Answer): Answer => (PATIENCE.has(answer.status) ? answer : { ...answer, status: 503 })

/** The line to the server, for what one member did and nobody else. */
export const lineOf = (member: string): Line => ({
  parcels: async parcels => {
    const body = JSON.stringify({ items: parcels })
    const headers = { 'content-type': 'application/json', [MEMBER_HEADER]: member }
    // Goes on when the page is left meanwhile; browsers allow that for small bodies only.
    const keepalive = body.length < 60_000
    const answer = await ask('/api/sync', { method: 'POST', headers, body, keepalive }, ROWS_MS)
    const answers = (answer.body as { answers?: readonly Answer[] } | null)?.answers
    return answer.status === 200 && answers ? answers : parcels.map(() => asWhole(answer))
  },
  photo: async ({ path, id, slot, by, at }, picture) => {
    const query = new URLSearchParams({ id, slot: slot ?? '', by, at })
    const headers = { [MEMBER_HEADER]: member, ...(picture.type ? { 'content-type': picture.type } : {}) }
    return ask(`${path}?${query}`, { method: 'POST', headers, body: picture }, PHOTO_MS)
  },
})
