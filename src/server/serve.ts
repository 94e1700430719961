import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import next from 'next'
import { ALWAYS, policyFor } from './policy'
import { inTurn } from './turn'

// What listens: the framework answers, and here stands what holds for every answer of it, before it is begun.

/** How long a line stays open for the next question. Node’s five seconds close it just as somebody who reads asks again. */
const KEPT_OPEN_MS = 65_000

/** How long what is being answered may take when the server is to end. */
const PATIENCE_MS = 1000

/** Addresses that are no pages: they bring no script of their own. */
const NO_PAGE = /^\/(api\/|_next\/|icon|sw\.js|manifest\.webmanifest|favicon\.ico)/
/** What a page is made for; whatever else is sent to one is answered without it. */
const MADE_FOR: ReadonlySet<string> = new Set(['GET', 'HEAD'])

/** What goes on within a page that is there is no page of its own: it brings no script, and waits for no turn. */
const isPage = (path: string, { headers }: IncomingMessage): boolean => !NO_PAGE.test(path) && headers.rsc === undefined

function isReadable(path: string): boolean {
  try {
    return Boolean(decodeURIComponent(path))
  } catch {
    return false
  }
}

type Handle = (request: IncomingMessage, answer: ServerResponse) => Promise<void>

/** Answers everything by `handle`: each answer with what every answer carries, a page with a policy and a secret of its own, when it is its turn. */
export const answering =
  (handle: Handle): Handle =>
  async (request, answer) => {
    const path = (request.url ?? '/').split('?', 1)[0]!
    for (const [name, value] of ALWAYS) answer.setHeader(name, value)
    // Only this server says what a page’s secret is.
    delete request.headers['x-nonce']
    delete request.headers['content-security-policy']
    if (!isReadable(path)) {
      answer.writeHead(400, { 'content-type': 'text/plain; charset=utf-8' }).end('This address can’t be read.')
      return
    }
    if (!isPage(path, request)) return handle(request, answer)
    const nonce = Buffer.from(crypto.randomUUID()).toString('base64')
    const policy = policyFor(nonce)
    request.headers['x-nonce'] = nonce
    // The framework reads the secret from here, and gives it to its own scripts.
    request.headers['content-security-policy'] = policy
    answer.setHeader('content-security-policy', policy)
    return MADE_FOR.has(request.method ?? '') ? inTurn(answer, () => handle(request, answer)) : handle(request, answer)
  }

/** Listens on a port of this machine until it is told to end: what is being answered then is answered, where that takes no longer than a moment. */
export async function serve(folder: string, port: number): Promise<void> {
  const app = next({ dev: false, dir: folder, hostname: '127.0.0.1', port })
  await app.prepare()
  const answer = answering(app.getRequestHandler())
  const server = createServer((request, reply) => {
    answer(request, reply).catch((error: unknown) => {
      console.error(error)
      if (!reply.headersSent) reply.statusCode = 500
      reply.end()
    })
  })
  server.keepAliveTimeout = KEPT_OPEN_MS
  server.listen(port, '127.0.0.1')
  let isEnding = false
  const end = (signal: NodeJS.Signals) => {
    if (isEnding) return
    isEnding = true
    server.close(() => void app.close().then(() => process.exit(signal === 'SIGINT' ? 130 : 143)))
    // A line that is listened to, or that nobody reads, would never end by itself.
    setTimeout(() => server.closeAllConnections(), PATIENCE_MS).unref()
  }
  process.on('SIGINT', end)
  process.on('SIGTERM', end)
}
