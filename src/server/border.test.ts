import { isOwnHost, refusedAtBorder } from './border'

const asking = (method: string, headers: Readonly<Record<string, string>> = {}) => ({
  method,
  headers: new Headers({ host: '127.0.0.1:3000', ...headers }),
})
const statusOf = (...given: Parameters<typeof asking>) => refusedAtBorder(asking(...given), undefined)?.[0] ?? null
const JSON_TYPE = { 'content-type': 'application/json' }

describe('what may write', () => {
  it.each([
    { from: 'this installation’s own page', headers: { 'sec-fetch-site': 'same-origin', ...JSON_TYPE } },
    { from: 'a page opened by hand', headers: { 'sec-fetch-site': 'none' } },
    { from: 'a program', headers: JSON_TYPE },
    { from: 'an older browser, from here', headers: { origin: 'http://127.0.0.1:3000', ...JSON_TYPE } },
    { from: 'a photo’s sender', headers: { 'sec-fetch-site': 'same-origin', 'content-type': 'image/jpeg' } },
  ])('$from', ({ headers }) => {
    for (const method of ['POST', 'PUT', 'DELETE']) expect(statusOf(method, headers as never)).toBeNull()
  })
  it.each([
    { from: 'another site', headers: { 'sec-fetch-site': 'cross-site', ...JSON_TYPE }, status: 403 },
    { from: 'another name of the same site', headers: { 'sec-fetch-site': 'same-site', ...JSON_TYPE }, status: 403 },
    { from: 'another site, an older browser', headers: { origin: 'http://evil.example', ...JSON_TYPE }, status: 403 },
    { from: 'another port of this machine', headers: { origin: 'http://127.0.0.1:4000', ...JSON_TYPE }, status: 403 },
    { from: 'a page without an origin', headers: { origin: 'null', ...JSON_TYPE }, status: 403 },
    { from: 'a form', headers: { 'content-type': 'application/x-www-form-urlencoded' }, status: 415 },
    { from: 'a form with a file', headers: { 'content-type': 'multipart/form-data; boundary=x' }, status: 415 },
    { from: 'plain text', headers: { 'content-type': 'text/plain;charset=UTF-8' }, status: 415 },
  ])('not $from', ({ headers, status }) => {
    for (const method of ['POST', 'PUT', 'DELETE', 'PATCH']) expect(statusOf(method, headers as never)).toBe(status)
    expect(statusOf('GET', headers as never)).toBeNull()
  })
  it('says in a sentence that nothing was stored', () =>
    expect(refusedAtBorder(asking('POST', { origin: 'http://evil.example' }), undefined)![1]).toEqual({
      code: 'other-site',
      message: 'Another site asked for this; nothing was stored.',
    }))
})

describe('the name it is reached by', () => {
  it.each(['127.0.0.1', '127.0.0.1:3210', 'localhost:3000', 'LOCALHOST', '[::1]:3000'])('%s is its own', host =>
    expect(isOwnHost(host, undefined)).toBe(true),
  )
  it.each(['evil.example', 'evil.example:3000', '127.0.0.1.evil.example', 'localhost.evil.example:80', ''])(
    '“%s” is not, whatever it points to',
    host => {
      expect(isOwnHost(host, undefined)).toBe(false)
      expect(refusedAtBorder(asking('GET', { host }), undefined)?.[0]).toBe(421)
    },
  )
  it('is the one it was started for besides, by name and port, and no other', () => {
    const origin = 'https://harvek.firm.example:8443'
    expect(isOwnHost('harvek.firm.example:8443', origin)).toBe(true)
    expect(isOwnHost('harvek.firm.example', origin)).toBe(false)
    expect(isOwnHost('other.firm.example:8443', origin)).toBe(false)
    expect(isOwnHost('harvek.firm.example', 'no address')).toBe(false)
    expect(isOwnHost(null, origin)).toBe(false)
  })
})
