import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join, relative } from 'node:path'
import { expect, test } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import { may, ROLES, type Verb } from '../src/core/access/access'
import { signMember } from '../src/server/sign'
import { addForeignCompany, addMember, removeMembers, secret } from './test/foreign'
import { base, demoOpening, field, newOpening, open, ready } from './test/harvek'

const walk = (folder: string): readonly string[] =>
  readdirSync(folder).flatMap(name =>
    statSync(join(folder, name)).isDirectory() ? walk(join(folder, name)) : join(folder, name),
  )

/** Every method of every address, from the application's own files. */
const METHODS = walk('src/app/api')
  .filter(path => path.endsWith('route.ts'))
  .flatMap(path =>
    [...readFileSync(path, 'utf8').matchAll(/^export (?:const|async function) (GET|POST|PUT|DELETE)\b/gm)].map(
      ([, method]) => `${method} /${relative('src/app', path).replace('/route.ts', '')}`,
    ),
  )

/** Whose each of them is, written down once more: a route that is new, or that asks for another verb than it should, stands out. */
const WHOSE: Readonly<Record<Verb, readonly string[]>> = {
  look: [
    'POST /api/account/firm',
    'GET /api/blank-sheet.pdf',
    'GET /api/catalogue',
    'GET /api/crews/[id]/plan.ics',
    'GET /api/days/[date]/load.csv',
    'GET /api/days/[date]/load.pdf',
    'POST /api/demo/member',
    'GET /api/devices',
    'POST /api/devices/[id]/pair',
    'GET /api/devices/stream',
    'GET /api/firm',
    'GET /api/firm/logo',
    'GET /api/jobs/[id]/cuts.csv',
    'GET /api/jobs/[id]/cuts.pdf',
    'GET /api/jobs/[id]/labels.pdf',
    'GET /api/due.ics',
    'GET /api/figures/[id]',
    'GET /api/openings/[id]/shares',
    'GET /api/jobs/[id]/ready',
    'GET /api/news',
    'GET /api/openings',
    'GET /api/openings/[id]/drawing.dxf',
    'GET /api/openings/[id]/drawing.svg',
    'GET /api/openings/[id]/fit-log.csv',
    'GET /api/openings/[id]/fit-log.json',
    'GET /api/openings/[id]/fit.csv',
    'GET /api/openings/[id]/fit.pdf',
    'GET /api/openings/[id]/measure.pdf',
    'GET /api/openings/[id]/readings.csv',
    'GET /api/openings/[id]/readings.json',
    'GET /api/openings/[id]/record.pdf',
    'GET /api/openings/[id]/rows',
    'GET /api/openings/[id]/units',
    'GET /api/orders/[id]',
    'GET /api/orders/[id]/claim.pdf',
    'GET /api/photos/[id]/picture',
    'GET /api/photos/[id]/small',
    'GET /api/places',
    'GET /api/plan',
    'GET /api/plan/board',
    'POST /api/practice/[id]/hanging/feel',
    'GET /api/practice/[id]/hanging/look',
    'POST /api/practice/[id]/hanging/score',
    'GET /api/practice/[id]/look',
    'POST /api/practice/[id]/score',
    'POST /api/sync',
    'POST /api/sync/along',
  ],
  measure: [
    'POST /api/days/[date]/entries',
    'POST /api/openings/[id]/answers',
    'POST /api/openings/[id]/log',
    'POST /api/openings/[id]/photos',
    'POST /api/openings/[id]/readings',
    'POST /api/openings/[id]/readings/check',
  ],
  vouch: [],
  money: [
    'GET /api/firm/seals.csv',
    'GET /api/openings/[id]/order.pdf',
    'GET /api/shares/[id]/paper.pdf',
    'GET /api/orders/[id]/lines.csv',
    'GET /api/orders/[id]/order.json',
    'GET /api/orders/[id]/order.txt',
    'GET /api/orders/[id]/own.pdf',
    'GET /api/orders/[id]/sheet.pdf',
  ],
  job: [
    'POST /api/jobs',
    'PUT /api/jobs/[id]',
    'POST /api/jobs/[id]/copy',
    'POST /api/jobs/[id]/openings',
    'POST /api/jobs/[id]/reorder',
    'PUT /api/jobs/[id]/schools',
    'POST /api/openings/[id]/copy',
    'PUT /api/openings/[id]/details',
  ],
  settle: ['PUT /api/openings/[id]/edits/[kind]', 'POST /api/openings/[id]/shares', 'DELETE /api/shares/[id]'],
  receive: ['POST /api/orders/[id]/claim', 'POST /api/orders/[id]/receipts'],
  cut: ['POST /api/jobs/[id]/cuts', 'DELETE /api/jobs/[id]/cuts'],
  order: [
    'POST /api/orders',
    'POST /api/orders/[id]/decisions',
    'POST /api/orders/[id]/hurry',
    'POST /api/orders/[id]/objection',
    'POST /api/orders/[id]/withdraw',
  ],
  archive: [
    'POST /api/jobs/[id]/archive',
    'GET /api/jobs/[id]/export',
    'POST /api/jobs/import',
    'POST /api/openings/[id]/archive',
  ],
  firm: [
    'POST /api/catalogue/import',
    'POST /api/catalogue/preview',
    'POST /api/catalogue/units',
    'PUT /api/firm',
    'POST /api/firm/logo',
    'DELETE /api/firm/logo',
    'POST /api/firm/seals',
    'POST /api/firm/seals/entered',
  ],
  plan: ['POST /api/openings/[id]/placings'],
  audit: ['GET /api/audit', 'GET /api/audit.csv'],
  people: [
    'GET /api/people/invitations',
    'POST /api/people/invitations',
    'DELETE /api/people/invitations/[id]',
    'PUT /api/people/[id]',
    'DELETE /api/people/[id]',
  ],
}
/** For whom nobody is signed in yet: says that the server runs, signs in, starts the first firm, answers an invitation. */
const OPEN = [
  'GET /api/health',
  'GET /api/auth/[...all]',
  'POST /api/auth/[...all]',
  'POST /api/start',
  'POST /api/invitation',
  'GET /api/shared/[token]/paper.pdf',
  'POST /api/shared/[token]',
]
/** Asked by everybody for themselves: in the demo it is refused, elsewhere it would be done. */
const LEAVE = 'POST /api/account/leave'
/** Does not end by itself. */
const STREAM = 'GET /api/devices/stream'

const signed = (id: string) => `harvek-member=${signMember(id, secret())}`

test('every method of every address is somebody’s, and nobody else’s', async ({ request }) => {
  const written = Object.values(WHOSE).flat()
  expect(METHODS.filter(one => ![...OPEN, LEAVE].includes(one)).toSorted()).toEqual(written.toSorted())

  const people: (readonly [(typeof ROLES)[number], string])[] = []
  for (const role of ROLES) people.push([role, await addMember(role)])
  const [left, foreign] = [await addMember('owner', true), await addForeignCompany()]
  const status = async (call: string, cookie: string) => {
    const [method, address] = call.split(' ') as [string, string]
    // Nothing of these ids is there: whoever may gets “not found” or “can’t be read”, and nothing is changed.
    const path = address.replace('[id]', uuidV7()).replace('[kind]', 'wishes').replace('[date]', '2026-11-27')
    const answer = await request.fetch(`${base()}${path}`, {
      method,
      ...(method === 'GET' || method === 'DELETE' ? {} : { data: '[]' }),
      headers: { cookie, 'content-type': 'application/json' },
    })
    return answer.status()
  }
  for (const [verb, calls] of Object.entries(WHOSE) as [Verb, readonly string[]][])
    for (const call of calls.filter(one => one !== STREAM)) {
      for (const [role, id] of people)
        expect([call, role, (await status(call, signed(id))) === 403]).toEqual([call, role, !may(role, verb)])
      expect([call, 'nobody', await status(call, 'harvek-member=nobody.00')]).toEqual([call, 'nobody', 401])
      expect([call, 'left', await status(call, signed(left))]).toEqual([call, 'left', 401])
      if (call.includes('[id]') && !/devices|practice/.test(call))
        expect([call, 'foreign', await status(call, signed(foreign))]).toEqual([
          call,
          'foreign',
          await status(call, signed(people[0]![1])),
        ])
    }
  await removeMembers([left, ...people.map(([, id]) => id)])
})

test('what comes together in one request is each somebody’s, as if it came alone', async ({ request }) => {
  const [trainee, foreign] = [await addMember('trainee'), await addForeignCompany()]
  const opening = demoOpening('A4')
  const items = [
    { method: 'PUT', path: `/api/openings/${opening}/edits/wishes`, body: {} },
    { method: 'POST', path: '/api/jobs', body: {} },
    { method: 'PUT', path: '/api/firm', body: {} },
    { method: 'POST', path: `/api/openings/${opening}/readings`, body: [] },
    { method: 'POST', path: '/api/orders', body: {} },
    { method: 'POST', path: `/api/openings/../jobs`, body: {} },
  ]
  const statuses = async (member: string) => {
    const answer = await request.post(`${base()}/api/sync`, { data: { items }, headers: { cookie: signed(member) } })
    return (await answer.json()).answers.map((one: { status: number }) => one.status)
  }
  expect(await statuses(trainee)).toEqual([403, 403, 403, 400, 404, 404])
  expect((await statuses(foreign)).filter((one: number) => one < 400)).toEqual([])
  const asOther = await request.post(`${base()}/api/sync`, {
    data: { items },
    headers: { cookie: signed(trainee), 'x-harvek-member': foreign },
  })
  expect([asOther.status(), (await asOther.json()).code]).toEqual([401, 'other-member'])
  await removeMembers([trainee])
})

test('a trainee sees no prices, and nothing of theirs counts before somebody signed it', async ({ page }) => {
  const D9 = demoOpening('D9')
  await newOpening(page, `Signed ${Date.now()}`, 'Net store', 'Stud to stud')
  const own = new URL(page.url()).pathname.split('/')[2]!
  await open(page, '/')
  const whoActs = page.getByLabel('In the demo, go on as')
  await expect(whoActs.locator('option')).toHaveText([
    'Ida Marlow, owner',
    'Hester Quill, office',
    'Bram Oake, installer',
    'Jory Tamm, trainee',
  ])
  const goOnAs = async (name: string) => {
    await Promise.all([page.waitForEvent('load'), whoActs.selectOption({ label: name })])
    await ready(page)
    await expect(whoActs.locator('option:checked')).toHaveText(name)
  }
  await goOnAs('Jory Tamm, trainee')
  await expect(page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Firm' })).toHaveCount(0)
  const firm = await page.goto(`${base()}/firm`)
  expect(firm!.status()).toBe(403)
  await expect(page.getByText('Only the owner and the office see this page.')).toBeVisible()
  for (const path of ['/catalogue', '/orders', `/openings/${D9}/order`]) {
    const answer = await page.goto(`${base()}${path}`)
    expect([path, /[a-z]*cents[a-z]*\\?":[1-9]/i.exec(await answer!.text())?.[0]]).toEqual([path, undefined])
    expect([path, await page.locator('main').textContent()]).toEqual([path, expect.not.stringMatching(/\$\d/)])
  }
  await open(page, `/openings/${own}/measure`)
  const now = page.locator('section[aria-label="Reading now"]')
  await page.locator('[data-slot="wall.left"]').click()
  await field(page).fill('4 1/2')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-slot="wall.left"]')).toHaveAttribute('data-storing', 'stored')
  await expect(now).toBeVisible()
  await page.reload()
  await ready(page)
  await expect(page.getByText(/read by Jory Tamm, who learns/)).toBeVisible()
  await page.locator('[data-slot="wall.left"]').click()
  await expect(page.getByRole('button', { name: /^Sign / })).toBeDisabled()

  await goOnAs('Bram Oake, installer')
  await page.locator('[data-slot="wall.left"]').click()
  await page.getByRole('button', { name: 'Sign “4 1/2”: it holds' }).click()
  await expect(page.getByText(/who learns/)).toHaveCount(0)
  await page.reload()
  await ready(page)
  await expect(page.getByText(/who learns/)).toHaveCount(0)
  await goOnAs('Ida Marlow, owner')
})
