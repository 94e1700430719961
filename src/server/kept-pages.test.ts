import { EventEmitter } from 'node:events'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { jest } from '@jest/globals'
import { holdsUntil, tellStanding } from './answer-note'
import { keptOrMade } from './kept-pages'

const NOW = '2026-01-03T10:00:00.000Z'

/** An answer that keeps what is written to it. */
class Answer extends EventEmitter {
  statusCode = 200
  readonly destroyed = false
  readonly parts: Buffer[] = []
  private readonly said = new Map<string, string | readonly string[]>()
  setHeader(name: string, value: string | readonly string[]) {
    this.said.set(name, value)
  }
  getHeaders() {
    return Object.fromEntries(this.said)
  }
  write(part: string | Uint8Array, encoding?: BufferEncoding) {
    this.parts.push(typeof part === 'string' ? Buffer.from(part, encoding) : Buffer.from(part))
    return true
  }
  end(part?: string | Uint8Array) {
    if (part !== undefined) this.parts.push(Buffer.from(part as string))
    this.emit('close')
    return this
  }
  get text() {
    return Buffer.concat(this.parts).toString('utf8')
  }
}

let made = 0
type Asking = {
  readonly url?: string
  readonly method?: string
  readonly agent?: string
  readonly secret?: string
  readonly until?: string | null | undefined
  readonly status?: number
  readonly write?: (answer: Answer, secret: string) => void
}
const writePage = (answer: Answer, secret: string) => {
  answer.setHeader('link', `</a.css>; nonce="${secret}"`)
  answer.setHeader('content-security-policy', `'nonce-${secret}'`)
  answer.setHeader('content-encoding', 'br')
  // A letter of two bytes comes in two parts, and so does a secret.
  const page = Buffer.from(`<p>Tür ${made} 🚪</p><script nonce="${secret}"></script><i nonce="${secret}"/></html>`)
  for (let at = 0; at < page.length; at += 5) answer.write(page.subarray(at, at + 5))
  answer.end()
}
/** Asks for a page; one that is made says its number. */
async function asked(one: Asking = {}) {
  const { url = '/jobs/a', method = 'GET', agent = 'x', secret = 'secret-1', status = 200, write = writePage } = one
  const answer = new Answer()
  const headers = { host: 'here', cookie: 'who=me', 'user-agent': agent }
  await keptOrMade(
    { url, method, headers } as unknown as IncomingMessage,
    answer as unknown as ServerResponse,
    secret,
    async () => {
      made++
      answer.statusCode = status
      const until = 'until' in one ? one.until : null
      if (until !== undefined) holdsUntil(until)
      write(answer, secret)
    },
  )
  return answer
}

let standing: (path: string, headers: Headers) => Promise<string | null>
let fresh = 0
beforeEach(() => {
  jest.useFakeTimers({ now: Date.parse(NOW) })
  made = 0
  // No test finds what another left.
  const own = `as it stands ${fresh++}`
  standing = async () => own
  tellStanding((path, headers) => standing(path, headers))
})
afterEach(() => jest.useRealTimers())

it('a page whose standing is the same is sent again as it was made, with a secret of its own', async () => {
  const [first, second] = [await asked(), await asked({ secret: 'SECRET-2' })]
  expect(made).toBe(1)
  expect(first.text).toContain('Tür 1 🚪')
  expect(second.text).toBe(first.text.replaceAll('secret-1', 'SECRET-2'))
  expect(second.getHeaders()).toEqual({ link: '</a.css>; nonce="SECRET-2"', 'server-timing': 'kept' })
  // What was filled in is filled in anew.
  expect((await asked({ secret: 'secret-3' })).text).toBe(first.text.replaceAll('secret-1', 'secret-3'))
})

it('what it stands on is asked by its path and by who asks', async () => {
  const asking: unknown[] = []
  standing = async (path, headers) => {
    asking.push([path, Object.fromEntries(headers)])
    return null
  }
  await asked({ url: '/jobs/a?b=c' })
  expect(asking).toEqual([['/jobs/a', { host: 'here', cookie: 'who=me' }]])
})

it.each<[string, () => void, Asking, Asking]>([
  ['what it stands on changed', () => (standing = async () => 'otherwise'), {}, {}],
  ['it is asked for by another address', () => {}, {}, { url: '/jobs/a?b=c' }],
  ['another kind of reader asks', () => {}, {}, { agent: 'robot' }],
  ['only its head is asked for', () => {}, {}, { method: 'HEAD' }],
  ['it holds no longer', () => jest.setSystemTime(Date.parse(NOW) + 2000), { until: '2026-01-03T10:00:01.000Z' }, {}],
  ['it has not said until when it holds', () => {}, { until: undefined }, {}],
  ['it was not found', () => {}, { status: 404 }, {}],
  ['a minute is over', () => jest.advanceTimersByTime(61_000), {}, {}],
  ['whoever asked went while it came', () => {}, { write: answer => void answer.end('<p>Tür') }, {}],
  ['nobody asked for it to its end', () => {}, { write: answer => void answer.write('<p></html>') }, {}],
  ['what it stands on is not known', () => (standing = async () => null), {}, {}],
  ['that can’t be looked up', () => (standing = () => Promise.reject(new Error('away'))), {}, {}],
])('a page is made anew where %s', async (_, change, first, second) => {
  await asked(first)
  change()
  const again = await asked(second)
  expect([made, again.getHeaders()]).toEqual([2, expect.not.objectContaining({ 'server-timing': 'kept' })])
})

it('one that holds until later is sent again', async () => {
  await asked({ until: '2026-01-03T10:00:01.000Z' })
  await asked()
  expect(made).toBe(1)
})

it('is made no more often than pages are made at once, however many wait for it', async () => {
  const all = await Promise.all(Array.from({ length: 20 }, () => asked()))
  expect(made).toBeLessThanOrEqual(3)
  expect(all.every(one => one.text.endsWith('</html>'))).toBe(true)
})

it('keeps what is written as text as well', async () => {
  const write = (answer: Answer, secret: string) => {
    answer.write('PHA+', 'base64')
    answer.end(`é${secret}</html>`)
  }
  await asked({ write })
  expect((await asked({ secret: 'SECRET-2' })).text).toBe('<p>éSECRET-2</html>')
})

it('what can’t be made is said, and is made by whoever asks next', async () => {
  const broken = () => {
    throw new Error('no page')
  }
  await expect(asked({ write: broken })).rejects.toThrow('no page')
  expect((await asked()).text).toContain('Tür 2')
})
