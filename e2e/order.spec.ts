import { expect, test } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import { control, tellDesk } from './test/control'
import { base, demoOpening, expectAccessible, open, pdfText } from './test/harvek'
import { completeEntry, goOnAll, HONEST, newJob, releaseAndFollow, standing } from './test/ordering'

test.beforeEach(() => tellDesk(HONEST).then(() => undefined))

test('a cheap stock slider with a built-down head beside a made one: the choice is recorded with its reason', async ({
  page,
}) => {
  await open(page, `/openings/${demoOpening('C1')}/order`)
  const side = page.getByRole('region', { name: 'Side by side' })
  await expect(side.locator('[data-compared="TW-800"]')).toContainText('Cheapest, Soonest')
  await expect(side.locator('[data-compared="TW-800"]')).toContainText('Build down the head with lumber')
  await expect(side.locator('[data-compared="RJ-820"]')).toContainText('Least work')
  await expect(side.locator('[data-compared="RJ-820"]')).toContainText('+$3,627.39, +53 days, −214 min')
  await expect(page.locator('canvas')).toBeVisible()
  await page.locator('[data-article="HG-810"]').getByLabel('Side by side').check()
  await expect(side.locator('[data-compared]')).toHaveCount(3)
  await page.getByRole('button', { name: 'Choose TW-800' }).click()
  await page.getByLabel('Why the customer chose it').fill('wants it before Christmas')
  await page.getByRole('heading', { name: 'TW-800 chosen' }).click()
  await expect(page.getByText(/Beside it stood .*RJ-820 at \$4,821\.39 in 56 days/)).toBeVisible()
  await page.getByLabel('Colour outside').selectOption('bronze')
  await goOnAll(page, 'the sill is levelled on the day')
  await expect(page.getByRole('button', { name: 'Release the order' })).toBeEnabled()
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.getByLabel('Why the customer chose it')).toHaveValue('wants it before Christmas')
  await expectAccessible(page)
  await releaseAndFollow(page)
  const order = page.url().split('/').at(-1)!
  const sheet = await pdfText(page, `/api/orders/${order}/sheet.pdf`)
  for (const part of ['The LEFT panel MOVES, seen from outside', 'bronze', 'Larkspur Door & Frame'])
    expect(sheet).toContain(part)
  expect(sheet).not.toContain('$')
  const own = await pdfText(page, `/api/orders/${order}/own.pdf`)
  for (const part of ['wants it before Christmas', 'RJ-820 $4,821.39', 'the smallest width governs'])
    expect(own).toContain(part)
})

test('what is to be corrected first goes out only with a typed reason, and the reason is printed', async ({ page }) => {
  await completeEntry(page, 'Twisted', 'right', { more: { 'through.left': '1/2', 'through.right': '-1/2' } })
  const release = page.getByRole('button', { name: 'Release the order' })
  await expect(release).toBeDisabled()
  await expect(page.getByText(/^Correct first: Sides out of one plane/).first()).toBeVisible()
  await goOnAll(page, 'the wall stays as it is')
  await releaseAndFollow(page)
  const sheet = await pdfText(page, `/api/orders/${page.url().split('/').at(-1)}/sheet.pdf`)
  expect(sheet).toContain('Ordered all the same')
  expect(sheet).toContain('the wall stays as it is')
})

test('a swapped hand in the acknowledgement stands first, is objected to, and comes back corrected', async ({
  page,
}) => {
  await completeEntry(page, 'Chart room')
  await tellDesk({ misread: 'hand' })
  await releaseAndFollow(page)
  await expect(standing(page)).toHaveText('Acknowledged otherwise')
  const rows = page.locator('[data-difference]')
  await expect(rows).toHaveCount(1)
  await expect(rows).toContainText('Hinge side, seen from outside')
  await expect(rows).toContainText('right')
  await expect(rows).toContainText('left')
  await expect(page.getByText('Do not remove the old door until this unit is accepted.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Object to Hinge side' }).click()
  await expect(standing(page)).toHaveText('Objected')
  await page.getByRole('button', { name: 'Send the objection' }).click()
  await expect(standing(page)).toHaveText('Acknowledged', { timeout: 15_000 })
  await expect(page.getByRole('heading', { name: /The supplier read it as it was sent/ })).toBeVisible()
})

test('the order sheet says both facts of the hand and every size, and so do CSV and JSON', async ({ page }) => {
  await completeEntry(page, 'Sail loft', 'left')
  await page.getByLabel('Ask something else').fill('Glass as in the photo?')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Risk: the maker has not answered: Glass as in the photo?')).toBeVisible()
  await page.getByText('The question as text').click()
  await expect(page.getByRole('textbox', { name: 'The question as text' })).toHaveValue(
    /^TW-109 .*for A1\. Hinges on the LEFT.*\n1\. Glass as in the photo\?$/,
  )
  await page.getByLabel('Glass as in the photo?', { exact: true }).fill('yes, the same')
  await page.getByRole('heading', { name: 'To ask Tern & Wicket' }).click()
  await expect(page.getByText('Risk: the maker has not answered')).toBeHidden()
  await page.getByText(/^May have: /).click()
  await page.getByLabel('Mail slot').selectOption('at 30 in, brushed')
  await expectAccessible(page)
  await releaseAndFollow(page)
  const order = page.url().split('/').at(-1)!
  const sheet = await pdfText(page, `/api/orders/${order}/sheet.pdf`)
  for (const part of [
    'Hinges on the LEFT, seen from outside. Swings IN (into the building).',
    '37 1/2 in (952.5 mm) × 81 3/4 in (≈ 2076.5 mm)',
    '36 in (914.4 mm) × 80 in (2032.0 mm)',
    'Derived size',
    '37 1/2 in (952.5 mm) × 81 7/8 in',
    'Rough opening for it',
    '38 in (965.2 mm) × 82 3/8 in',
    '4 9/16 in',
    'Sill depth',
    '5 9/16 in',
    'slate',
    'none, the outside casing stays',
    '3 long screws, 3 plugs, 6 hinge cards, 2 corner pads',
    'Not included: lock and handle',
    'LH, from outside',
    'Glass as in the photo? yes, the same',
    'at 30 in, brushed',
    '4 in ball bearing',
  ])
    expect(sheet).toContain(part)
  const csv = await (await page.request.get(`${base()}/api/orders/${order}/lines.csv`)).text()
  expect(csv).toContain('left,in')
  const message = await (await page.request.get(`${base()}/api/orders/${order}/order.json`)).json()
  expect(message).toMatchObject({ format: 'harvek-order', lines: [{ hinges: 'left', swing: 'in', article: 'TW-109' }] })
  await page.getByText('The order as text, for a letter').click()
  const text = page.getByRole('textbox', { name: 'The order as text, for a letter' })
  await expect(text).toHaveValue(/Hinges on the LEFT, seen from outside\. Swings IN/)
  await expect(text).toHaveValue(/\nWidth: 37 1\/2 in \(952\.5 mm\)\n/)
  await expect(text).toHaveValue(/\nAgreed with the maker: Glass as in the photo\? yes, the same\n/)
  await expect(standing(page)).toHaveText('Acknowledged')
  await open(page, '/orders')
  const log = page.getByRole('region', { name: 'Prices and days' })
  await expect(log.getByRole('row', { name: new RegExp(`TW-109.*${message.order.number}`) })).toContainText(
    '$666.00$666.00',
  )
})

test('what was released is frozen: a change goes out as the next revision and says what it changes', async ({
  page,
}) => {
  await completeEntry(page, 'Rope store')
  await releaseAndFollow(page)
  await expect(standing(page)).toHaveText('Acknowledged')
  const first = page.url().split('/').at(-1)!
  const before = await (await page.request.get(`${base()}/api/orders/${first}/order.json`)).text()
  await page.getByRole('link', { name: 'Change it: next revision' }).click()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.getByText('Released as it stands.')).toBeVisible()
  await page.getByLabel('Colour outside').selectOption('harbour green')
  await expect(page.getByText(/Changed since: Colour outside/)).toBeVisible()
  for (const [method, path] of [
    ['PUT', `/api/orders/${first}`],
    ['DELETE', `/api/orders/${first}`],
    ['PATCH', `/api/orders/${first}`],
    ['PUT', `/api/orders/${first}/order.json`],
  ] as const)
    expect((await page.request.fetch(`${base()}${path}`, { method, data: {} })).status()).toBe(405)
  expect(await (await page.request.get(`${base()}/api/orders/${first}/order.json`)).text()).toBe(before)
  await page.getByRole('button', { name: 'Release revision 2' }).click()
  await expect(page.getByText('Released as it stands.')).toBeVisible()
  await page.getByRole('link', { name: /^H-/ }).click()
  await expect(page.getByRole('heading', { name: /, revision 2$/ })).toBeVisible()
  const changes = page.getByRole('table')
  await expect(changes).toContainText('Colour outside')
  await expect(changes).toContainText('slate')
  await expect(changes).toContainText('harbour green')
  expect(await (await page.request.get(`${base()}/api/orders/${first}/order.json`)).text()).toBe(before)
  const second = page.url().split('/').at(-1)!
  expect(await pdfText(page, `/api/orders/${second}/sheet.pdf`)).toContain('What this revision changes')
  const late = await page.request.post(`${base()}/api/orders`, {
    data: {
      id: uuidV7(),
      jobId: (await (await page.request.get(`${base()}/api/orders/${first}`)).json()).job.id,
      openings: [(await (await page.request.get(`${base()}/api/orders/${first}`)).json()).order.lines[0].opening.id],
      supersedes: first,
    },
  })
  expect(late.status()).toBe(409)
})

test('an order is with one maker: another is ordered from only when the first was withdrawn', async ({ page }) => {
  await completeEntry(page, 'Net shed')
  await releaseAndFollow(page)
  await expect(standing(page)).toHaveText('Acknowledged')
  await page.getByRole('link', { name: 'Change it: next revision' }).click()
  await page.locator('html[data-hydrated]').waitFor()
  await page.getByRole('button', { name: 'Choose CL-509' }).first().click()
  for (const [name, value] of [
    ['Colour outside', 'primed'],
    ['Colour inside', 'bare'],
  ] as const)
    await page.getByLabel(name).selectOption(value)
  await page.getByRole('button', { name: 'Release revision 2' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'is with Tern & Wicket. Withdraw it there' })).toBeVisible()
  await page.getByRole('link', { name: /^H-/ }).click()
  await page.locator('html[data-hydrated]').waitFor()
  await page.getByText('Withdraw this order').click()
  await page.getByLabel('Why it is withdrawn').fill('the customer wants boards')
  await page.getByRole('button', { name: 'Withdraw it and tell the supplier' }).click()
  await expect(standing(page)).toHaveText('Withdrawn')
  await expect(page.getByText('Why: the customer wants boards.')).toBeVisible()
  await expect(page.getByText('Do not remove the old door until this unit is accepted.')).toHaveCount(0)
  await page.getByRole('link', { name: 'Change it: next revision' }).click()
  await page.locator('html[data-hydrated]').waitFor()
  await releaseAndFollow(page)
  await expect(page.getByText('to Calder Leaf')).toBeVisible()
})

test('several openings of one job go on one order, tagged one by one', async ({ page }) => {
  const jobId = await newJob(page, 'Twins')
  await completeEntry(page, 'Twin one', 'right', { jobId })
  await page.waitForLoadState('networkidle')
  await completeEntry(page, 'Twin two', 'left', { jobId, tag: 'A2' })
  await page.getByLabel(/Twin one: TW-109/).check()
  await releaseAndFollow(page)
  await expect(page.getByRole('region', { name: 'Line 1' })).toContainText('Hinges on the LEFT')
  await expect(page.getByRole('region', { name: 'Line 2' })).toContainText('Hinges on the RIGHT')
  const sheet = await pdfText(page, `/api/orders/${page.url().split('/').at(-1)}/sheet.pdf`)
  expect(sheet).toMatch(/Line 1: A2 Twin two[\s\S]*Line 2: A1 Twin one/)
})

test('a welded frame is refused for a finished wall, and a leaf whose hinges don’t line up for its frame', async ({
  page,
}) => {
  await open(page, `/openings/${demoOpening('B3')}/order`)
  await page.getByRole('button', { name: /Show the \d+ that don’t/ }).click()
  await expect(page.locator('[data-refused="NS-503"]')).toContainText('Welded: it can’t go round a finished wall')
  await expect(page.locator('[data-refused="NS-500"]')).toContainText('Throat 4 3/4 in is under the wall')
  await open(page, `/openings/${demoOpening('B2')}/order`)
  await page.getByRole('button', { name: /Show the \d+ that don’t/ }).click()
  await expect(page.locator('[data-refused="NS-602"]')).toContainText('Other hinges')
  await expect(page.locator('[data-refused="NS-602"]')).toContainText('one off by 3/8 in')
  await expect(page.locator('[data-refused="NS-603"]')).toContainText('Label of 0 minutes is too low')
  await expect(page.locator('[data-article="NS-604"]')).toContainText('Fits the frame that stays')
})

test('what can’t be read stays as it came, and the desk may fail, go away and answer twice', async ({ page }) => {
  await completeEntry(page, 'Fog bell')
  await tellDesk({ answer: 'garble' })
  await releaseAndFollow(page)
  await expect(standing(page)).toHaveText('Answer not understood')
  await expect(page.getByRole('region', { name: 'Not understood' })).toContainText('This is not JSON')

  await completeEntry(page, 'Tide gauge')
  await control('kill-desk')
  await releaseAndFollow(page)
  await expect(standing(page)).toHaveText('On its way')
  await expect(page.getByText('The desk can’t be reached.')).toBeVisible()
  await control('kill-application')
  await control('restart-desk')
  await tellDesk({ ...HONEST, twice: true })
  await control('restart-application')
  await expect(standing(page)).toHaveText('Acknowledged', { timeout: 30_000 })
  const order = page.url().split('/').at(-1)!
  const view = await (await page.request.get(`${base()}/api/orders/${order}`)).json()
  expect(view.answers).toHaveLength(1)
  const taken = await (await fetch(`${process.env.HARVEK_DESK_ADDRESS}/messages`)).json()
  expect(taken.filter((one: { key: string }) => one.key === order)).toHaveLength(1)
})
