// @ts-check
import { randomUUID } from 'node:crypto'
import { createConnection } from 'mysql2/promise'
import sharp from 'sharp'
import { ask } from './ask.mjs'
import { benchShift, benchStalls, benchToday, look, PLAN } from './bench-firm.mjs'
import { median } from './median.mjs'
import { residentMiB } from './resident.mjs'
import { say } from './say.mjs'

/** @typedef {(name: string, value: number, unit: string, aim: number, way: 'above' | 'below') => void} Report */

const AT_ONCE = 50
const MIX_MS = 8000
const VIEWS = 5000
const ROWS = 600
const PHOTOS = 40

/** A reading as a page sends it. @param {number} [value] */
const reading = (value = 381_000) => ({
  id: randomUUID(),
  slot: 'wall.left',
  occasion: 'survey',
  value,
  text: '4 11/16',
  instrument: 'tape',
  graduation: '1/16',
  levelLength: null,
  deviation: null,
  device: '',
  takenBy: 'Ida Marlow',
  takenAt: new Date().toISOString(),
  note: '',
})

/** Does something over and over, so many at once who begin one after another, for a while: how often a second, and how long the slowest twentieth
 * took at least. @param {number} ms @param {(turn: number) => ReturnType<typeof ask>} act */
async function rate(ms, act) {
  const end = performance.now() + ms
  /** @type {number[]} */
  const times = []
  let refused = 0
  await Promise.all(
    Array.from({ length: AT_ONCE }, async (_, turn) => {
      await new Promise(resolve => setTimeout(resolve, turn * 20))
      while (performance.now() < end) {
        const start = performance.now()
        const answer = await act(turn)
        if (!answer.ok) refused++
        times.push(performance.now() - start)
      }
    }),
  )
  times.sort((a, b) => a - b)
  return { perSecond: (times.length / ms) * 1000, p95: times[Math.floor(times.length * 0.95)] ?? 0, refused }
}

/** Where one looks: an address for each kind of page. @param {import('mysql2/promise').Connection} db */
async function pagesOf(db) {
  const [[opening]] = /** @type {any} */ (await db.query("select id, job_id from opening where tag = 'A1' limit 1"))
  const [[order]] = /** @type {any} */ (await db.query('select id from purchase_order limit 1'))
  const [all] = /** @type {any} */ (await db.query('select id from opening'))
  return {
    pages: {
      Today: ['/', 4],
      'a job': [`/jobs/${opening.job_id}`, 5],
      'a sheet': [`/openings/${opening.id}/measure`, 8],
      'an order': [`/orders/${order.id}`, 8],
      'the plan': ['/plan', 8, ...PLAN.slice(2)],
      'what is due': ['/due', 8],
    },
    openings: /** @type {string[]} */ (all.map((/** @type {{ id: string }} */ one) => one.id)),
  }
}

/** The pages a day's work goes over. */
const MIXED = /** @type {const} */ (['Today', 'a job', 'a sheet', 'an order'])

/** Pages that are sent again as they were made while nothing they stand on is changed. */
const AS_IT_STOOD = new Set(['a job', 'a sheet', 'an order'])
let times = 0
/** A page's address as nobody asked for it before: it is made anew. @param {string} url */
const anew = url => `${url}?time=${times++}`

/** What the server carries: statements a page, readings and pages of fifty at once, a day that was kept offline, what it takes of memory.
 * @param {{ address: string, pid: number }} application @param {string} url @param {Report} report */
export async function benchLoad({ address, pid }, url, report) {
  const db = await createConnection(url)
  try {
    const { pages, openings } = await pagesOf(db)
    for (const [name, [path, most, ...after]] of Object.entries(pages)) {
      const [page, ...below] = [path, ...after].map(one => address + one)
      const made = () => [anew(String(page)), ...below]
      report(`SQL statements, ${name}`, await statements(db, made), '', Number(most), 'below')
      report(`${name}, alone`, await alone(made), 'ms', name === 'Today' ? 40 : 250, 'below')
      if (AS_IT_STOOD.has(name))
        report(`${name} that stands, alone`, await alone(() => [String(page)]), 'ms', 250, 'below')
    }
    const paths = MIXED.map(name => String(pages[name][0]))
    await benchShift(address, paths, report)
    // Before anything is added: a sheet of a thousand readings is none.
    await views(address, paths)
    report(`server resident after ${VIEWS} views at 50 at once`, residentMiB(pid), 'MiB', 400, 'below')
    const store = (/** @type {number} */ turn) =>
      ask(`${address}/api/openings/${openings[turn % openings.length]}/readings`, JSON.stringify([reading()]))
    let turns = 0
    /** @type {number[]} */
    let waits = []
    const storeAmong = async (/** @type {number} */ turn) => {
      const start = performance.now()
      const answer = await store(turn)
      waits.push(performance.now() - start)
      return answer
    }
    const amongPages = (/** @type {(url: string) => string} */ of) => (/** @type {number} */ turn) =>
      turns++ % 10 < 3 ? storeAmong(turn) : ask(of(address + paths[turns % paths.length]))
    await rate(MIX_MS / 2, amongPages(String))
    waits = []
    const mix = await rate(MIX_MS, amongPages(String))
    report('pages and readings a second, 50 at once', mix.perSecond, '/s', 60, 'above')
    waits.sort((a, b) => a - b)
    report('a reading stored among them, p95', waits[Math.floor(waits.length * 0.95)] ?? 0, 'ms', 250, 'below')
    const allMade = await rate(MIX_MS, amongPages(anew))
    say(`the same where each page is made anew: ${allMade.perSecond.toFixed(0)}/s`)
    const [sheet, health] = [address + pages['a sheet'][0], `${address}/api/health`]
    const healths = await rate(MIX_MS / 2, () => ask(health))
    const [stood, made] = [await rate(MIX_MS / 2, () => ask(sheet)), await rate(MIX_MS / 2, () => ask(anew(sheet)))]
    report('a sheet that stands, by the health address’ rate', stood.perSecond / healths.perSecond, '', 0.25, 'above')
    const [a, b, c] = [healths, stood, made].map(one => one.perSecond.toFixed(0))
    say(`a second: the health address ${a}, a sheet that stands ${b}, one that is made ${c}`)
    // Once it is warm: the first seconds compile what runs.
    await rate(MIX_MS / 2, store)
    const readings = await rate(MIX_MS, store)
    report('readings stored a second, 50 at once', readings.perSecond, '/s', 250, 'above')
    report('a reading stored, 50 at once, p95', readings.p95, 'ms', 150, 'below')
    report('refused of those', readings.refused + mix.refused, '', 0, 'below')
    await offlineDay(address, openings, report)
    await benchStalls(address, report)
    await benchToday(address, report)
  } finally {
    await db.end()
  }
}

/** @param {import('mysql2/promise').Connection} db @param {() => readonly string[]} urls */
async function statements(db, urls) {
  const count = async () => {
    const [[row]] = /** @type {any} */ (await db.query("show global status like 'Com_select'"))
    return Number(row.Value)
  }
  for (let i = 0; i < 3; i++) await look(urls())
  const before = await count()
  await look(urls())
  return (await count()) - before
}

/** @param {() => readonly string[]} urls */
async function alone(urls) {
  const times = []
  for (let i = 0; i < 15; i++) {
    const start = performance.now()
    await look(urls())
    times.push(performance.now() - start)
  }
  return median(times)
}

/** A day without signal, as an outbox sends it when there is: its rows two hundred at once, then its photos one by one.
 * @param {string} address @param {string[]} openings @param {Report} report */
async function offlineDay(address, openings, report) {
  const start = performance.now()
  for (let from = 0; from < ROWS; from += 200) {
    const opening = openings[from % openings.length]
    const rows = Array.from({ length: 200 }, () => reading())
    const items = [{ method: 'POST', path: `/api/openings/${opening}/readings`, body: rows }]
    await ask(`${address}/api/sync`, JSON.stringify({ items }))
  }
  report(`a day offline: ${ROWS} rows`, (performance.now() - start) / 1000, 's', 3, 'below')
  const picture = await sharp({ create: { width: 2048, height: 1536, channels: 3, background: '#8aa0a8' } })
    .jpeg()
    .toBuffer()
  for (let i = 0; i < PHOTOS; i++) {
    const query = new URLSearchParams({ id: randomUUID(), slot: '', by: 'Ida Marlow', at: new Date().toISOString() })
    const body = new Uint8Array(picture)
    await fetch(`${address}/api/openings/${openings[0]}/photos?${query}`, {
      method: 'POST',
      body,
      headers: { 'content-type': 'image/jpeg' },
    })
  }
  report(`the same with ${PHOTOS} photos`, (performance.now() - start) / 1000, 's', 30, 'below')
}

/** @param {string} address @param {string[]} paths */
async function views(address, paths) {
  let left = VIEWS
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (; left > 0; left--) await ask(address + paths[left % paths.length])
    }),
  )
}
