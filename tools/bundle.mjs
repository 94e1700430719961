// @ts-check
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
const built = join(root, '.build')

/** A print of every source file's path, size and time: cheap, and different whenever a bundle could be stale.
 * @param {string[]} folders @returns {string} */
export function printOf(...folders) {
  const hash = createHash('sha256')
  for (const folder of folders) for (const line of walk(join(root, folder))) hash.update(line)
  return hash.digest('hex')
}

/** @param {string} path @returns {string[]} */
function walk(path) {
  if (!existsSync(path)) return []
  const stat = statSync(path)
  if (!stat.isDirectory()) return [`${path} ${stat.size} ${stat.mtimeMs}\n`]
  return readdirSync(path)
    .sort()
    .filter(name => name !== 'node_modules')
    .flatMap(name => walk(join(path, name)))
}

/** The address of an up-to-date bundle of `entry`, made when it is missing or older than its sources.
 * @param {string} name @param {string} entry @returns {Promise<string>} */
export async function freshBundle(name, entry) {
  const target = join(built, `${name}.mjs`)
  const note = join(built, `${name}.print`)
  const print = printOf('src', 'package-lock.json')
  const fresh = existsSync(target) && existsSync(note) && readFileSync(note, 'utf8') === print
  if (!fresh) await bundle(entry, target, note, print)
  return pathToFileURL(target).href
}

/** @param {string} entry @param {string} target @param {string} note @param {string} print */
async function bundle(entry, target, note, print) {
  const { build } = await import('esbuild').catch(() => {
    throw new Error('The packages are not installed yet. Run `npm install` (bin/demo and bin/test do it for you).')
  })
  mkdirSync(built, { recursive: true })
  const partial = `${target}.${process.pid}.tmp`
  await build({
    entryPoints: [join(root, entry)],
    outfile: partial,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    packages: 'external',
    alias: { '@': join(root, 'src') },
    logLevel: 'warning',
    legalComments: 'none',
  })
  renameSync(partial, target)
  writeFileSync(note, print)
}
