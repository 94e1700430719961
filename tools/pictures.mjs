// @ts-check
// Takes docs/screenshots anew from fresh demo data: one picture of each main view.
import { mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import sharp from 'sharp'
import { ensureBuild, ensureData, startApplication } from './application.mjs'
import { root } from './bundle.mjs'
import { CHROMIUM } from './chromium.mjs'
import { freePort, startDatabase } from './database.mjs'
import { ensureBrowser } from './install.mjs'
import { runMain } from './say.mjs'

const LARGE = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

/** Name, opening's tag or path, stage, size, and what to click first.
 * @type {readonly (readonly [name: string, where: string, stage: string, size: { width: number, height: number }, click?: string, see?: string])[]} */
const PICTURES = [
  ['1-today', '/', '', LARGE],
  ['2-job', 'job', '', LARGE],
  ['18-plan', '/plan', '', LARGE, '[aria-label="The week after"]'],
  ['van-list', '/days/2026-11-30', '', PHONE],
  ['3-measure', 'A3', 'measure', LARGE, '[data-severity=correct]'],
  ['4-diagnose', 'A1', 'diagnose', LARGE],
  ['5-specify', 'A2', 'specify', LARGE, '[aria-label="Why Unit height?"]'],
  ['6-order', 'C1', 'order', LARGE],
  ['7-fit', 'A1', 'fit', LARGE, '[data-shim="hinge.bottom"]'],
  ['8-seal', 'C4', 'seal', LARGE],
  ['9-hand-over', 'A5', 'handover', LARGE],
  ['keypad', 'A3', 'measure', PHONE, '[aria-label="Keypad"]'],
  ['12-order', 'order of B3', '', LARGE],
  ['13-firm', '/firm', '', LARGE],
  ['14-receive', 'order of B3', '', LARGE, 'text=Receive B3', '[aria-label="Looked at now"]'],
  ['16-figures', '/figures', '', LARGE],
  ['11-practice', '/practice', '', LARGE, 'text=Width, bottom'],
]

const BETWEEN = 20

/** Two pictures of a phone as one, beside each other. @param {Buffer} left @param {Buffer} right @param {string} path */
async function putBeside(left, right, path) {
  const input = [left, right].map((one, i) => ({ input: one, left: i * (PHONE.width + BETWEEN), top: 0 }))
  const size = { width: PHONE.width * 2 + BETWEEN, height: PHONE.height }
  await sharp({ create: { ...size, channels: 3, background: '#ffffff' } })
    .composite(input)
    .png()
    .toFile(path)
}

/** A new installation: what it asks once, and where one signs in from then on. @param {import('@playwright/test').Page} page @param {string} target */
async function takeFirstRun(page, target) {
  const folder = mkdtempSync(join(tmpdir(), 'harvek-first-'))
  const database = await startDatabase(folder)
  await ensureData(database.url, false)
  const application = await startApplication(await freePort(), database.url, folder, { isDemo: false })
  try {
    const shown = async (/** @type {string} */ path) => {
      await page.goto(`${application.address}${path}`)
      await page.locator('html[data-hydrated]').waitFor()
      return page.screenshot()
    }
    const first = await shown('/')
    const firm = { firm: 'Larkspur Door & Frame', unit: 'in', currency: 'USD', paper: 'letter', timeZone: null }
    const owner = { name: 'Ida Marlow', email: 'ida@larkspur.example', password: 'as long as it must be' }
    const data = { ...firm, ...owner, withDemo: false }
    const started = await fetch(`${application.address}/api/start`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(data),
    })
    if (!started.ok) throw new Error(`The firm was not started: ${await started.text()}`)
    await putBeside(first, await shown('/'), join(target, '19-first-run.png'))
  } finally {
    await application.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}

/** What a customer sees by their link: units side by side in their own opening. @param {import('@playwright/test').Page} page @param {string} address @param {string} target */
async function takeOffer(page, address, target) {
  await page.setViewportSize(LARGE)
  await page.goto(address)
  await page.locator('html[data-hydrated]').waitFor()
  await page.getByText('Let the customer choose and sign').click()
  await page.getByRole('button', { name: 'Make a link' }).click()
  const link = await page.locator('input[data-link]').inputValue()
  await page.goto(link)
  await page.locator('[data-choice]').first().waitFor()
  await page.locator('[role="group"] button').nth(1).click()
  await page.waitForTimeout(400)
  await page.screenshot({ path: join(target, '15-offer.png') })
}

/** A sheet without signal: what was read is kept, and the bar says so. @param {import('@playwright/test').Page} page @param {string} address @param {string} target */
async function takeOffline(page, address, target) {
  await page.setViewportSize(LARGE)
  await page.goto(address)
  await page.locator('html[data-hydrated]').waitFor()
  await page.context().setOffline(true)
  await page.locator('[data-slot="wall.left"]').click()
  await page.locator('section[aria-label="Reading now"] input[enterkeyhint]').fill('4 9/16')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Look', exact: true }).click()
  await page.waitForTimeout(400)
  await page.screenshot({ path: join(target, '17-no-signal.png') })
  await page.context().setOffline(false)
}

async function main() {
  ensureBrowser({ mariadbd: 'mariadb-server' })
  await ensureBuild()
  const folder = mkdtempSync(join(tmpdir(), 'harvek-pictures-'))
  const database = await startDatabase(folder)
  await ensureData(database.url)
  const application = await startApplication(await freePort(), database.url, folder)
  const browser = await chromium.launch(CHROMIUM)
  try {
    const target = join(root, 'docs/screenshots')
    for (const old of readdirSync(target)) rmSync(join(target, old))
    const here = { locale: 'en-GB', timezoneId: 'UTC' }
    const desk = await browser.newPage(here)
    const phone = await browser.newPage({ ...here, viewport: PHONE, hasTouch: true, isMobile: true })
    const found = await (await fetch(`${application.address}/api/openings`)).json()
    /** @type {Record<string, { id: string, jobId: string }>} */
    const openings = Object.fromEntries(found.openings.map((/** @type {{ tag: string }} */ one) => [one.tag, one]))
    const listed = await (await fetch(`${application.address}/orders`)).text()
    /** @type {Record<string, string>} */
    const orders = {}
    for (const [, id] of listed.matchAll(/\/orders\/([0-9a-f-]{36})/g)) {
      const view = await (await fetch(`${application.address}/api/orders/${id}`)).json()
      orders[view.order.lines[0].opening.tag] = id ?? ''
    }
    const pathOf = (/** @type {string} */ where, /** @type {string} */ stage) => {
      if (where.startsWith('order of')) return `/orders/${orders[where.slice(9)]}`
      if (where.startsWith('job')) return `/jobs/${openings[where.slice(7) || 'A1']?.jobId}`
      return openings[where] ? `/openings/${openings[where].id}/${stage}` : where
    }
    /** @type {Record<string, Buffer>} */
    const phones = {}
    for (const [name, where, stage, size, click, see] of PICTURES) {
      const page = size === PHONE ? phone : desk
      if (page === desk) await page.setViewportSize(size)
      await page.goto(`${application.address}${pathOf(where, stage)}`)
      await page.locator('html[data-hydrated]').waitFor()
      if (click) await page.locator(click).first().click()
      if (see)
        await page
          .locator(see)
          .first()
          .evaluate(one => scrollTo(0, one.getBoundingClientRect().top + scrollY - 150))
      await page.waitForTimeout(700)
      if (page === phone) phones[name] = await page.screenshot()
      else await page.screenshot({ path: join(target, `${name}.png`) })
    }
    const { keypad, 'van-list': vanList } = phones
    if (keypad && vanList) await putBeside(keypad, vanList, join(target, '10-phone.png'))
    await takeFirstRun(phone, target)
    await takeOffline(desk, `${application.address}${pathOf('A3', 'measure')}`, target)
    await takeOffer(desk, `${application.address}${pathOf('C5', 'order')}`, target)
  } finally {
    await browser.close()
    await application.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}

await runMain(main)
