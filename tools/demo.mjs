// @ts-check
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline/promises'
import { freshBundle, printOf, root } from './bundle.mjs'
import { freePort, isFree, startDatabase } from './database.mjs'
import { devicesEnv, startDesk, startDevices } from './devices.mjs'
import { ensureNodeModules, ensurePackages } from './install.mjs'
import { runMain, say, Trouble } from './say.mjs'

const USAGE = `bin/demo [--port N] [--fresh]
  --port N   listen on this port of 127.0.0.1 (3000)
  --fresh    throw away all data and start from the demo again, after asking`

/** @param {string[]} args */
function optionsOf(args) {
  const options = { port: 3000, fresh: false }
  for (let i = 0; i < args.length; i++) {
    if (args[i] === '--fresh') options.fresh = true
    else if (args[i] === '--port' && /^\d{2,5}$/.test(args[i + 1] ?? '')) options.port = Number(args[++i])
    else throw new Trouble(args[i] === '--help' ? USAGE : `Not understood: ${args[i]}\n${USAGE}`)
  }
  return options
}

/** Builds the application when a source changed since the last build. */
export function ensureBuild() {
  const note = join(root, '.next', 'harvek.print')
  const print = printOf('src', 'package-lock.json', 'next.config.mjs', 'tsconfig.json')
  if (existsSync(note) && readFileSync(note, 'utf8') === print) return
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
  writeFileSync(note, print)
}

/** Migrates the database and, when it is empty, loads the demo.
 * @param {string} url */
export async function ensureData(url) {
  const { setUp } = await import(await freshBundle('setup', 'src/server/setup.ts'))
  if (await setUp(url, root)) say('The demo is loaded.')
}

/** Starts the built application and waits until it answers. `devices` tells it where measuring devices listen, `desk` where the supplier's desk is.
 * @param {number} port @param {string} url @param {string} folder @param {string} [devices] @param {string} [desk] */
export async function startApplication(port, url, folder, devices = '', desk = '') {
  const child = spawn(
    process.execPath,
    [join(root, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit'],
      detached: true,
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        HARVEK_DATABASE_URL: url,
        HARVEK_DEVICES: devices,
        HARVEK_DESK: desk,
        HARVEK_DEMO: '1',
        HARVEK_BUILD: readFileSync(join(root, '.next/BUILD_ID'), 'utf8').trim(),
        HARVEK_SECRET: readFileSync(join(folder, 'secret'), 'utf8').trim(),
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

/** @param {string} folder */
async function emptyAfterAsking(folder) {
  if (!existsSync(folder)) return
  const terminal = createInterface({ input: process.stdin, output: process.stdout })
  const reply = await terminal.question(`This throws away everything in ${folder}. Type "yes" to go on: `)
  terminal.close()
  if (reply.trim().toLowerCase() !== 'yes') throw new Trouble('Nothing was thrown away.')
  rmSync(folder, { recursive: true, force: true })
}

async function main() {
  const { port, fresh } = optionsOf(process.argv.slice(2))
  const folder = join(root, '.data')
  if (!(await isFree(port)))
    throw new Trouble(`Port ${port} is busy. Stop what listens there, or start with --port and another number.`)
  ensurePackages({ mariadbd: 'mariadb-server' })
  ensureNodeModules()
  if (fresh) await emptyAfterAsking(folder)
  mkdirSync(folder, { recursive: true })
  ensureBuild()
  const database = await startDatabase(folder)
  /** @type {{ stop: () => Promise<void> }[]} */
  const running = []
  const stop = async () => {
    for (const one of running.reverse()) await one.stop()
    await database.stop()
  }
  const stopped = new Promise(resolve => {
    for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP'])) process.once(signal, resolve)
  })
  try {
    await ensureData(database.url)
    const devices = await startDevices()
    running.push(...Object.values(devices))
    const desk = await startDesk(await freePort(), join(folder, 'desk.jsonl'))
    running.push(desk)
    const started = await startApplication(port, database.url, folder, devicesEnv(devices), desk.address)
    running.push(started)
    for (const [name, { address }] of Object.entries(devices))
      say(`The simulated ${name} has its buttons at ${address}`)
    say(`The simulated supplier’s desk has its buttons at ${desk.address}`)
    say(`Harvek is ready: ${started.address}   (Ctrl-C ends it)`)
    await Promise.race([stopped, started.ended])
  } finally {
    await stop()
  }
}

if (process.argv[1]?.endsWith('demo.mjs') || process.argv[1]?.endsWith('bin/demo')) await runMain(main)
