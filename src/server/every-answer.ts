import type { IncomingMessage, ServerResponse } from 'node:http'
import { keptOrMade } from './kept-pages'
import { ALWAYS, policyFor } from './policy'

// What holds for every answer, before it is begun.

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
export const everyAnswer =
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
    if (!MADE_FOR.has(request.method ?? '')) return handle(request, answer)
    return keptOrMade(request, answer, nonce, () => handle(request, answer))
  }
