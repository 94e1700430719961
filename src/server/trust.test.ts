import sharp from 'sharp'
import { isCleanJpeg } from './clean-picture'
import { jsonOf } from './handle'
import { addressOf, patienceFor } from './limits'
import { faultIn, routeIn } from './log'
import { quiet } from './quiet-faults'

describe('a picture that came in a file', () => {
  const drawn = (width = 640) =>
    sharp({ create: { width, height: 400, channels: 3, background: '#778899' } })
      .jpeg({ quality: 80 })
      .toBuffer()
  it('as it is drawn here is taken as it is', async () => expect(await isCleanJpeg(await drawn())).toBe(true))
  it('with something behind its end is not', async () =>
    expect(await isCleanJpeg(Buffer.concat([await drawn(), Buffer.from('PK and a program')]))).toBe(false))
  it('with a remark in it is not', async () => {
    const bytes = await drawn()
    const remark = Buffer.from([0xff, 0xfe, 0, 6, 0x68, 0x65, 0x72, 0x65])
    expect(await isCleanJpeg(Buffer.concat([bytes.subarray(0, 2), remark, bytes.subarray(2)]))).toBe(false)
  })
  it('that is larger than any drawn here is not', async () => expect(await isCleanJpeg(await drawn(3000))).toBe(false))
})

describe('the log', () => {
  it('names a request by its kind', () =>
    expect(
      routeIn('http://127.0.0.1:3000/api/openings/01900000-0000-7000-8000-000000000001/readings?at=Mrs%20Harbour'),
    ).toBe('/api/openings/[id]/readings'))
  it('keeps of a fault where it happened, and nothing that was typed', () => {
    const cause = Object.assign(new Error("Duplicate entry 'Mrs Harbour'"), {
      code: 'ER_DUP_ENTRY',
      errno: 1062,
      sql: 'x',
    })
    const fault = new Error('Failed query: insert into job values (?)\nparams: Mrs Harbour', { cause })
    const kept = JSON.stringify(faultIn(fault))
    expect(kept).not.toContain('Harbour')
    expect([kept.includes('ER_DUP_ENTRY'), kept.includes('trust.test')]).toEqual([true, true])
    expect(String(quiet(fault))).not.toContain('Harbour')
    expect(quiet('params: Mrs Harbour')).toBe('A statement failed.')
    expect(quiet('Ready')).toBe('Ready')
  })
})

describe('a request nobody is known for', () => {
  const from = (passed?: string) =>
    addressOf(new Request('http://here/', passed === undefined ? {} : { headers: { 'x-forwarded-for': passed } }))
  it('counts by the address the last server saw it from', () =>
    expect([from(), from('10.0.0.7'), from('1.2.3.4, 10.0.0.8')]).toEqual(['this machine', '10.0.0.7', '10.0.0.8']))
})

describe('a member who asks too often', () => {
  const asked = async (times: number, method: string, path: string, member: string) => {
    for (let i = 0; i < times; i++) await patienceFor(method, path, member)
    return patienceFor(method, path, member)
  }
  it('is asked to wait, and nobody else', async () => {
    expect(await asked(899, 'POST', '/api/sync', 'one')).toBe(0)
    const patience = await patienceFor('POST', '/api/sync', 'one')
    expect([patience > 0, patience <= 60]).toEqual([true, true])
    expect(await patienceFor('POST', '/api/sync', 'other')).toBe(0)
  })
  it('may look at pages as often as they like', async () =>
    expect(await asked(2000, 'GET', '/api/orders', 'two')).toBe(0))
  it.each([
    ['/api/openings/x/measure.pdf', 'GET', 300],
    ['/api/openings/x/photos', 'POST', 300],
    ['/api/jobs/import', 'POST', 40],
    ['/api/invitation', 'POST', 20],
  ] as const)('is asked so at %s after %s, %i times', async (path, method, most) => {
    expect(await asked(most - 1, method, path, path)).toBe(0)
    expect(await patienceFor(method, path, path)).toBeGreaterThan(0)
  })
})

describe('a text that holds half a letter', () => {
  const sent = (body: string) => jsonOf(new Request('http://here/', { method: 'POST', body }))
  it.each(['{"note":"\\ud83d"}', '{"a":[{"b":"x \\uDEAA y"}]}', '{"\\ud800":1}', '["\\udeaa\\ud83d"]'])(
    '%s is refused',
    async body => {
      await expect(sent(body)).rejects.toMatchObject({ refusal: { code: 'half-letter' } })
    },
  )
  it.each(['{"note":"\\ud83d\\udeaa"}', '{"note":"🚪"}', '{"note":"\\\\ud83d"}', '["\\ud55c"]'])(
    '%s is taken',
    async body => expect(await sent(body)).toEqual(JSON.parse(body)),
  )
})
