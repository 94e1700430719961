import type { IncomingMessage, ServerResponse } from 'node:http'
import { everyAnswer } from './every-answer'

type Headers = Record<string, string>

/** What is answered to a request, and what the framework was asked. */
async function asked(url: string, { method = 'GET', headers = {} as Headers } = {}) {
  const request = { url, method, headers: { ...headers } } as unknown as IncomingMessage
  const said: Headers = {}
  const answer = {
    destroyed: false,
    status: 200,
    text: '',
    setHeader: (name: string, value: string) => {
      said[name] = value
    },
    writeHead: (status: number) => {
      answer.status = status
      return answer
    },
    end: (text = '') => {
      answer.text = text
    },
    once: (_: string, act: () => void) => setImmediate(act),
  }
  let reached: IncomingMessage['headers'] | null = null
  await everyAnswer(async ({ headers: now }) => {
    reached = now
  })(request, answer as unknown as ServerResponse)
  return { said, answer, reached: reached as Headers | null, policy: said['content-security-policy'] ?? '' }
}

it('a page has a policy with a secret of its own, which the framework is told and nobody else says', async () => {
  const forged = { 'x-nonce': 'forged', 'content-security-policy': "script-src 'nonce-forged'" }
  const [one, two] = [await asked('/jobs?q=1', { headers: forged }), await asked('/jobs?q=1')]
  for (const { policy, reached } of [one, two]) {
    expect(policy).toContain(`'nonce-${reached!['x-nonce']}'`)
    expect(reached!['content-security-policy']).toBe(policy)
    expect(policy).not.toContain('forged')
  }
  expect(one.reached!['x-nonce']).not.toBe(two.reached!['x-nonce'])
})

it.each([
  ['/api/jobs', {}],
  ['/_next/static/a.js', {}],
  ['/sw.js', {}],
  ['/manifest.webmanifest', {}],
  ['/jobs', { rsc: '1', 'x-nonce': 'forged' }],
])('%s %j is no page: it has no secret, and still stands in nobody’s frame', async (url, headers) => {
  const { policy, reached, said } = await asked(url, { headers: headers as Headers })
  expect(reached).not.toHaveProperty('x-nonce')
  expect(policy).toMatch(/^frame-ancestors 'none'/)
  expect(said['x-content-type-options']).toBe('nosniff')
})

it('what is sent to a page is answered by its policy too', async () =>
  expect((await asked('/jobs', { method: 'POST' })).policy).toContain("'strict-dynamic'"))

it('an address that can’t be read is refused before anybody is asked', async () => {
  const { answer, reached } = await asked('/openings/%')
  expect([answer.status, reached]).toEqual([400, null])
  expect(answer.text).toMatch(/can’t be read/)
})
