import type { Refusal } from './refusal'

// What may ask at all: this installation's own pages, and programs; never a page of another site in somebody's browser.

type Asking = Pick<Request, 'method' | 'headers'>

const READS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS'])
/** What a form, or a page that may not read the answer, can send without being asked first. */
const FORM_TYPES = /^(text\/plain|application\/x-www-form-urlencoded|multipart\/form-data)\b/i
const LOOPBACK: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]'])

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()

/** Whether a host is this installation's: loopback, or the one it is reached by from outside, as `HARVEK_ORIGIN` says. A page of another name
 *  that was made to point here is not. */
export function isOwnHost(host: string | null, origin = process.env.HARVEK_ORIGIN): boolean {
  if (host === null) return false
  return (
    LOOPBACK.has(nameOf(host)) ||
    (origin !== undefined && URL.canParse(origin) && new URL(origin).host === host.toLowerCase())
  )
}

const fromElsewhere = ({ headers }: Asking): boolean => {
  const site = headers.get('sec-fetch-site')
  if (site !== null) return site !== 'same-origin' && site !== 'none'
  const origin = headers.get('origin')
  return origin !== null && (!URL.canParse(origin) || new URL(origin).host !== headers.get('host'))
}

/** Why a request is not taken, with its status; `null` where it may pass. */
export function refusedAtBorder(
  asking: Asking,
  origin = process.env.HARVEK_ORIGIN,
): readonly [status: number, Refusal] | null {
  if (!isOwnHost(asking.headers.get('host'), origin))
    return [421, { code: 'other-host', message: 'Harvek is not reached by this name here.' }]
  if (READS.has(asking.method)) return null
  if (fromElsewhere(asking))
    return [403, { code: 'other-site', message: 'Another site asked for this; nothing was stored.' }]
  const type = asking.headers.get('content-type')
  if (type !== null && FORM_TYPES.test(type))
    return [415, { code: 'form', message: 'Nothing is taken as a form or as plain text; nothing was stored.' }]
  return null
}
