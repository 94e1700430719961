// @ts-check
import { execFileSync, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './bundle.mjs'
import { say, Trouble } from './say.mjs'

/** @param {string} name */
export const found = name =>
  spawnSync('sh', ['-c', `command -v ${name}`], { stdio: 'ignore', env: withSbin() }).status === 0

/** Debian keeps servers in /usr/sbin, which is not on everybody's path. */
export const withSbin = () => ({ ...process.env, PATH: `${process.env.PATH}:/usr/sbin:/sbin` })

/** Installs Debian packages whose commands are missing, or says what to do.
 * @param {Record<string, string>} packages command → package
 * @param {Record<string, string>} [instead] command → what does as well where it can't be had */
export function ensurePackages(packages, instead = {}) {
  const missing = Object.keys(packages).filter(command => !found(command))
  if (missing.length === 0) return
  const trouble = install(missing.map(command => packages[command] ?? command))
  if (trouble && !missing.every(command => found(command) || found(instead[command] ?? command))) throw trouble
}

/** @param {readonly string[]} names @returns {Trouble | null} why they could not be installed */
function install(names) {
  const by = `apt-get install -y ${names.join(' ')}`
  if (!found('apt-get'))
    return new Trouble(
      `These packages are missing: ${names.join(', ')}. Install them with your system's package manager, then run this again.`,
    )
  if (process.getuid?.() !== 0)
    return new Trouble(`These packages are missing: ${names.join(', ')}. Run "sudo ${by}", then run this again.`)
  say(`Installing ${names.join(', ')} …`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const run = (/** @type {string[]} */ args) => spawnSync('apt-get', args, { env, encoding: 'utf8' })
  run(['update'])
  const result = run(['install', '-y', '--no-install-recommends', ...names])
  if (result.status === 0) return null
  return new Trouble(`"${by}" failed:\n${(result.stderr || result.stdout).trim().split('\n').slice(-4).join('\n')}`)
}

/** The browser of stories, pictures and benchmarks: without a window it takes an eighth less of the machine's time. */
export const ensureBrowser = (/** @type {Record<string, string>} */ packages = {}) =>
  ensurePackages(
    { ...packages, 'chromium-headless-shell': 'chromium-headless-shell' },
    { 'chromium-headless-shell': 'chromium' },
  )

/** Installs the npm packages when the lock changed since the last time. `npm install`, since `npm ci` calls a lock
 * without other platforms' binaries out of sync. */
export function ensureNodeModules() {
  const lock = readFileSync(join(root, 'package-lock.json'))
  const print = createHash('sha256').update(lock).digest('hex')
  const note = join(root, 'node_modules', '.harvek-lock')
  if (existsSync(note) && readFileSync(note, 'utf8') === print) return
  say('Installing packages from the npm registry …')
  try {
    execFileSync('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error'], {
      cwd: root,
      stdio: ['ignore', 'ignore', 'pipe'],
    })
  } catch (error) {
    const text = error instanceof Error && 'stderr' in error ? String(error.stderr) : String(error)
    throw new Trouble(`"npm install" failed:\n${text.trim().split('\n').slice(-6).join('\n')}`)
  }
  mkdirSync(join(root, 'node_modules'), { recursive: true })
  writeFileSync(note, print)
}
