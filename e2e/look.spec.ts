import { execFileSync } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type BrowserContext, chromium, expect, type Page, test } from '@playwright/test'
import { STAGES } from '../src/core/base/stages'
import { STAGE_NAMES } from '../src/words/names'
import { CHROMIUM } from '../tools/chromium.mjs'
import { type Boxes, boxesOf } from './test/boxes'
import {
  allStored,
  DEMO_JOB,
  demoJob,
  demoOpening,
  expectAccessible,
  field,
  newOpening,
  open,
  ready,
  stage,
} from './test/harvek'

// Every box of every page, measured: nothing is cut, covered or too small, no figure stands on another, nothing runs out of its window, and what can
// be tapped is as large as a finger; at a laptop's, a tablet's and a phone's size, with text as it ships and half as large again.

const SIZES = [
  [1280, 800],
  [1024, 768],
  [768, 1024],
  [390, 664],
] as const
/** One opening of each kind, the lock set and the doors that stay. */
const KINDS = {
  'a hinged unit': 'A1',
  'a pair': 'C5',
  sidelights: 'C6',
  'a storm door': 'A6',
  'a slider': 'C1',
  'a steel leaf': 'B2',
  'a steel frame': 'B3',
  'an inside door': 'D8',
  'a lock set': 'C3',
  'an old door': 'C4',
  'an old pair': 'C7',
}
const PAGES = [
  '/',
  '/jobs',
  `/jobs/${DEMO_JOB}`,
  `/jobs/${demoJob('D1')}`,
  '/openings',
  '/orders',
  '/plan',
  '/days/2026-11-27',
  '/due',
  '/figures',
  '/catalogue',
  '/firm',
  '/practice',
  '/nowhere',
]
const NOTHING: Boxes = { wide: [], cut: [], small: [], low: [], figures: [], covered: [] }

/** A browser with touch whose text is so large, as somebody set it. */
const browserWith = (textPx: number): Promise<BrowserContext> =>
  chromium.launchPersistentContext(mkdtempSync(join(tmpdir(), 'harvek-look-')), {
    ...CHROMIUM,
    args: [...CHROMIUM.args, `--blink-settings=defaultFontSize=${textPx}`],
    serviceWorkers: 'block',
    hasTouch: true,
  })

const isFine = (boxes: Boxes): boolean => JSON.stringify(boxes) === JSON.stringify(NOTHING)

async function wrongAt(page: Page, isTouched = true): Promise<Readonly<Record<string, unknown>>> {
  const wrong: Record<string, unknown> = {}
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    let boxes = await boxesOf(page, isTouched)
    // A window that was just made another size may still be moving things to their places.
    for (let i = 0; i < 6 && !isFine(boxes); i++) {
      await page.waitForTimeout(250)
      boxes = await boxesOf(page, isTouched)
    }
    if (!isFine(boxes))
      wrong[`${width} × ${height}`] = Object.fromEntries(Object.entries(boxes).filter(([, all]) => all.length > 0))
  }
  return wrong
}

for (const [text, textPx] of [
  ['text as it ships', 16],
  ['text half as large again', 24],
] as const)
  test.describe(`with ${text}`, () => {
    let browser: BrowserContext
    let page: Page
    test.beforeAll(async () => {
      browser = await browserWith(textPx)
      page = browser.pages()[0] ?? (await browser.newPage())
    })
    test.afterAll(() => browser.close())
    test('every page stands as it should', async () => {
      for (const path of PAGES) {
        await page.setViewportSize({ width: 1280, height: 800 })
        await open(page, path)
        expect(await page.evaluate(() => getComputedStyle(document.documentElement).fontSize)).toBe(`${textPx}px`)
        if (textPx === 16) await expectAccessible(page)
        expect([path, await wrongAt(page)]).toEqual([path, {}])
      }
    })
    for (const [name, tag] of Object.entries(KINDS))
      test(`every stage of ${name} stands as it should (${tag})`, async () => {
        await page.setViewportSize({ width: 1280, height: 800 })
        await open(page, `/openings/${demoOpening(tag)}/measure`)
        for (const one of STAGES) {
          await page.setViewportSize({ width: 1280, height: 800 })
          await stage(page, STAGE_NAMES[one])
          await ready(page)
          expect([one, await wrongAt(page)]).toEqual([one, {}])
          // As it stands on a phone: the first stage of every kind, and all of one.
          if (textPx === 16 && (one === 'measure' || tag === 'A1')) await expectAccessible(page)
        }
      })
  })

test('names of eighty letters without a space, from the right and with accents stay in their places, and a paste of a thousand signs is refused whole', async ({
  page,
}) => {
  const long = `Kesselbrunnerhofstiegentreppenhausgelaender${'w'.repeat(37)}`
  await newOpening(page, long, long.slice(0, 60), null, 'Millimetres', 'Seal only')
  const sheet = new URL(page.url()).pathname
  await field(page).fill('1'.repeat(1000))
  await field(page).press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'length' })).toBeVisible()
  await expect(field(page)).toHaveValue('1'.repeat(1000))
  await field(page).fill('')
  const job = await page.locator('a.job').getAttribute('href')
  await open(page, job!)
  await page.getByText('Customer, address, visit, notes').click()
  const customer = page.getByLabel('Customer', { exact: true })
  await customer.fill('נור אל-הודא בת־שבע 12 · Zażółć Ðặng')
  await customer.blur()
  await allStored(page)
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.getByText('נור אל-הודא בת־שבע 12 · Zażółć Ðặng').first()).toBeVisible()
  for (const path of [job!, '/', '/jobs', '/openings', sheet, sheet.replace('measure', 'handover')]) {
    await page.setViewportSize({ width: 1280, height: 800 })
    await open(page, path)
    expect([path, await wrongAt(page, false)]).toEqual([path, {}])
  }
})

test('every page has a view for paper: its heading and what it says, page numbers, and nothing one does', async ({
  page,
}) => {
  const sheets = ['measure', 'order', 'seal'].map(one => `/openings/${demoOpening('A1')}/${one}`)
  for (const path of [...PAGES, ...sheets]) {
    await page.emulateMedia({ media: 'screen' })
    await open(page, path)
    const heading = await page.getByRole('heading', { level: 1 }).first().textContent()
    await page.emulateMedia({ media: 'print' })
    const done = page.locator('header nav, header button, aside[data-line], form, main button[data-rac]')
    expect([path, await done.filter({ visible: true }).count()]).toEqual([path, 0])
    // As wide as a sheet of A4 between its margins: a wider page would be printed smaller, or cut.
    await page.setViewportSize({ width: 703, height: 1000 })
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(704)
    await page.setViewportSize({ width: 1280, height: 800 })
    const file = join(tmpdir(), `harvek-print-${process.pid}.pdf`)
    await page.pdf({ path: file, format: 'A4' })
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).replace(/\s+/g, ' ')
    expect([path, text.includes((heading ?? '').replace(/\s+/g, ' '))]).toEqual([path, true])
    expect([path, /1 of \d/.test(text)]).toEqual([path, true])
  }
})

test.describe('the light', () => {
  for (const [scheme, light] of [
    ['dark', 'cellar'],
    ['light', 'paper'],
  ] as const)
    test(`of a device set to ${scheme} is there before anything is painted`, async ({ page }) => {
      await page.emulateMedia({ colorScheme: scheme })
      // Without any of the page's scripts but the one that stands in it.
      await page.route('**/_next/**', route => route.abort())
      await page.goto(`${process.env.HARVEK_BASE}/jobs`)
      expect(await page.evaluate(() => document.documentElement.dataset.light)).toBe(light)
    })
  test('that was chosen stays, and the device’s comes back when it is asked for', async ({ page }) => {
    const light = () => page.evaluate(() => document.documentElement.dataset.light)
    await page.emulateMedia({ colorScheme: 'dark' })
    await open(page, '/jobs')
    await page.getByLabel('Light').selectOption('sun')
    expect(await light()).toBe('sun')
    await page.reload()
    await ready(page)
    expect(await light()).toBe('sun')
    await page.getByLabel('Light').selectOption('device')
    expect(await light()).toBe('cellar')
    await page.emulateMedia({ colorScheme: 'light' })
    await expect.poll(light).toBe('paper')
  })
})

test('going back walks the stages that were shown, and forth again', async ({ page }) => {
  const at = (stage: string) => expect(page).toHaveURL(new RegExp(`/${stage}$`))
  await open(page, `/jobs/${DEMO_JOB}`)
  await open(page, `/openings/${demoOpening('A1')}/measure`)
  await stage(page, 'Specify')
  await at('specify')
  await stage(page, 'Fit')
  await at('fit')
  await page.goBack()
  await at('specify')
  await expect(page.getByRole('heading', { name: 'What is wanted' })).toBeVisible()
  await page.goBack()
  await at('measure')
  await expect(page.locator('section[aria-label="Reading now"]')).toBeVisible()
  await page.goForward()
  await expect(page.getByRole('heading', { name: 'What is wanted' })).toBeVisible()
  await page.reload()
  await ready(page)
  await at('specify')
  await page.goBack()
  await page.goBack()
  await expect(page).toHaveURL(new RegExp(`/jobs/${DEMO_JOB}$`))
})

test('a drawing is looked at closer by wheel, keys and buttons, is dragged, and what is tapped on it is still taken', async ({
  page,
}) => {
  await open(page, `/openings/${demoOpening('A3')}/measure`)
  const drawing = page.locator('svg[data-scene="elevation"]')
  const frame = drawing.locator('xpath=../..')
  const view = () => drawing.locator('> g').getAttribute('transform')
  expect(await view()).toBeNull()
  await drawing.hover()
  await frame.getByRole('button', { name: 'Enlarge the drawing' }).click()
  expect(await view()).toMatch(/scale\(1\.400\)/)
  const box = (await drawing.boundingBox())!
  await page.keyboard.down('Control')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.wheel(0, -200)
  await page.keyboard.up('Control')
  await expect.poll(view).toMatch(/scale\(3\.8/)
  const before = await view()
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2 + 40, { steps: 4 })
  await page.mouse.up()
  expect(await view()).not.toBe(before)
  // What was dragged was not tapped; what is tapped is taken.
  await frame.getByRole('button', { name: 'The whole drawing' }).click()
  expect(await view()).toBeNull()
  const figure = (await page.locator('[data-id="trim-off/widths.top"] text').boundingBox())!
  await page.mouse.click(figure.x + figure.width / 2, figure.y + figure.height / 2)
  await expect(page.locator('[data-slot="trim-off/widths.top"]')).toHaveAttribute('aria-current', 'true')
  await page.locator('g[data-id="trim-off/widths.top"][role=button]').focus()
  await page.keyboard.press('+')
  expect(await view()).toMatch(/scale\(1\.400\)/)
  await page.keyboard.press('0')
  expect(await view()).toBeNull()
})
