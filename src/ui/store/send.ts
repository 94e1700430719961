/** What came back from a route: its answer, or a sentence why not. `away` when trying again may help. */
export type Sent<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: number; readonly message: string; readonly body: unknown }

/** Sends JSON and waits for the answer; nothing counts as stored before it came back. */
export async function send<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<Sent<T>> {
  const text = JSON.stringify(body) ?? ''
  return answerTo<T>(path, {
    method,
    headers: { 'content-type': 'application/json' },
    // Goes on when the page is left meanwhile; browsers allow that for small bodies only.
    keepalive: text.length < 60_000,
    ...(body === undefined ? {} : { body: text }),
  })
}

/** Sends a picture as it is. */
export const sendPicture = <T>(path: string, picture: Blob): Promise<Sent<T>> =>
  answerTo<T>(path, { method: 'POST', body: picture })

/** What takes longer than that does not come: large lists and papers are made in less. */
const PATIENCE_MS = 60_000

async function answerTo<T>(path: string, request: RequestInit): Promise<Sent<T>> {
  try {
    const response = await fetch(path, { ...request, signal: AbortSignal.timeout(PATIENCE_MS) })
    const answer = await response.json().catch(() => null)
    if (response.ok) return { ok: true, value: answer }
    return {
      ok: false,
      status: response.status,
      message: messageIn(answer) ?? `Not stored: the server answered ${response.status}.`,
      body: answer,
    }
  } catch {
    return {
      ok: false,
      status: 0,
      message: 'Not done: the server does not answer. Try again when there is signal.',
      body: null,
    }
  }
}

/** The sentence of a refusal, with what it is about. */
function messageIn(answer: unknown): string | null {
  const refusal = answer as { message?: string; issues?: readonly { message: string }[] } | null
  if (!refusal?.message) return null
  return [refusal.message, ...(refusal.issues ?? []).slice(0, 5).map(one => `${one.message}.`)].join(' ')
}
