import { setClock } from './clock'
import type { Answer } from './item'
import type { Line } from './outbox'

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

/** The line to the server, for what one member did and nobody else. */
export const lineOf = (member: string): Line => ({
  parcels: async parcels => {
    const body = JSON.stringify({ items: parcels })
    const headers = { 'content-type': 'application/json', 'x-harvek-member': member }
    // Goes on when the page is left meanwhile; browsers allow that for small bodies only.
    const keepalive = body.length < 60_000
    const answer = await ask('/api/sync', { method: 'POST', headers, body, keepalive }, ROWS_MS)
    const answers = (answer.body as { answers?: readonly Answer[] } | null)?.answers
    // What is wrong with the whole of it is no item's fault: it waits.
    return answer.status === 200 && answers
      ? answers
      : parcels.map(() =>
          answer.status < 500 && answer.status >= 402 && answer.status !== 429 ? { ...answer, status: 503 } : answer,
        )
  },
  photo: async ({ path, id, slot, by, at }, picture) => {
    const query = new URLSearchParams({ id, slot: slot ?? '', by, at })
    const headers = { 'x-harvek-member': member, ...(picture.type ? { 'content-type': picture.type } : {}) }
    return ask(`${path}?${query}`, { method: 'POST', headers, body: picture }, PHOTO_MS)
  },
})
