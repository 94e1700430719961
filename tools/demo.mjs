// @ts-check
import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline/promises'
import { prepare, runAll } from './application.mjs'
import { root } from './bundle.mjs'
import { runMain, Trouble } from './say.mjs'

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
  if (fresh) await emptyAfterAsking(folder)
  await prepare(port, folder)
  await runAll(port, folder, true)
}

if (process.argv[1]?.endsWith('demo.mjs') || process.argv[1]?.endsWith('bin/demo')) await runMain(main)
