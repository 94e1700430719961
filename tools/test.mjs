// @ts-check
import { spawn, spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { root } from './bundle.mjs'
import { ensureNodeModules, ensurePackages } from './install.mjs'
import { runMain, say, Trouble } from './say.mjs'

/** Several runs beside each other, each on servers of its own; all are let finish. @param {string} command @param {string[][]} runs */
async function runBeside(command, runs) {
  const ended = runs.map(
    args =>
      new Promise(resolve => {
        const child = spawn(join(root, 'node_modules/.bin', command), args, {
          cwd: root,
          stdio: 'inherit',
          env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
        })
        child.on('exit', code => resolve(code === 0 ? null : args.join(' ')))
      }),
  )
  const failed = (await Promise.all(ended)).filter(Boolean)
  if (failed.length) throw new Trouble(`FAILED: ${command} ${failed.join('; ')}`)
}

/** @param {string} command @param {string[]} args @param {Record<string, string>} [env] */
function run(command, args, env = {}) {
  const result = spawnSync(join(root, 'node_modules/.bin', command), args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  })
  if (result.status !== 0) throw new Trouble(`FAILED: ${command} ${args.join(' ')}`)
}

/** @param {string} project */
const jest = project =>
  run('jest', ['--selectProjects', project], { NODE_OPTIONS: '--experimental-vm-modules --no-warnings' })

/** @type {Record<string, () => void | Promise<void>>} */
const PARTS = {
  types: () => {
    run('next', ['typegen'])
    run('tsc', ['--noEmit', '-p', '.'])
    run('tsc', ['--noEmit', '-p', 'src/sw'])
  },
  lint: () => run('biome', ['ci', '--error-on-warnings', '.']),
  unit: () => {
    ensurePackages({ pdftotext: 'poppler-utils' })
    jest('unit')
  },
  store: () => {
    ensurePackages({ mariadbd: 'mariadb-server' })
    jest('store')
  },
  e2e: async () => {
    ensurePackages({ mariadbd: 'mariadb-server', chromium: 'chromium', pdftotext: 'poppler-utils' })
    // Stories that leave everything running go two at a time on one server; the others one at a time, on two.
    run('playwright', ['test', '--project', 'beside', '--workers', '2'])
    await runBeside(
      'playwright',
      ['alone-a', 'alone-b'].map(name => ['test', '--project', name, '--output', `test-results/${name}`]),
    )
  },
}

async function main() {
  const asked = process.argv.slice(2)
  const unknown = asked.find(name => !(name in PARTS))
  if (unknown) throw new Trouble(`There is no part “${unknown}”. Parts: ${Object.keys(PARTS).join(', ')}.`)
  ensureNodeModules()
  for (const name of asked.length ? asked : Object.keys(PARTS)) {
    const start = Date.now()
    say(`\n== ${name}`)
    await PARTS[name]?.()
    say(`== ${name}: ${((Date.now() - start) / 1000).toFixed(1)} s`)
  }
}

await runMain(main)
