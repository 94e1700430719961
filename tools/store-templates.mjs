// @ts-check
import { spawnSync } from 'node:child_process'
import { chmodSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureData } from './application.mjs'
import { startDatabase } from './database.mjs'

/** Copies a database's folder while nothing runs in it. @param {string} from @param {string} to */
function copyFolder(from, to) {
  const { status, stderr } = spawnSync('cp', ['-a', '--sparse=always', from, to], { encoding: 'utf8' })
  if (status !== 0) throw new Error(stderr)
}

/** Before the tests of the store: a database with its tables, and one with the demo, each made once. A test file starts on a copy of its own. */
export default async function makeTemplates() {
  const templates = mkdtempSync(join(tmpdir(), 'harvek-templates-'))
  // Whoever the database runs as passes through.
  chmodSync(templates, 0o711)
  process.env.HARVEK_STORE_TEMPLATES = templates
  const folder = join(templates, 'demo')
  const make = async (/** @type {boolean} */ isDemo) => {
    const { url, stop } = await startDatabase(folder)
    await ensureData(url, isDemo).finally(stop)
  }
  await make(false)
  copyFolder(folder, join(templates, 'tables'))
  await make(true)
}

/** Puts a template in a folder that is not there yet. @param {'tables' | 'demo'} name @param {string} folder */
export const putTemplate = (name, folder) => copyFolder(join(String(process.env.HARVEK_STORE_TEMPLATES), name), folder)
