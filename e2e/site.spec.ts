import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type BrowserContext, chromium, expect, type Page, test } from '@playwright/test'
import { DOORS } from '../src/core/doors/doors'
import { ladderFor } from '../src/core/survey/survey-of'
import { signMember } from '../src/server/sign'
import { CHROMIUM } from '../tools/chromium.mjs'
import { doStep } from './test/fitting'
import { addMember, removeMembers, secret } from './test/foreign'
import {
  allStored,
  base,
  demoJob,
  demoOpening,
  field,
  newOpening,
  open,
  openingId,
  ready,
  stage,
  typeReadings,
  walk,
} from './test/harvek'
import { type SiteLine, startLine } from './test/line'
import { phonePhoto } from './test/photo'
import { readings } from './test/readings'

// A day on site without signal: what was taken along is worked on, the browser is killed, and everything is stored once when the signal is back.

let line: SiteLine
const direct = base()
test.beforeAll(async () => {
  line = await startLine(direct)
  process.env.HARVEK_BASE = line.address
})
test.afterAll(async () => {
  process.env.HARVEK_BASE = direct
  await line.stop()
})

/** A tablet: a browser whose disk outlives it. */
const tablet = (folder: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(folder, {
    ...CHROMIUM,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    serviceWorkers: 'allow',
  })

/** Ends it between one moment and the next, as a flat battery does. */
function kill(folder: string): void {
  execFileSync('pkill', ['-9', '-f', `user-data-dir=${folder}`])
}

const hasWorker = (page: Page) =>
  expect
    .poll(() => page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state), {
      timeout: 30_000,
    })
    .toBe('activated')

async function takeAlong(page: Page, job: string): Promise<void> {
  await open(page, job)
  await hasWorker(page)
  await page.getByRole('button', { name: /^Take this job along/ }).click()
  await expect(page.getByText(/^Here since/)).toBeVisible({ timeout: 60_000 })
}

async function takePhotos(page: Page, count: number): Promise<void> {
  const choosing = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose photos' }).click()
  const buffer = await phonePhoto()
  const files = Array.from({ length: count }, (_, i) => ({ name: `p${i}.jpg`, mimeType: 'image/jpeg', buffer }))
  await (await choosing).setFiles(files)
  await expect(page.locator('[data-photo] a[data-waits] img')).toHaveCount(count)
}

/** What the store has of an opening. */
const rowsOf = async (page: Page, id: string) => (await page.request.get(`${direct}/api/openings/${id}/rows`)).json()
const ids = (rows: readonly { readonly id: string }[]) => rows.map(one => one.id)

test('a day without signal, its browser killed: survey, photos, steps, a new opening, a wish are stored once, by themselves', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'harvek-tablet-'))
  let context = await tablet(folder)
  let [page] = context.pages() as [Page]
  const way = 'trim-off'
  const questions = ladderFor(DOORS['hinged-outside'].survey, way)
  expect(questions.length).toBeGreaterThanOrEqual(26)

  await newOpening(page, `Cellar ${Date.now()}`, 'Coal door', 'Stud to stud')
  const own = openingId(page.url())
  const job = await page.locator('a.job').getAttribute('href')
  await takeAlong(page, job!)
  const D4 = demoOpening('D4')
  await takeAlong(page, `/jobs/${demoJob('D4')}`)
  const noted = (await rowsOf(page, D4)).log.length

  line.goes('refused')
  await page.goto(`${base()}/openings/${own}/measure`)
  await field(page).waitFor()
  await walk(page, questions.slice(0, 20), readings(way))
  await expect(page.getByRole('complementary', { name: 'What is stored' })).toContainText('20 kept on this device')

  // The battery is flat right after a key.
  kill(folder)
  await context.close().catch(() => undefined)
  context = await tablet(folder)
  ;[page] = context.pages() as [Page]
  await page.goto(`${base()}/openings/${own}/measure`)
  await expect(page.getByText(`20 of ${questions.length} read`)).toBeVisible()
  await expect(field(page)).toBeFocused()
  await walk(page, questions, readings(way), 20)
  await takePhotos(page, 3)
  await stage(page, 'Specify')
  await page.getByText('Double', { exact: true }).click()
  await expect(page.getByRole('radio', { name: 'Double' })).toBeChecked()

  await page.goto(`${base()}/openings/${D4}/fit`)
  await page.getByRole('button', { name: /^Lead me/ }).click()
  const dialog = page.getByRole('dialog')
  for (let step = 0; step < 5; step++) await doStep(dialog)

  await page.goto(`${base()}${job}`)
  await page.getByRole('textbox', { name: 'Name' }).fill('Ash door')
  await page.getByRole('button', { name: 'Add and measure' }).click()
  await expect(page.getByRole('heading', { name: /Ash door/ })).toBeVisible()
  const added = openingId(page.url())
  await typeReadings(page, [
    ['Fall of the sill', '0'],
    ['Width, bottom', '36'],
  ])

  line.goes('there')
  await allStored(page)
  const first = await rowsOf(page, own)
  expect([first.readings.length + first.answers.length, first.photos.length]).toEqual([questions.length, 3])
  expect(first.edits.wishes.data.bore).toBe('double')
  expect((await rowsOf(page, D4)).log.length).toBe(noted + 5)
  expect((await rowsOf(page, added)).readings.length).toBe(2)
  for (const rows of [first.readings, first.answers, first.photos]) expect(new Set(ids(rows)).size).toBe(rows.length)

  // Nothing is sent a second time.
  await page.goto(`${base()}/openings/${own}/measure`)
  await ready(page)
  await allStored(page)
  expect((await rowsOf(page, own)).readings.length).toBe(first.readings.length)
  await context.close()
  rmSync(folder, { recursive: true, force: true })
})

test('another member on the same tablet sees and sends nothing of what waits; papers and the list are there without signal', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'harvek-tablet-'))
  const context = await tablet(folder)
  const [page] = context.pages() as [Page]
  const bar = page.getByRole('complementary', { name: 'What is stored' })
  await newOpening(page, `Shared ${Date.now()}`, 'Malt loft', 'Stud to stud')
  const own = openingId(page.url())
  await takeAlong(page, (await page.locator('a.job').getAttribute('href'))!)

  line.goes('refused')
  await page.goto(`${base()}/`)
  await expect(page.getByRole('heading', { name: 'Taken along' })).toBeVisible()
  await page.getByRole('link', { name: /Malt loft/ }).click()
  await typeReadings(page, [['Fall of the sill', '0']])
  await expect(bar).toContainText('1 kept on this device')
  const paper = await page.evaluate(
    async path => (await fetch(path)).headers.get('content-type'),
    `/api/openings/${own}/measure.pdf`,
  )
  expect(paper).toBe('application/pdf')
  await page.goto(`${base()}/catalogue`)
  await expect(page.getByRole('heading', { name: 'Not taken along' })).toBeVisible()

  // Somebody else is signed in when there is signal again; what waits is not theirs.
  const other = await addMember('installer')
  const { hostname } = new URL(base())
  const value = signMember(other, secret())
  await page.goto('about:blank')
  await context.addCookies([{ name: 'harvek-member', value, domain: hostname, path: '/' }])
  line.goes('there')
  await open(page, `/openings/${own}/measure`)
  await allStored(page)
  expect((await rowsOf(page, own)).readings).toEqual([])
  line.goes('refused')
  await page.goto(`${base()}/openings/${own}/fit`)
  await expect(page.getByRole('heading', { name: 'Not taken along' })).toBeVisible()
  line.goes('there')
  await context.clearCookies()
  await open(page, '/jobs')
  await allStored(page)
  expect((await rowsOf(page, own)).readings).toHaveLength(1)
  await context.close()
  await removeMembers([other])
  rmSync(folder, { recursive: true, force: true })
})

test('a slow line is waited for where nothing lies here, but not where a copy does; what was not there opens by itself', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'allow' })
  const page = await context.newPage()
  await newOpening(page, `Slow ${Date.now()}`, 'Kiln room', 'Stud to stud')
  const sheet = page.url()
  await takeAlong(page, (await page.locator('a.job').getAttribute('href'))!)

  line.goes('hangs')
  await page.goto(sheet)
  await expect(field(page)).toBeVisible()
  await page.goto(`${base()}/catalogue`)
  await expect(page.getByRole('heading', { name: 'Not taken along' })).toBeVisible()
  await expect(page.getByRole('complementary', { name: 'What is stored' })).toContainText('No signal')
  // What hung before is given up, and keeps nobody.
  line.goes('there')
  await expect(page.getByRole('heading', { name: 'Catalogue', level: 1 })).toBeVisible()
  await page.goto('about:blank')
  line.goes('refused')
  line.goes('slow')
  await page.goto(`${base()}/orders`)
  await expect(page.getByRole('heading', { name: 'Orders', level: 1 })).toBeVisible({ timeout: 60_000 })
  line.goes('there')
  await context.close()
})

test('a full disk says so and asks before the page is left; nothing is lost, and nothing asks once all is stored', async ({
  page,
}) => {
  await newOpening(page, `Full ${Date.now()}`, 'Packing room', 'Stud to stud')
  await page.addInitScript(() => {
    const full = () => {
      throw new DOMException('There is no room.', 'QuotaExceededError')
    }
    Object.assign(IDBObjectStore.prototype, { put: full, add: full })
  })
  await page.reload()
  await ready(page)
  const asking: string[] = []
  let isLeft = false
  page.on('dialog', one => {
    asking.push(one.type())
    void (isLeft ? one.accept() : one.dismiss())
  })
  const leave = () => page.evaluate(() => location.reload())
  line.goes('refused')
  await typeReadings(page, [['Fall of the sill', '0']])
  const bar = page.getByRole('complementary', { name: 'What is stored' })
  await expect(bar).toContainText('This browser keeps nothing: what you did last stands on this page alone.')
  await leave().catch(() => undefined)
  await expect.poll(() => asking).toEqual(['beforeunload'])
  await expect(bar).toContainText('stands on this page alone')
  line.goes('there')
  await bar.getByRole('button', { name: 'Send now' }).click()
  await allStored(page)
  expect((await rowsOf(page, openingId(page.url()))).readings).toHaveLength(1)
  isLeft = true
  await page.reload()
  await ready(page)
  expect(asking).toEqual(['beforeunload'])
})

test('what both changed while one had no signal stands with both sides and who it was, and nothing of either is lost', async ({
  page,
  browser,
}) => {
  await newOpening(page, `Clash ${Date.now()}`, 'Sail loft', 'The leaf itself')
  await stage(page, 'Specify')
  const office = await browser.newPage()
  await open(office, '/')
  await Promise.all([
    office.waitForEvent('load'),
    office.getByLabel('In the demo, go on as').selectOption({ label: 'Hester Quill, office' }),
  ])
  line.goes('refused')
  await page.getByText('Right', { exact: true }).click()
  await page.getByText('Double', { exact: true }).click()
  await expect(page.getByRole('complementary', { name: 'What is stored' })).toContainText('1 kept on this device')
  await page.route('**/api/sync', route => route.abort())
  line.goes('there')
  await office.goto(page.url().replace(/measure$/, 'specify'))
  await ready(office)
  await office.getByText('Left', { exact: true }).click()
  await allStored(office)
  await page.unroute('**/api/sync')
  const clash = page.getByRole('alert', { name: 'Changed twice' })
  await expect(clash).toContainText('Hester Quill changed the same in the meantime', { timeout: 30_000 })
  await expect(clash).toContainText('Hinge side')
  await page.reload()
  await expect(clash).toContainText('Hester Quill changed the same in the meantime')
  await clash.getByRole('button', { name: 'Keep yours' }).click()
  await allStored(page)
  await expect(page.getByRole('radio', { name: 'Right' })).toBeChecked()
  await expect(page.getByRole('radio', { name: 'Double' })).toBeChecked()
  await office.close()
})

test('what somebody else reads, wants and photographs is on the sheet by itself, and moves nothing that is typed', async ({
  page,
  browser,
}) => {
  await newOpening(page, `Two at one door ${Date.now()}`, 'Ice house', 'Stud to stud')
  const other = await browser.newPage()
  await open(other, new URL(page.url()).pathname)
  await field(page).fill('1/3')
  await other.locator('[data-slot="wall.left"]').click()
  await field(other).fill('4 1/2')
  await field(other).press('Enter')
  await expect(page.locator('[data-slot="wall.left"]')).toContainText('4 1/2', { timeout: 4000 })
  await expect(field(page)).toHaveValue('1/3')
  await stage(other, 'Specify')
  await other.getByText('Double', { exact: true }).click()
  await allStored(other)
  await stage(page, 'Specify')
  await expect(page.getByRole('radio', { name: 'Double' })).toBeChecked({ timeout: 4000 })
  await other.close()
})

test('one search finds jobs, customers, orders and openings; the bell says what happened since one looked', async ({
  page,
}) => {
  await open(page, '/')
  await page.keyboard.press('/')
  await page.getByLabel('Find an opening').fill('fenn')
  await expect(page.getByRole('list', { name: 'Jobs' })).toContainText('Orla Fenn')
  await page.getByLabel('Find an opening').fill('H-0004')
  await expect(page.getByRole('list', { name: 'Orders' }).getByRole('link')).toHaveCount(1)
  await page.route('**/api/news*', route =>
    route.fulfill({
      json: [{ kind: 'answered', at: '2026-11-20T08:00:00.000Z', id: 'x', number: 'H-0004', maker: 'Tern & Wicket' }],
    }),
  )
  await open(page, '/jobs')
  const bell = page.getByRole('button', { name: 'News: 1 new' })
  await bell.click()
  await expect(page.getByRole('region', { name: 'News' })).toContainText('Tern & Wicket answered on order H-0004')
  await page.getByRole('button', { name: /^News/ }).click()
  await expect(page.getByRole('button', { name: 'News: nothing new' })).toBeVisible()
})

test('a device whose clock is an hour ahead goes by the server’s, and says so', async ({ page }) => {
  await page.clock.install({ time: new Date(Date.now() + 3_600_000) })
  await newOpening(page, `Clock ${Date.now()}`, 'Sail bench', 'The leaf itself')
  await typeReadings(page, [['Width, bottom', '36']])
  await allStored(page)
  await expect(page.getByRole('complementary', { name: 'What is stored' })).toContainText('clock is 1 h ahead')
  await page.reload()
  await ready(page)
  await typeReadings(page, [['Width, middle', '36']])
  await allStored(page)
  const { readings: rows } = await rowsOf(page, openingId(page.url()))
  for (const one of rows) expect(Math.abs(Date.parse(one.takenAt) - Date.now())).toBeLessThan(15 * 60_000)
})
