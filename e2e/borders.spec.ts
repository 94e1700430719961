import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join, relative } from 'node:path'
import { type APIRequestContext, expect, test } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import { FAMILIES } from '../src/core/base/kinds'
import { STAGES } from '../src/core/base/stages'
import { DOORS } from '../src/core/doors/doors'
import { newJob } from '../src/core/survey/new-job'
import { demoId } from '../src/server/demo-ids'
import { signMember } from '../src/server/sign'
import { addForeignCompany, firstOrder, openingByKind, secret } from './test/foreign'
import { base, DEMO_JOB, demoOpening, makeOpening, ready, sent } from './test/harvek'
import { addPhotoTo } from './test/photo'

const walk = (folder: string): readonly string[] =>
  readdirSync(folder).flatMap(name =>
    statSync(join(folder, name)).isDirectory() ? walk(join(folder, name)) : join(folder, name),
  )

/** Every address of the application, from its own files. */
const ADDRESSES = walk('src/app')
  .filter(path => /\/(route\.ts|page\.tsx)$/.test(path))
  .map(
    path =>
      `/${relative('src/app', path)
        .replace(/\/?(route\.ts|page\.tsx)$/, '')
        .replace(/^\(\w+\)\/?/, '')}`,
  )

const DETAILS = { ...newJob('in'), name: 'X' }
const NAMED = { tag: 'X', name: 'X', family: 'hinged-outside' }
const READING = {
  id: uuidV7(),
  slot: 'wall.left',
  occasion: 'survey',
  value: 81_280,
  text: '1',
  instrument: 'tape',
  graduation: '1/16',
  levelLength: null,
  deviation: null,
  device: '',
  takenBy: 'Nobody',
  takenAt: '2026-01-01T00:00:00.000Z',
  note: '',
}
/** What is sent to the addresses that change something. */
const BODIES: Readonly<Record<string, readonly ['POST' | 'PUT' | 'DELETE', unknown]>> = {
  '/api/jobs/[id]': ['PUT', { revision: 1, base: DETAILS, data: DETAILS }],
  '/api/jobs/[id]/archive': ['POST', { archived: true }],
  '/api/jobs/[id]/copy': ['POST', { id: uuidV7() }],
  '/api/jobs/[id]/reorder': ['POST', { ids: [uuidV7()] }],
  '/api/jobs/[id]/openings': ['POST', { id: uuidV7(), tag: 'X', name: 'X', family: 'hinged-outside', way: 'pocket' }],
  '/api/openings/[id]/details': ['PUT', { revision: 1, base: NAMED, data: NAMED }],
  '/api/openings/[id]/archive': ['POST', { archived: true }],
  '/api/openings/[id]/copy': ['POST', { id: uuidV7(), tag: 'X' }],
  '/api/openings/[id]/readings': ['POST', [READING]],
  '/api/openings/[id]/answers': ['POST', []],
  '/api/openings/[id]/photos': ['POST', ''],
  '/api/openings/[id]/readings/check': ['POST', { name: 'a.csv', text: '' }],
  '/api/openings/[id]/log': ['POST', []],
  '/api/openings/[id]/placings': ['POST', []],
  '/api/shares/[id]': ['DELETE', undefined],
  '/api/orders/[id]/decisions': [
    'POST',
    { answerId: uuidV7(), decisions: [{ id: uuidV7(), line: 1, path: 'hinges', verdict: 'accepted' }] },
  ],
  '/api/orders/[id]/objection': ['POST', { id: uuidV7(), answerId: uuidV7() }],
  '/api/orders/[id]/receipts': ['POST', {}],
  '/api/orders/[id]/claim': ['POST', { line: 1 }],
  '/api/orders/[id]/hurry': ['POST', {}],
  '/api/orders/[id]/withdraw': ['POST', { id: uuidV7(), reason: 'x' }],
  '/api/jobs/[id]/cuts': ['POST', {}],
  '/api/people/[id]': ['PUT', { role: 'trainee' }],
  '/api/people/invitations/[id]': ['DELETE', undefined],
  '/api/jobs/[id]/schools': ['PUT', { revision: 0, base: {}, data: {} }],
  '/api/openings/[id]/edits/[kind]': ['PUT', { revision: 1, base: {}, data: {} }],
}
/** Addresses that name nothing of anybody. */
const OPEN = [
  '/',
  '/jobs',
  '/openings',
  '/orders',
  // Days are everybody’s; what is on them is each company’s own.
  '/days/[date]',
  '/plan',
  '/api/plan',
  '/api/plan/board',
  '/due',
  '/figures',
  '/api/due.ics',
  '/api/figures/[id]',
  // A link is nobody’s but whose it was sent to: its own story says what it opens.
  '/s/[token]',
  '/api/shared/[token]',
  '/api/shared/[token]/paper.pdf',
  '/api/days/[date]/entries',
  '/api/days/[date]/load.csv',
  '/api/days/[date]/load.pdf',
  '/catalogue',
  '/firm',
  '/practice',
  '/api/orders',
  '/api/catalogue',
  '/api/catalogue/preview',
  '/api/catalogue/import',
  '/api/catalogue/units',
  '/api/firm',
  '/api/firm/logo',
  '/api/firm/seals',
  '/api/firm/seals/entered',
  '/api/firm/seals.csv',
  '/api/health',
  '/api/news',
  '/api/jobs',
  '/api/jobs/import',
  '/api/openings',
  '/api/places',
  '/api/blank-sheet.pdf',
  '/api/audit',
  '/api/audit.csv',
  '/api/demo/member',
  '/api/account/firm',
  '/api/account/leave',
  '/api/people/invitations',
  '/api/auth/[...all]',
  '/api/start',
  '/api/sync',
  '/api/sync/along',
  '/site',
  '/[...any]',
  '/api/invitation',
  '/start',
  '/sign-in',
  '/forgotten',
  '/reset',
  '/invitation',
  '/profile',
  '/people',
]
/** What the demo's first customer was offered. */
const SHARE = demoId('share', demoOpening('A1'))
/** A crew of the demo's firm. */
const CREW: string = JSON.parse(readFileSync('demo/scenario.json', 'utf8')).firm.crews[0].id
/** Ids that belong to no company: devices of this place, and made-up openings. */
const NOBODYS = /\/(devices|practice)(\/|$)/

test('a second company’s member gets “not found” on every address with every id of the first', async ({ request }) => {
  const cookie = `harvek-member=${signMember(await addForeignCompany(), secret())}`
  const order = await firstOrder()
  const photo = await addPhotoTo(request, demoOpening('A1'))
  const named = ADDRESSES.filter(address => !OPEN.includes(address) && !NOBODYS.test(address))
  expect(named.length).toBeGreaterThan(14)
  for (const address of named) {
    const ids = address.includes('/jobs/')
      ? [DEMO_JOB]
      : address.includes('/orders/')
        ? [order]
        : address.includes('/photos/')
          ? [photo]
          : address.includes('/crews/')
            ? [CREW]
            : address.includes('/shares/')
              ? [SHARE]
              : ['A1', 'A2', 'A3', 'A4', 'A5'].map(demoOpening)
    for (const id of ids) {
      const path = address
        .replace('[id]', id)
        .replace('[stage]', 'measure')
        .replace('[kind]', 'wishes')
        .replace('[code]', id.slice(-8))
      const [method, data] = BODIES[address] ?? ['GET', undefined]
      const send = (headers: Record<string, string>) =>
        request.fetch(`${base()}${path}`, {
          method,
          data: data === undefined ? undefined : JSON.stringify(data),
          headers: { ...headers, 'content-type': 'application/json' },
        })
      expect([address, (await send({ cookie })).status()]).toEqual([address, 404])
      // What is the first company’s own is there, and only looked at once for each kind of answer.
      if (method === 'GET' && [ids[0], ids[1]].includes(id))
        expect([address, (await send({})).status()]).toEqual([
          address,
          address.includes('order.pdf') && id !== demoOpening('A1') && id !== demoOpening('A5') ? 422 : 200,
        ])
    }
  }
})

test('a foreign company sees no job of the first, and a cookie that was tampered with sees nobody', async ({
  request,
}) => {
  const member = await addForeignCompany()
  const page = await request.get(`${base()}/jobs`, {
    headers: { cookie: `harvek-member=${signMember(member, secret())}` },
  })
  expect(await page.text()).not.toContain('Sandmartin')
  // A day on which something of the demo is planned.
  const day = '2026-11-30'
  for (const path of [`/days/${day}`, `/api/days/${day}/load.csv`]) {
    expect(await (await request.get(`${base()}${path}`)).text()).toMatch(/\bD\d/)
    const theirs = await request.get(`${base()}${path}`, {
      headers: { cookie: `harvek-member=${signMember(member, secret())}` },
    })
    expect([theirs.status(), await theirs.text()]).toEqual([200, expect.not.stringMatching(/Sandmartin|\bD\d\b/)])
  }
  const cookie = `harvek-member=${signMember(member, secret())}`
  const order = await request.post(`${base()}/api/orders`, {
    headers: { cookie },
    data: { id: uuidV7(), jobId: DEMO_JOB, openings: [demoOpening('A1')], supersedes: null },
  })
  expect(order.status()).toBe(404)
  for (const path of ['/orders', '/catalogue', '/firm', '/api/catalogue', '/api/firm'])
    expect(await (await request.get(`${base()}${path}`, { headers: { cookie } })).text()).not.toMatch(
      /H-0001|TW-110|Northpier/,
    )
  const forged = await request.post(`${base()}/api/openings/${demoOpening('A1')}/readings`, {
    headers: { cookie: `harvek-member=${member}.0000` },
    data: [READING],
  })
  expect(forged.status()).toBe(401)
})

test.describe('what can’t be taken', () => {
  test('unknown ids are a page that says so, not a crash', async ({ page }) => {
    for (const path of [
      `/openings/${uuidV7()}/measure`,
      `/jobs/${uuidV7()}`,
      `/openings/${demoOpening('A1')}/dance`,
      '/no/such',
      `/openings/%27;drop/measure`,
    ]) {
      const answer = await page.goto(`${base()}${path}`)
      expect([path, answer!.status()]).toEqual([path, 404])
      await expect(page.getByRole('heading', { name: 'Not found' })).toBeVisible()
    }
  })
  test('a reading that is no reading is refused with its path, and nothing is stored', async ({ request }) => {
    const path = `${base()}/api/openings/${demoOpening('A4')}/readings`
    for (const [change, where] of [
      [{ slot: 'roof' }, '0.slot'],
      [{ value: 0.5 }, '0.value'],
      [{ id: 'x' }, '0.id'],
      [{ text: '' }, '0.text'],
      [{ takenAt: 'yesterday' }, '0.takenAt'],
      [{ colour: 'red' }, '0'],
    ] as const) {
      const answer = await request.post(path, { data: [{ ...READING, ...change }] })
      expect(answer.status()).toBe(400)
      expect((await answer.json()).issues[0].path).toBe(where)
    }
    expect(
      (await request.post(path, { headers: { 'content-type': 'application/json' }, data: Buffer.from('{') })).status(),
    ).toBe(400)
    expect(await (await request.get(`${base()}/api/openings/${demoOpening('A4')}/readings.csv`)).text()).not.toContain(
      'Nobody',
    )
  })
  test('an order of an incomplete opening is not released', async ({ request }) => {
    const answer = await request.post(`${base()}/api/orders`, {
      data: { id: uuidV7(), jobId: DEMO_JOB, openings: [demoOpening('A4')], supersedes: null },
    })
    expect(answer.status()).toBe(422)
    expect((await answer.json()).issues.map((one: { message: string }) => one.message)).toContain(
      'A4: Missing: the hinge side',
    )
  })
})

test('another site’s page writes nothing, a name made to point here reads nothing, nobody frames a page', async ({
  request,
  page,
}) => {
  const body = JSON.stringify({ name: 'From elsewhere', site: '', unit: 'in', step: '1/16' })
  const jobs = async () => (await (await request.get(`${base()}/jobs`)).text()).includes('From elsewhere')
  const post = (headers: Record<string, string>) => request.post(`${base()}/api/jobs`, { data: body, headers })
  const json = { 'content-type': 'application/json' }
  expect((await post({ ...json, 'sec-fetch-site': 'cross-site' })).status()).toBe(403)
  expect((await post({ ...json, origin: 'http://evil.example' })).status()).toBe(403)
  expect((await post({ 'content-type': 'text/plain' })).status()).toBe(415)
  expect(await jobs()).toBe(false)

  const elsewhere = (path: string) => request.get(`${base()}${path}`, { headers: { host: 'evil.example' } })
  expect((await elsewhere('/api/openings')).status()).toBe(421)
  expect(await (await elsewhere('/jobs')).text()).not.toContain('Sandmartin Quay')

  const answer = await page.goto(`${base()}/jobs`)
  expect(answer!.headers()['content-security-policy']).toContain("frame-ancestors 'none'")
  expect(answer!.headers()['x-content-type-options']).toBe('nosniff')
})

test('a page runs and shows only what came with it, asks for no other ahead, and never breaks its own policy', async ({
  page,
}) => {
  const broken: string[] = []
  const ahead: string[] = []
  page.on('request', one => {
    if (one.headers()['next-router-prefetch']) ahead.push(one.url())
  })
  page.on('console', message => {
    if (/Content Security Policy/.test(message.text())) broken.push(message.text())
  })
  const nonces = new Set<string>()
  const stages = ['measure', 'order', 'fit', 'seal', 'handover'].map(stage => `/openings/${demoOpening('A1')}/${stage}`)
  for (const path of ['/', '/catalogue', '/firm', '/practice', `/jobs/${DEMO_JOB}`, ...stages]) {
    const answer = await page.goto(`${base()}${path}`)
    await ready(page)
    const policy = answer!.headers()['content-security-policy'] ?? ''
    nonces.add(/script-src 'self' 'nonce-([^']+)'/.exec(policy)?.[1] ?? '')
    expect([path, answer!.headers()['content-encoding']]).toEqual([path, 'br'])
  }
  expect(ahead).toEqual([])
  expect([broken, nonces.size, nonces.has('')]).toEqual([[], 10, false])
  // What somebody smuggled into a page does nothing.
  await page.evaluate(() =>
    document.body.insertAdjacentHTML('beforeend', '<img src="/nothing.png" onerror="document.title = \'taken over\'">'),
  )
  await expect.poll(() => broken.length).toBe(1)
  expect(await page.title()).not.toBe('taken over')
})

test.describe('a page that was made before', () => {
  type Asked = { readonly text: string; readonly links: string; readonly wasKept: boolean; readonly nonce: string }
  /** A page as somebody gets it who asks with a program of their own, with a mark where its secret stands. */
  async function asked(request: APIRequestContext, path: string, program: string, cookie = ''): Promise<Asked> {
    const answer = await request.get(`${base()}${path}`, { headers: { 'user-agent': program, cookie } })
    const nonce = /'nonce-([^']+)'/.exec(answer.headers()['content-security-policy'] ?? '')?.[1] ?? ''
    expect([path, answer.status(), nonce.length]).toEqual([path, 200, 48])
    const [text, links] = [await answer.text(), answer.headers().link ?? ''].map(one => one.replaceAll(nonce, '#'))
    return { text: text!, links: links!, nonce, wasKept: answer.headers()['server-timing'] === 'kept' }
  }

  test('is the page that would be made, for every kind of door', async ({ page, request }) => {
    const there = await openingByKind()
    const ids: string[] = []
    for (const family of FAMILIES) {
      const own = { tag: 'K1', name: family, family, way: DOORS[family].survey.ways[0]! }
      ids.push(there.get(family) ?? (await makeOpening(page, { ...newJob('mm'), name: `Kept ${family}` }, own)).id)
    }
    const stages = ids.flatMap(id => STAGES.map(stage => `/openings/${id}/${stage}`))
    const differing: string[] = []
    for (const path of [`/jobs/${DEMO_JOB}`, `/orders/${await firstOrder()}`, ...stages]) {
      // The first look works out what the others only read: then all of a page comes in one go.
      await asked(request, path, 'first')
      const [made, kept, other] = [
        await asked(request, path, 'one'),
        await asked(request, path, 'one'),
        await asked(request, path, 'other'),
      ]
      expect([path, made.wasKept, kept.wasKept, other.wasKept]).toEqual([path, false, true, false])
      expect(new Set([made.nonce, kept.nonce, other.nonce]).size).toBe(3)
      const isSame = kept.text === made.text && kept.links === made.links && kept.text === other.text
      if (!isSame) differing.push(path)
    }
    expect(differing).toEqual([])
  })

  test('shows what was stored since, and to each member their own', async ({ page, request }) => {
    const { id, job } = await makeOpening(
      page,
      { ...newJob('in'), name: 'Kept until' },
      { tag: 'K1', name: 'Kept', family: 'hinged-outside', way: 'trim-off' },
    )
    const paths = [`/openings/${id}/measure`, `/jobs/${job}`]
    const look = (cookie = '') => Promise.all(paths.map(path => asked(request, path, 'one', cookie)))
    await look()
    const kept = await look()
    expect(kept.map(one => one.wasKept)).toEqual([true, true])
    await sent(page, `/api/openings/${id}/readings`, [{ ...READING, id: uuidV7(), text: '4 7/16' }])
    const [sheet, list] = await look()
    expect([sheet!.wasKept, list!.wasKept, sheet!.text.includes('4 7/16')]).toEqual([false, false, true])
    const trainee = demoId('member', 'Jory Tamm')
    const cookie = `harvek-member=${signMember(trainee, secret())}`
    const [whose, theirs, own] = [await look(), await look(cookie), await look()]
    const acts = ({ text }: Asked) => /\\"visitor\\":\{\\"id\\":\\"([^\\]+)/.exec(text)?.[1]
    expect(theirs.map(one => [one.wasKept, acts(one)])).toEqual(paths.map(() => [false, trainee]))
    expect(own.map(one => [one.wasKept, acts(one)])).toEqual(whose.map(one => [true, acts(one)]))
    expect(whose.map(acts)).not.toContain(trainee)
    // Nor is a price a trainee’s to see, however often somebody else looked.
    const costs = (all: readonly Asked[]) => all.some(one => /priceCents\W+[1-9]/.test(one.text))
    const order = `/orders/${await firstOrder()}`
    await asked(request, order, 'one')
    expect(costs([await asked(request, order, 'one')])).toBe(true)
    expect(costs([await asked(request, order, 'one', cookie)])).toBe(false)
  })
})
