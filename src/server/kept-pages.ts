import type { IncomingMessage, ServerResponse } from 'node:http'
import { LRUCache } from 'lru-cache'
import { noting, standingTold } from './answer-note'
import { soonestOf, stillHolds } from './basis'
import { inTurn } from './turn'

// A page that shows what it showed is sent again as it was made, with a secret of its own.

/** An answer with holes where its secret stood. */
type Page = {
  /** ISO 8601. */
  readonly freshUntil: string | null
  /** By their names, with an empty place where the secret stood. */
  readonly headers: readonly (readonly [name: string, parts: readonly string[]])[]
  readonly body: Buffer
  /** Where in the body the secret stands. */
  readonly holes: readonly number[]
}

const MOST_BYTES = 16 * 2 ** 20
/** What a page says of the time of day is no older than this, as in a page that stays open. */
const LONGEST_MS = 60_000

const pages = new LRUCache<string, Page>({ maxSize: MOST_BYTES })

/** Answers a page: as it was made last, where all it stands on stands as it stood; else by `make` when it is its turn, and keeps what that makes.
 *  Whoever waited while another had the same made gets that. A page’s secret must be as long as every other’s. */
export const keptOrMade = (
  request: IncomingMessage,
  answer: ServerResponse,
  secret: string,
  make: () => Promise<void>,
): Promise<void> =>
  noting(async note => {
    const standing = await standingOf(request)
    if (standing === null) return inTurn(answer, make)
    // What reads a page decides which of it comes in its head.
    const key = [request.url, request.headers['user-agent'], standing].join('\n')
    const isSent = () => {
      const there = pages.get(key)
      const holds = there !== undefined && stillHolds(there.freshUntil, new Date().toISOString())
      if (holds) send(there, answer, secret)
      return holds
    }
    if (isSent()) return
    return inTurn(answer, async () => {
      if (isSent()) return
      whenMade(answer, body => {
        if (note.holds === undefined || answer.statusCode !== 200 || !isWhole(body)) return
        const freshUntil = soonestOf([note.holds, new Date(Date.now() + LONGEST_MS).toISOString()])
        const page = { freshUntil, headers: headersOf(answer, secret), body, holes: holesOf(body, secret) }
        pages.set(key, page, { size: body.length })
      })
      await make()
    })
  })

/** What a page stands on; `null` where that is not known, or can’t be looked up just now: whoever makes the page says so. */
async function standingOf(request: IncomingMessage): Promise<string | null> {
  if (request.method !== 'GET') return null
  const headers = new Headers()
  for (const name of ['host', 'cookie'] as const) {
    const value = request.headers[name]
    if (value !== undefined) headers.set(name, value)
  }
  return standingTold((request.url ?? '/').split('?', 1)[0]!, headers).catch(() => null)
}

const END = '</html>'
/** Whether a page was made to its end: who went while it came has a part of it. */
const isWhole = (body: Buffer): boolean => body.subarray(-END.length).toString('latin1') === END

/** What listens sets for each answer anew. */
const NOT_KEPT: ReadonlySet<string> = new Set(['content-security-policy', 'content-encoding', 'content-length', 'date'])

const headersOf = (answer: ServerResponse, secret: string): Page['headers'] =>
  Object.entries(answer.getHeaders()).flatMap(([name, value]) =>
    value === undefined || NOT_KEPT.has(name) ? [] : [[name, String(value).split(secret)] as const],
  )

function holesOf(body: Buffer, secret: string): readonly number[] {
  const holes: number[] = []
  for (let at = body.indexOf(secret); at >= 0; at = body.indexOf(secret, at + secret.length)) holes.push(at)
  return holes
}

function send({ headers, body, holes }: Page, answer: ServerResponse, secret: string): void {
  for (const [name, parts] of headers) answer.setHeader(name, parts.join(secret))
  answer.setHeader('server-timing', 'kept')
  const filled = Buffer.from(body)
  for (const at of holes) filled.write(secret, at, 'latin1')
  answer.end(filled)
}

/** Gives all that is written to an answer to `take`, once it is ended: it goes out as it comes. */
function whenMade(answer: ServerResponse, take: (body: Buffer) => void): void {
  const parts: Buffer[] = []
  const keep = (part: unknown, encoding: unknown) => {
    if (typeof part === 'string')
      parts.push(Buffer.from(part, typeof encoding === 'string' ? (encoding as BufferEncoding) : 'utf8'))
    else if (part instanceof Uint8Array) parts.push(Buffer.from(part))
  }
  const write = answer.write.bind(answer) as (...given: unknown[]) => boolean
  const end = answer.end.bind(answer) as (...given: unknown[]) => ServerResponse
  answer.write = (...given: unknown[]) => {
    keep(given[0], given[1])
    return write(...given)
  }
  answer.end = (...given: unknown[]) => {
    keep(given[0], given[1])
    const ended = end(...given)
    take(Buffer.concat(parts))
    return ended
  }
}
