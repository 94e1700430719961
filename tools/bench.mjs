// @ts-check
// Medians, memory and ratios, printed. Only too large first scripts fail.
import { spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { createConnection } from 'mysql2/promise'
import { ensureBuild, ensureData, startApplication } from './application.mjs'
import { heldMs } from './bench-holding.mjs'
import { benchLoad } from './bench-load.mjs'
import { movedMs, typedMs } from './bench-typing.mjs'
import { freshBundle, root } from './bundle.mjs'
import { freePort, startDatabase } from './database.mjs'
import { ensureBrowser, ensureNodeModules } from './install.mjs'
import { median } from './median.mjs'
import { paceMs } from './pace.mjs'
import { residentMiB } from './resident.mjs'
import { runMain, say } from './say.mjs'

/** @param {string} name @param {number} value @param {string} unit @param {number} aim @param {'below' | 'above'} way */
function report(name, value, unit, aim, way) {
  const ratio = value === aim ? 1 : way === 'below' ? value / aim : aim / value
  say(
    `${name.padEnd(52)} ${value.toFixed(value < 10 ? 3 : 0).padStart(9)} ${unit.padEnd(5)} aim ${way} ${aim} ${unit} (${(ratio * 100).toFixed(0)} % of it)`,
  )
}

const MOST_SCRIPTS_KB = 240

/** One run of bin/compute over `lines`: milliseconds to the first reply and to the last.
 * @param {string[]} lines @returns {Promise<{ first: number, all: number }>} */
function compute(lines) {
  return new Promise((resolve, reject) => {
    const start = performance.now()
    const child = spawn(process.execPath, [join(root, 'bin/compute')], { stdio: ['pipe', 'pipe', 'inherit'] })
    let first = 0
    let seen = 0
    child.stdout.on('data', chunk => {
      first ||= performance.now() - start
      for (const byte of chunk) if (byte === 10) seen++
    })
    child.on('error', reject)
    child.on('exit', () =>
      seen === lines.length
        ? resolve({ first, all: performance.now() - start })
        : reject(new Error(`${seen} replies to ${lines.length} requests`)),
    )
    child.stdin.end(`${lines.join('\n')}\n`)
  })
}

/** Compressed size of all scripts a page asks a present browser for at first, in kB: `nomodule` scripts are not fetched. @param {string} address @param {string} path */
async function firstLoadKb(address, path) {
  const html = await (await fetch(address + path)).text()
  const scripts = [
    ...new Set(
      [...html.matchAll(/<script[^>]+>/g)]
        .filter(([tag]) => !/nomodule/i.test(tag))
        .flatMap(([tag]) => /src="([^"]+)"/.exec(tag)?.[1] ?? []),
    ),
  ]
  let bytes = 0
  for (const src of scripts)
    bytes += gzipSync(Buffer.from(await (await fetch(address + src)).arrayBuffer()), { level: 9 }).length
  return bytes / 1000
}

const LISTED = 5000

/** The list of 5,000 openings against its plain query. @param {string} address @param {string} url */
async function benchList(address, url) {
  const connection = await createConnection(url)
  const [[job]] = /** @type {[{ company_id: string, id: string }[], unknown]} */ (
    /** @type {unknown} */ (await connection.query('select company_id, id from job limit 1'))
  )
  if (!job) return
  const rows = Array.from({ length: LISTED }, (_, i) => [
    job.company_id,
    randomUUID(),
    job.id,
    `K${i}`,
    `Door ${i}`,
    'slider',
    1000 + i,
  ])
  await connection.query('insert into opening (company_id, id, job_id, tag, name, family, position) values ?', [rows])
  const plain = `select o.id, o.tag, o.name, o.family, j.id, j.name, j.site, j.visit_on from opening o join job j on j.company_id = o.company_id and j.id = o.job_id where o.company_id = ? order by j.name, o.job_id, o.position`
  /** @param {() => Promise<unknown>} run */
  const timed = async run => {
    const times = []
    for (let i = 0; i < 21; i++) {
      const start = performance.now()
      await run()
      times.push(performance.now() - start)
    }
    return median(times)
  }
  const query = await timed(() => connection.query(plain, [job.company_id]))
  say(`plain query of ${LISTED} openings: ${query.toFixed(1)} ms`)
  const page = await timed(async () => (await fetch(`${address}/openings`)).text())
  report(`list of ${LISTED} openings`, page, 'ms', Math.round(1.5 * query + 100), 'below')
  const search = await timed(async () => (await fetch(`${address}/api/openings?q=door+4321`)).json())
  say(`one of ${LISTED} found by two words: ${search.toFixed(1)} ms`)
  const added = 'select id from opening where company_id = ? and position >= 1000'
  await connection.query(`delete from opening_state where opening_id in (${added})`, [job.company_id])
  await connection.query('delete from opening where company_id = ? and position >= 1000', [job.company_id])
  await connection.end()
}

const UNITS = 50_000

/** The catalogue page and an opening's units while the catalogue holds 50,000. Last of all: it fills the database.
 * @param {{ address: string, pid: number }} application @param {string} csv @param {string} opening */
async function benchLargeCatalogue({ address, pid }, csv, opening) {
  const before = residentMiB(pid)
  const start = performance.now()
  const taken = await fetch(`${address}/api/catalogue/import`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ csv }),
  })
  say(`a list of ${UNITS} units taken in (${taken.status}): ${((performance.now() - start) / 1000).toFixed(1)} s`)
  const first = performance.now()
  await (await fetch(`${address}/api/catalogue?q=z-04`)).json()
  say(`the catalogue loaded and checked anew by the server: ${((performance.now() - first) / 1000).toFixed(1)} s`)
  for (const [name, path] of [
    ['units found by a word and sorted by price', '/api/catalogue?q=maker+3&sort=price'],
    ['an opening’s best units', `/api/openings/${opening}/units`],
  ]) {
    const times = []
    for (let i = 0; i < 15; i++) {
      const at = performance.now()
      await (await fetch(address + path)).arrayBuffer()
      times.push(performance.now() - at)
    }
    say(`${name}, of ${UNITS}: ${median(times).toFixed(0)} ms`)
  }
  say(`server resident after that: ${residentMiB(pid).toFixed(0)} MiB (before ${before.toFixed(0)})`)
}

/** A running application with demo data, the first job of it as a file, and what `src/bench` measures.
 * @typedef {object} Given
 * @property {{ address: string, pid: number }} application
 * @property {string} url
 * @property {string} job
 * @property {string} file
 * @property {string} opening
 * @property {typeof import('../src/bench/main')} bench */

const demoList = join(root, 'demo/catalogue.csv')

/** @param {Given} given */
async function benchCompute({ bench }) {
  const mixed = bench.requests.map((/** @type {unknown} */ one) => JSON.stringify(one))
  const lines = Array.from({ length: 24_000 }, (_, i) => String(mixed[i % mixed.length]))
  await compute(mixed)
  const starts = []
  for (let i = 0; i < 7; i++) starts.push((await compute(mixed.slice(0, 1))).first)
  const runs = []
  for (let i = 0; i < 3; i++) runs.push(await compute(lines))
  report('bin/compute, start to first reply', median(starts), 'ms', 500, 'below')
  const rate = median(runs.map(one => lines.length / ((one.all - one.first) / 1000)))
  report('bin/compute, mixed requests a second', rate, '/s', 3000, 'above')
}

/** @param {Given} given */
function benchPlan({ bench }) {
  const { tasks, crews, ms, days, left } = bench.plan()
  report(
    `planning ${tasks} tasks of ${crews} crews (over ${days} days, ${left} without a place)`,
    ms,
    'ms',
    1000,
    'below',
  )
}

/** @param {Given} given */
function benchJudging({ bench, file }) {
  for (const [name, ms] of Object.entries(bench.timings(file, demoList)))
    report(name, Number(ms), 'ms', name.startsWith('job') ? 2 : 0.1, 'below')

  const seals = bench.seals()
  for (const { edges, planMs, frontMs, plans } of seals.doors) {
    report(`seals of ${edges} edges out of ${seals.seals} planned`, planMs, 'ms', 5, 'below')
    report(`front of ${plans} plans, ${edges} edges`, frontMs, 'ms', 50, 'below')
  }
  report(`40 pieces nested, ${seals.nestOptimal} of ${seals.nestOf} proven`, seals.nestMs, 'ms', 200, 'below')
  for (const [name, value] of Object.entries(bench.tuning()))
    if (name === 'times faster') report('tuning, times faster than a general solver', Number(value), '×', 20, 'above')
    else say(`${name}: ${Number(value).toFixed(1)}`)

  const found = bench.blunders()
  report('blunders named, alone or with ties', found.named * 100, '%', 97, 'above')
  report('blunders named first', found.first * 100, '%', 95, 'above')
  report('clean surveys accused', found.accused * 100, '%', 4, 'below')

  const judged = bench.catalogue(file, demoList, UNITS, loaded => say(`  checked ${loaded} of ${UNITS} units`))
  const ready = `checked and made ready in ${judged.loadMs.toFixed(0)} ms`
  say(`${UNITS} units of ${judged.shapes} shapes ${ready}; ${judged.possible} go in`)
  report(`${UNITS} units judged for one opening`, judged.judgeMs, 'ms', 250, 'below')
  report('memory they take', judged.heapMiB, 'MiB', 200, 'below')
}

/** @param {Given} given */
async function benchPages({ application, job, opening }) {
  const path = `/openings/${opening}/measure`
  const scripts = await firstLoadKb(application.address, path)
  report('opening sheet, first-load scripts compressed', scripts, 'kB', MOST_SCRIPTS_KB, 'below')
  if (scripts > MOST_SCRIPTS_KB) process.exitCode = 1

  const { typed, taken, bare, floor, next } = await typedMs(application.address + path)
  say(`a key nothing listens to, to the next frame, 4 × slowed down: ${bare.toFixed(1)} ms`)
  say(`a plain field and a plain figure changed by hand, to the next frame, 4 × slowed down: ${floor.toFixed(1)} ms`)
  report('a typed figure painted on the drawing, against those', typed / floor, 'times', 2, 'below')
  say(`that is ${typed.toFixed(1)} ms; in the very next frame ${next} of 15 times`)
  say(`Enter to the drawing worked out anew and painted, 4 × slowed down: ${taken.toFixed(0)} ms`)
  for (const rate of [1, 4]) {
    const one = await movedMs(`${application.address}/openings/${opening}/fit`, rate)
    report(`a unit moved, ${rate} × slowed down, against painting as much`, one.moved / one.floor, 'times', 2, 'below')
    say(`that is ${one.moved.toFixed(1)} ms; packs and drawing in the very next frame ${one.next} of 20 times`)
  }

  const held = await heldMs(`${application.address}/openings/${opening}/fit`)
  for (const way of /** @type {const} */ (['pinch', 'drag', 'pull']))
    report(`the drawing on a phone, ${way}, 4 × slowed down`, held[way], 'ms', 17, 'below')
  say(`with nothing moved ${held.floor.toFixed(1)} ms; the longest of them all: ${held.worst.toFixed(0)} ms`)

  const times = []
  for (let i = 0; i < 1000; i++) {
    const start = performance.now()
    const viewed = i % 4 === 0 ? '/' : i % 4 === 1 ? `/jobs/${job}` : path
    await (await fetch(application.address + viewed)).arrayBuffer()
    times.push(performance.now() - start)
  }
  say(`page views, median of 1,000: ${median(times).toFixed(1)} ms`)
  report('server resident after 1,000 page views', residentMiB(application.pid), 'MiB', 350, 'below')
}

async function main() {
  ensureBrowser({ mariadbd: 'mariadb-server' })
  ensureNodeModules()
  await ensureBuild()
  // One member does what a firm does.
  process.env.HARVEK_LIMITS = '0'
  const folder = mkdtempSync(join(tmpdir(), 'harvek-bench-'))
  const database = await startDatabase(folder)
  try {
    await ensureData(database.url)
    const application = await startApplication(await freePort(), database.url, folder)
    try {
      const jobs = await (await fetch(`${application.address}/jobs`)).text()
      const job = /\/jobs\/([0-9a-f-]{36})/.exec(jobs)?.[1] ?? ''
      const exported = await (await fetch(`${application.address}/api/jobs/${job}/export`)).text()
      const file = join(folder, 'job.json')
      writeFileSync(file, exported)
      const opening = JSON.parse(exported).openings[0].opening.id
      const bench = await import(await freshBundle('bench', 'src/bench/main.ts'))
      const given = { application, url: database.url, job, file, opening, bench }
      /** @type {Record<string, () => unknown>} */
      const parts = {
        judging: () => benchJudging(given),
        plan: () => benchPlan(given),
        compute: () => benchCompute(given),
        list: () => benchList(application.address, database.url),
        pages: () => benchPages(given),
        load: () => benchLoad(application, database.url, report),
        catalogue: () => benchLargeCatalogue(application, bench.list(demoList, UNITS), opening),
      }
      // Some of them by their names, else all: `npm run bench -- load pages`.
      const asked = process.argv.slice(2)
      for (const [name, part] of Object.entries(parts)) {
        if (asked.length > 0 && !asked.includes(name)) continue
        say(`${name}: this machine counts to 300 million in ${paceMs().toFixed(0)} ms`)
        await part()
      }
    } finally {
      await application.stop()
    }
  } finally {
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}

await runMain(main)
