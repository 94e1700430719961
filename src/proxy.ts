import { type NextRequest, NextResponse } from 'next/server'
import { knownDevices } from './devices/known'
import { TURN_HEADER, takeTurn } from './server/turn'

/** What a page may load and run: what this installation sent for this very answer, and what that loads. */
const policyFor = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    `style-src-elem 'self' 'nonce-${nonce}'`,
    // A drawing says of each mark where it stands and how wide it is.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    // Measuring devices are reached on this very machine, where they are.
    ["connect-src 'self'", ...[...knownDevices().values()]].join(' '),
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

/** Gives every page a policy with a secret of its own: a script or a style that did not come with the page does nothing. Each waits here for
 *  its turn to be made. Requests with bodies never pass here: they would be held, and cut. */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  if (!isReadable(request.nextUrl.pathname)) return new NextResponse('This address can’t be read.', { status: 400 })
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64')
  const policy = policyFor(nonce)
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  if (MADE_FOR.has(request.method)) headers.set(TURN_HEADER, await takeTurn())
  const answer = NextResponse.next({ request: { headers } })
  answer.headers.set('content-security-policy', policy)
  return answer
}

/** What a page is made for; whatever else is sent to one is answered without it. */
const MADE_FOR: ReadonlySet<string> = new Set(['GET', 'HEAD'])

function isReadable(path: string): boolean {
  try {
    return Boolean(decodeURIComponent(path))
  } catch {
    return false
  }
}

// What goes on within a page that is there is no page of its own: it brings no script, and waits for no turn.
export const config = {
  matcher: [
    {
      source: '/((?!api/|_next/|icon|sw.js|manifest.webmanifest|favicon.ico).*)',
      missing: [{ type: 'header', key: 'rsc' }],
    },
  ],
}
