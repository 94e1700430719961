// @ts-check
import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import { Worker } from 'node:worker_threads'
import { chromium } from '@playwright/test'
import { ask } from './ask.mjs'
import { CHROMIUM } from './chromium.mjs'

/** @typedef {(name: string, value: number, unit: string, aim: number, way: 'above' | 'below') => void} Report */

const TIMES = 20
const PEOPLE = 50
/** A page and what it brings after it. */
export const PLAN = /** @type {const} */ (['the plan', '/plan', '/api/plan/board'])
const PAUSE_MS = 5000
const ROUNDS = 5
const MB = 1024 * 1024

/** A firm twenty times the demo's: Today of fifty people who look at it now and then. @param {string} address @param {Report} report */
export async function benchToday(address, report) {
  const html = await (await fetch(`${address}/jobs`)).text()
  const jobs = [...new Set([...html.matchAll(/\/jobs\/([0-9a-f-]{36})/g)].map(([, id]) => id ?? ''))]
  for (let i = 1; i < TIMES; i++)
    for (const job of jobs) await ask(`${address}/api/jobs/${job}/copy`, JSON.stringify({ id: randomUUID() }))
  for (const [name, ...paths] of [['Today', '/'], PLAN])
    report(
      `${name} of the demo × ${TIMES}, ${PEOPLE} people with pauses, p95`,
      await p95Of(paths.map(path => address + path)),
      'ms',
      250,
      'below',
    )
}

/** Looks at a page with what it brings after it. @param {readonly string[]} urls */
export async function look(urls) {
  for (const url of urls) await ask(url)
}

/** How long a page with what it brings after it takes whom it takes long, of fifty people who look at it now and then. @param {readonly string[]} urls */
async function p95Of(urls) {
  for (let i = 0; i < 3; i++) await look(urls)
  /** @type {number[]} */
  const times = []
  await Promise.all(
    Array.from({ length: PEOPLE }, async (_, one) => {
      await new Promise(resolve => setTimeout(resolve, (one * PAUSE_MS) / PEOPLE))
      for (let round = 0; round < ROUNDS; round++) {
        const start = performance.now()
        await look(urls)
        times.push(performance.now() - start)
        await new Promise(resolve => setTimeout(resolve, PAUSE_MS))
      }
    }),
  )
  times.sort((a, b) => a - b)
  return times[Math.floor(times.length * 0.95)] ?? 0
}

/** A desk and a phone. */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]

/** How much of a page moves by itself while it loads. @param {string} address @param {string[]} paths @param {Report} report */
export async function benchShift(address, paths, report) {
  const browser = await chromium.launch(CHROMIUM)
  try {
    for (const [path, viewport] of paths.flatMap(one => SIZES.map(size => /** @type {const} */ ([one, size])))) {
      const page = await browser.newPage({ viewport })
      await page.addInitScript(() => {
        const seen = /** @type {any} */ (window)
        seen.shifted = 0
        new PerformanceObserver(list => {
          for (const one of /** @type {any[]} */ (list.getEntries())) if (!one.hadRecentInput) seen.shifted += one.value
        }).observe({ type: 'layout-shift', buffered: true })
      })
      await page.goto(address + path)
      await page.locator('html[data-hydrated]').waitFor()
      await page.waitForTimeout(1500)
      const shifted = await page.evaluate(() => /** @type {any} */ (window).shifted)
      report(`layout shift of ${path.replace(/[0-9a-f-]{36}/, '…')}, ${viewport.width} px`, shifted, '', 0.05, 'below')
      await page.close()
    }
  } finally {
    await browser.close()
  }
}

/** Bodies within the limits that cost most to read, and how long nobody else is answered meanwhile.
 * @param {string} address @param {Report} report */
export async function benchStalls(address, report) {
  /** @type {Record<string, readonly [path: string, body: string]>} */
  const bodies = {
    'brackets, 1 MB': ['/api/jobs', `${'['.repeat(MB / 2 - 8)}${']'.repeat(MB / 2 - 8)}`],
    'empty parts, 2 MB': ['/api/sync', `{"items":[${'{},'.repeat((2 * MB) / 3 - 20)}{}]}`],
    'photos, 60 MB': [
      '/api/jobs/import',
      JSON.stringify({ openings: [{ photos: Array(90).fill({ picture: 'A'.repeat(700_000) }) }] }),
    ],
    'empty openings, 16 MB': ['/api/jobs/import', `{"openings":[${'{},'.repeat((16 * MB) / 3)}{}]}`],
  }
  for (const [name, [path, body]] of Object.entries(bodies)) {
    // By itself: writing the body down keeps whoever sends it busy too.
    const asking = new Worker(new URL('./bench-asking.mjs', import.meta.url), { workerData: `${address}/api/health` })
    await once(asking, 'message')
    await ask(address + path, body)
    asking.postMessage('enough')
    const [worst] = await once(asking, 'message')
    await asking.terminate()
    report(`the health address waits behind ${name}`, worst, 'ms', 200, 'below')
  }
}
