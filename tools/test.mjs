// @ts-check
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { root } from './bundle.mjs'
import { ensureBrowser, ensureNodeModules, ensurePackages } from './install.mjs'
import { runMain, say, Trouble } from './say.mjs'

/** @param {string} command @param {string[]} args @param {Record<string, string>} [env] @returns {Promise<void>} */
const run = (command, args, env = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(join(root, 'node_modules/.bin', command), args, {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    })
    child.on('error', reject)
    child.on('exit', code => (code === 0 ? resolve() : reject(new Trouble(`FAILED: ${command} ${args.join(' ')}`))))
  })

/** Several runs beside each other; all are let finish. @param {Promise<void>[]} runs */
async function allOf(runs) {
  const failed = (await Promise.allSettled(runs)).flatMap(one => (one.status === 'rejected' ? [one.reason] : []))
  if (failed.length) throw new Trouble(failed.map(one => one.message).join('\n'))
}

/** @param {string[]} projects */
const jest = (...projects) =>
  run('jest', ['--selectProjects', ...projects], { NODE_OPTIONS: '--experimental-vm-modules --no-warnings' })

/** Where both are asked for they go on in one run: while a test of the store waits for its database, others work. */
const UNIT_AND_STORE = 'unit and store'

/** @type {Record<string, () => Promise<void>>} */
const PARTS = {
  types: async () => {
    await run('next', ['typegen'])
    await run('tsc', ['--noEmit', '-p', '.'])
    await run('tsc', ['--noEmit', '-p', 'src/sw'])
  },
  lint: () => run('biome', ['ci', '--error-on-warnings', '.']),
  unit: () => {
    ensurePackages({ pdftotext: 'poppler-utils' })
    return jest('unit')
  },
  store: () => {
    ensurePackages({ mariadbd: 'mariadb-server' })
    return jest('store')
  },
  [UNIT_AND_STORE]: () => {
    ensurePackages({ pdftotext: 'poppler-utils', mariadbd: 'mariadb-server' })
    return jest('unit', 'store')
  },
  e2e: async () => {
    ensureBrowser({ mariadbd: 'mariadb-server', pdftotext: 'poppler-utils' })
    // Stories that leave everything running go two at a time on one server; the others one at a time, on two.
    await run('playwright', ['test', '--project', 'beside', '--workers', '2'])
    await allOf(
      ['alone-a', 'alone-b'].map(name =>
        run('playwright', ['test', '--project', name, '--output', `test-results/${name}`]),
      ),
    )
  },
}

/** Parts that keep one core busy: the next ones go on beside them. */
const BESIDE = ['types']

const NAMES = Object.keys(PARTS).filter(name => name !== UNIT_AND_STORE)

/** @param {string[]} names */
const joined = names =>
  names.includes('unit') && names.includes('store')
    ? names.flatMap(name => (name === 'unit' ? UNIT_AND_STORE : name === 'store' ? [] : name))
    : names

async function main() {
  const asked = process.argv.slice(2)
  const unknown = asked.find(name => !NAMES.includes(name))
  if (unknown) throw new Trouble(`There is no part “${unknown}”. Parts: ${NAMES.join(', ')}.`)
  ensureNodeModules()
  /** @type {Promise<void>[]} */
  const beside = []
  for (const name of joined(asked.length ? asked : NAMES)) {
    // The stories take both cores as it is, and build where the types are written.
    if (name === 'e2e') await allOf(beside)
    const begun = part(name)
    if (BESIDE.includes(name)) {
      beside.push(begun)
      // Said when it is waited for.
      begun.catch(() => undefined)
    } else
      await begun.catch(async error => {
        await Promise.allSettled(beside)
        throw error
      })
  }
  await allOf(beside)
}

/** @param {string} name */
async function part(name) {
  const start = Date.now()
  say(`\n== ${name}`)
  await PARTS[name]?.()
  say(`== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s`)
}

await runMain(main)
