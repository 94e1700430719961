import { AxeBuilder } from '@axe-core/playwright'
import { expect, type Page, test } from '@playwright/test'
import { allStored, base, demoJob, demoOpening, open, ready } from './test/harvek'

// The week is planned, a task is moved by hand, by keys and by touch, what a move breaks is said, and the van is loaded on the phone.

const broken = (page: Page) => page.getByText(/tasks? breaks? something/)
const day = (page: Page, name: string | RegExp) => page.getByRole('group', { name })
const panel = (page: Page, name: string) => page.getByRole('region', { name })
const D9 = demoOpening('D9')
const own = (page: Page) => page.locator(`[data-task="${D9}/work-1"]`)

/** Shows the week a task stands in. */
async function weekOf(page: Page, date: string): Promise<void> {
  const heading = page.locator(`a[href="/days/${date}"]`)
  for (let i = 0; i < 12 && (await heading.count()) === 0; i++)
    await page.getByRole('button', { name: 'The week after' }).click()
  await expect(heading).toBeVisible()
}

test.describe('the plan', () => {
  test.use({ serviceWorkers: 'allow' })
  test('is made for whoever asks, a task is put elsewhere by fields, and what that breaks is said and undone', async ({
    page,
  }) => {
    // Twice, so that the worker of the pages has what the plan is worked out by.
    await open(page, '/plan')
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
    await open(page, '/plan')
    await page.getByRole('button', { name: 'Plan it for me' }).click()
    const proposal = page.getByRole('region', { name: 'Proposal' })
    await expect(proposal.getByText(/All that can be planned is done by/)).toBeVisible()
    const take = proposal.getByRole('button', { name: /^(Take it|It stands so)/ })
    await expect(take).toBeVisible()
    await proposal.getByRole('button', { name: 'Leave it' }).click()

    // The lock set is put late in the afternoon: the door would not lock by dark.
    await weekOf(page, (await placedOn(page))!)
    await own(page).getByRole('button', { name: /^D9/ }).click()
    const box = panel(page, 'D9 Fit and seal')
    await box.getByLabel('Day').fill('2026-12-14')
    await box.getByLabel('Begins at').fill('14:30')
    await box.getByRole('button', { name: 'Put it there' }).click()
    await expect(box.getByText(/The hole would not be closed by dark\. Not so from /)).toBeVisible()
    await expect(box.getByText(/It does not end before the crew goes home/)).toBeVisible()
    await expect(broken(page)).toBeVisible()
    // Shut for the night it may stay; taken back it is said again.
    await box.getByLabel(/^Shut by what/).fill('OSB on two battens')
    await box.getByRole('button', { name: 'Plan the closure' }).click()
    await expect(box.getByText('Shut for the night by: OSB on two battens')).toBeVisible()
    await expect(box.getByText(/The hole would not be closed by dark/)).toHaveCount(0)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(box.getByText(/The hole would not be closed by dark/)).toBeVisible()
    await weekOf(page, '2026-12-14')
    await expect(own(page)).toHaveAttribute('data-broken', 'true')
    await box.getByRole('button', { name: /^Put it to / }).click()
    await expect(broken(page)).toHaveCount(0)
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(broken(page)).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(broken(page)).toHaveCount(0)
    await allStored(page)
  })
})

/** The day on which D9 stands on the plan, by its calendar. */
async function placedOn(page: Page): Promise<string | null> {
  const links = await page
    .getByRole('link', { name: 'Calendar' })
    .evaluateAll(all => all.map(one => (one as HTMLAnchorElement).href))
  for (const link of links) {
    const text = await (await page.request.get(link)).text()
    const found = new RegExp(`UID:${D9}-work-1@harvek[\\s\\S]*?DTSTART:(\\d{4})(\\d{2})(\\d{2})`).exec(
      text.replaceAll(/\r?\n /g, ''),
    )
    if (found) return found.slice(1, 4).join('-')
  }
  return null
}

test('a task is carried to another day by its grip with keys, and by the mouse', async ({ page }) => {
  await open(page, '/plan')
  await weekOf(page, (await placedOn(page))!)
  // With keys: picked up, carried on to the next day of the same crew, put down.
  const grip = own(page).getByRole('button', { name: 'Move D9 Fit and seal' })
  await grip.focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(panel(page, 'D9 Fit and seal')).toBeVisible()
  await expect(panel(page, 'D9 Fit and seal').getByText(/fixed there/)).toBeVisible()
  await allStored(page)
  const moved = await placedOn(page)
  expect(moved).not.toBeNull()
  // By the mouse, onto a day of this week; the panel lies over the board no more.
  await panel(page, 'D9 Fit and seal').getByRole('button', { name: 'Close' }).click()
  await expect(panel(page, 'D9 Fit and seal')).toHaveCount(0)
  // Both in sight before: a page that scrolls under a pressed mouse drags what comes to lie there.
  await day(page, /^Loft crew, Thu /).evaluate(cell => cell.scrollIntoView({ block: 'center' }))
  await own(page)
    .getByRole('button', { name: /^D9/ })
    .dragTo(day(page, /^Loft crew, Thu /))
  await allStored(page)
  await expect(day(page, /^Loft crew, Thu /).locator(`[data-task="${D9}/work-1"]`)).toBeVisible()
  await page.reload()
  await ready(page)
  expect(new Date(`${(await placedOn(page))!}T00:00:00Z`).getUTCDay()).toBe(4)
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(one => [one.id, one.nodes.map(node => node.html.slice(0, 120))])).toEqual([])
})

test('where it may be loud only later in the day the plan keeps to it', async ({ page }) => {
  const loud = (from: string, to: string) =>
    test.step(`loud from ${from || 'any time'}`, async () => {
      await open(page, `/jobs/${demoJob('D9')}`)
      await page.getByText('Customer, address, visit, notes').click()
      const group = page.getByRole('group', { name: 'Loud and dusty work' })
      await group.getByLabel('Loud work not before').fill(from)
      await group.getByLabel('and done by').fill(to)
      await group.getByLabel('and done by').blur()
      return group
    })
  const group = await loud('11:00', '10:00')
  await expect(group.getByRole('alert')).toContainText('ends before it begins')
  await loud('10:00', '17:00')
  await allStored(page)
  await open(page, '/plan')
  await weekOf(page, (await placedOn(page))!)
  await own(page).getByRole('button', { name: /^D9/ }).click()
  const box = panel(page, 'D9 Fit and seal')
  await box.getByLabel('Begins at').fill('09:00')
  await box.getByRole('button', { name: 'Put it there' }).click()
  await expect(box.getByText(/It is loud, and beyond the hours/)).toBeVisible()
  await box.getByLabel('Begins at').fill('10:00')
  await box.getByRole('button', { name: 'Put it there' }).click()
  await expect(box.getByText(/It is loud/)).toHaveCount(0)
  await allStored(page)
  await loud('', '')
  await allStored(page)
})

test('a plan that did not come is asked for again', async ({ page }) => {
  await page.route('**/api/plan/board', route => route.abort())
  await open(page, '/plan')
  await expect(page.getByRole('alert').filter({ hasText: 'there is no signal' })).toBeVisible()
  await page.unroute('**/api/plan/board')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('heading', { name: 'On no day yet' })).toBeVisible()
})

test('what somebody else puts on the plan stands on it a few seconds later', async ({ page, browser }) => {
  await open(page, '/plan')
  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await open(other, '/plan')
  await weekOf(other, (await placedOn(other))!)
  await own(other).getByRole('button', { name: /^D9/ }).click()
  const box = panel(other, 'D9 Fit and seal')
  await box.getByLabel('Day').fill('2026-12-16')
  await box.getByLabel('Begins at').fill('09:15')
  await box.getByRole('button', { name: 'Put it there' }).click()
  await allStored(other)
  await weekOf(page, '2026-12-16')
  await expect(own(page)).toContainText('09:15', { timeout: 12_000 })
  await other.context().close()
})

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('a day is moved by touch, and the van is loaded box by box', async ({ page }) => {
    await open(page, '/plan')
    const date = (await placedOn(page))!
    await page.getByText('Week', { exact: true }).tap()
    await weekOf(page, date)
    await own(page).getByRole('button', { name: /^D9/ }).tap()
    await panel(page, 'D9 Fit and seal').getByLabel('Day').fill('2026-12-15')
    await panel(page, 'D9 Fit and seal').getByLabel('Begins at').fill('08:00')
    await panel(page, 'D9 Fit and seal').getByRole('button', { name: 'Put it there' }).tap()
    await allStored(page)
    expect(await placedOn(page)).toBe('2026-12-15')
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0)

    await open(page, '/days/2026-12-15')
    await expect(page.getByText('08:00')).toBeVisible()
    const tools = page.getByRole('list', { name: 'Tools' })
    const box = tools.getByRole('checkbox').first()
    await box.tap()
    await expect(box).toBeChecked()
    await page.getByText('Rain likely', { exact: true }).tap()
    await expect(page.getByText(/have what closes the hole ready/)).toBeVisible()
    await allStored(page)
    await page.reload()
    await ready(page)
    await expect(tools.getByRole('checkbox').first()).toBeChecked()
    await expect(page.getByText(/have what closes the hole ready/)).toBeVisible()
    const found = await new AxeBuilder({ page }).analyze()
    expect(found.violations.map(one => [one.id, one.nodes.map(node => node.html.slice(0, 120))])).toEqual([])
  })
})

test('a label opens its door’s page, scanned or typed', async ({ page }) => {
  await open(page, `/jobs/${demoJob('D9')}`)
  await page.getByText('Labels for the doors').click()
  await page.getByRole('combobox', { name: 'Sheet' }).selectOption('letter-2x5')
  await page.getByLabel('First label on the sheet').fill('99')
  const href = (await page.getByRole('link', { name: 'Labels, PDF' }).getAttribute('href'))!
  expect(href).toContain('sheet=letter-2x5&from=10')
  const pdf = await page.request.get(`${base()}${href}`)
  expect([pdf.status(), (await pdf.body()).subarray(0, 5).toString()]).toEqual([200, '%PDF-'])
  const none = await page.request.get(`${base()}${href.replace('letter-2x5', 'napkin')}`)
  expect([none.status(), (await none.json()).message]).toEqual([422, expect.stringContaining('no such sheet')])
  const code = D9.slice(-8)
  await open(page, `/l/${code}`)
  expect(page.url()).toContain(`/openings/${D9}/`)
  await open(page, `/openings?q=${code.slice(0, 4).toUpperCase()}-${code.slice(4).toUpperCase()}`)
  await expect(page.getByRole('link', { name: /Washroom, lock set/ })).toBeVisible()
  // Two of its signs are no code: a tag finds its own door, and none whose id holds the same signs.
  const found = await (await page.request.get(`${base()}/api/openings?q=D9`)).text()
  expect([...found.matchAll(/"tag":"(\w+)"/g)].map(([, tag]) => tag)).toEqual(['D9'])
  expect((await page.request.get(`${base()}/l/ffff-ffff`)).status()).toBe(404)
})
