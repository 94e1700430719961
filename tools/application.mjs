// @ts-check
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { freshBundle, printOf, root } from './bundle.mjs'
import { freePort, isFree, secretOf, startDatabase } from './database.mjs'
import { devicesEnv, startDesk, startDevices, startMail } from './devices.mjs'
import { ensureNodeModules, ensurePackages } from './install.mjs'
import { clearLeftOver, forgetRunning, noteRunning } from './running.mjs'
import { say, Trouble } from './say.mjs'
import { buildWorker } from './worker.mjs'

/** Builds the application, and the worker that shows it without signal, when a source changed since the last build. */
export async function ensureBuild() {
  const note = join(root, '.next', 'harvek.print')
  const print = printOf(
    'src',
    'public/icon-512.png',
    'package-lock.json',
    'next.config.mjs',
    'tsconfig.json',
    'tools/worker.mjs',
  )
  if (existsSync(join(root, 'public/sw.js')) && existsSync(note) && readFileSync(note, 'utf8') === print) return
  say('Building …')
  const result = spawnSync(join(root, 'node_modules/.bin/next'), ['build'], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  })
  if (result.status !== 0)
    throw new Trouble(
      `The build failed:\n${`${result.stdout}\n${result.stderr}`.trim().split('\n').slice(-30).join('\n')}`,
    )
  await buildWorker()
  writeFileSync(note, print)
}

/** Migrates the database and, where it is empty and the demo is shown, loads the demo.
 * @param {string} url @param {boolean} [isDemo] */
export async function ensureData(url, isDemo = true) {
  const { setUp } = await import(await freshBundle('setup', 'src/server/setup.ts'))
  if (await setUp(url, root, isDemo)) say('The demo is loaded.')
}

/** What is thrown away is swept up sooner than a large machine would: two thirds of the memory at nearly the same pace (bench). */
const SPARING = ['--heap-growing-percent=80', '--max-semi-space-size=32']

/** @typedef {{ devices?: string, desk?: string, smtp?: string, isDemo?: boolean }} Around where measuring devices, the supplier's desk and the mail
 *   server listen, and whether whoever comes is a member of the demo. */

/** Starts the built application and waits until it answers.
 * @param {number} port @param {string} url @param {string} folder @param {Around} [around] */
export async function startApplication(port, url, folder, { devices = '', desk = '', smtp = '', isDemo = true } = {}) {
  const child = spawn(
    process.execPath,
    [...SPARING, join(root, 'tools/serve.mjs'), await freshBundle('serve', 'src/server/serve.ts'), String(port)],
    {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit'],
      detached: true,
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        HARVEK_ADDRESS: `http://127.0.0.1:${port}`,
        HARVEK_DATABASE_URL: url,
        HARVEK_DEVICES: devices,
        HARVEK_DESK: desk,
        HARVEK_SMTP: process.env.HARVEK_SMTP ?? smtp,
        HARVEK_DEMO: isDemo ? '1' : '',
        HARVEK_LOG: process.env.HARVEK_LOG ?? join(folder, 'log', 'harvek.log'),
        HARVEK_BUILD: readFileSync(join(root, '.next/BUILD_ID'), 'utf8').trim(),
        HARVEK_COOKIE_SECRET: secretOf(folder, 'cookie-secret'),
        HARVEK_PRACTICE_SECRET: secretOf(folder, 'practice-secret'),
      },
    },
  )
  const ended = new Promise(resolve => child.once('exit', resolve))
  const address = `http://127.0.0.1:${port}`
  for (let attempt = 0; attempt < 300; attempt++) {
    if (child.exitCode !== null) throw new Trouble('The application ended while it started; what it said stands above.')
    const answer = await fetch(`${address}/api/health`).catch(() => null)
    if (answer?.ok)
      return {
        address,
        pid: child.pid ?? 0,
        ended,
        stop: async () => {
          child.kill('SIGTERM')
          await ended
        },
        kill: async () => {
          child.kill('SIGKILL')
          await ended
        },
      }
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  child.kill('SIGTERM')
  throw new Trouble('The application did not answer within 30 seconds.')
}

/** Everything that is there before the database: the packages, a folder only its owner reads, the built application.
 * @param {number} port @param {string} folder */
export async function prepare(port, folder) {
  await clearLeftOver(folder)
  if (!(await isFree(port)))
    throw new Trouble(`Port ${port} is busy. Stop what listens there, or start with --port and another number.`)
  ensurePackages({ mariadbd: 'mariadb-server' })
  ensureNodeModules()
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  await ensureBuild()
}

/** How long a part may take to end by itself. */
const PATIENCE_MS = 2200

/** Ends a part, by force when it does not end by itself. @param {{ stop: () => Promise<void>, kill: () => Promise<void> }} part */
async function endInTime(part) {
  const timer = setTimeout(() => void part.kill(), PATIENCE_MS)
  await part.stop()
  clearTimeout(timer)
}

/** Starts database, stand-ins and application, watches over the database, and ends them all at the first signal.
 * @param {number} port @param {string} folder @param {boolean} isDemo */
export async function runAll(port, folder, isDemo) {
  let database = await startDatabase(folder)
  /** @type {{ pid: number, stop: () => Promise<void>, kill: () => Promise<void> }[]} */
  const running = []
  let isOver = false
  const stop = async () => {
    isOver = true
    // All at once: a part that waits for another is not waited for twice.
    await Promise.all(running.map(endInTime))
    await endInTime(database)
    forgetRunning(folder)
  }
  const stopped = new Promise(resolve => {
    // However often it is pressed: what runs is ended in order.
    for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP'])) process.on(signal, resolve)
  })
  const note = (/** @type {string} */ address) =>
    noteRunning(folder, address, [database.pid, ...running.map(one => one.pid)])
  try {
    note('')
    await ensureData(database.url, isDemo)
    const devices = await startDevices()
    running.push(...Object.values(devices))
    const desk = await startDesk(await freePort(), join(folder, 'desk.jsonl'))
    running.push(desk)
    const mail = await startMail(await freePort(), await freePort(), join(folder, 'mails.jsonl'))
    running.push(mail)
    const around = { devices: devicesEnv(devices), desk: desk.address, smtp: mail.smtp, isDemo }
    const started = await startApplication(port, database.url, folder, around)
    running.push(started)
    note(started.address)
    for (const [name, { address }] of Object.entries(devices))
      say(`The simulated ${name} has its buttons at ${address}`)
    say(`The simulated supplier’s desk has its buttons at ${desk.address}`)
    if (!process.env.HARVEK_SMTP) say(`The simulated mail server shows its mails at ${mail.address}`)
    say(`Harvek is ready: ${started.address}   (Ctrl-C ends it)`)
    const watched = watch(
      () => database,
      async () => {
        database = await startDatabase(folder, database.port)
        note(started.address)
      },
      () => isOver,
    )
    const ended = started.ended.then(() => say('The application ended by itself; what it said stands above.'))
    await Promise.race([stopped, ended, watched])
  } finally {
    await stop()
  }
}

/** Starts a database that ended by itself again, a few times. Comes back when that is no use.
 * @param {() => import('./database.mjs').Database} database @param {() => Promise<void>} again @param {() => boolean} isOver */
async function watch(database, again, isOver) {
  for (let times = 0; ; times++) {
    await database().ended
    // What is meant to end, ends.
    if (isOver()) return new Promise(() => undefined)
    if (times === MOST_STARTS)
      return say('The database ended again and again; its log is error.log in the data folder.')
    say('The database ended by itself. It is started again …')
    await again()
    say('The database is there again; nothing that was acknowledged is lost.')
  }
}
const MOST_STARTS = 5
