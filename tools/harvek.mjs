// @ts-check
import { join, resolve } from 'node:path'
import { ensureData, prepare, runAll } from './application.mjs'
import { freshBundle, root } from './bundle.mjs'
import { startDatabase } from './database.mjs'
import { runMain, say, Trouble } from './say.mjs'

const USAGE = `bin/harvek start [--port N] [--data FOLDER]
bin/harvek owner --firm NAME --name NAME --email ADDRESS [--data FOLDER]
  start   runs Harvek for a firm of your own; the first visit sets it up
  owner   sets the firm up without a browser, or makes another owner; asks for the password
  --port  listens on this port of 127.0.0.1 (3000)
  --data  keeps everything in this folder (.harvek)
HARVEK_ORIGIN is the address it is reached by from outside, such as https://doors.example; HARVEK_SMTP its mail server, such as
smtp://127.0.0.1:25. Without a mail server a simulated one shows the mails.`

/** @param {string[]} args */
function optionsOf(args) {
  const [act, ...rest] = args
  /** @type {Record<string, string>} */
  const named = {}
  for (let i = 0; i < rest.length; i += 2) {
    const name = /^--(port|data|firm|name|email)$/.exec(rest[i] ?? '')?.[1]
    const value = rest[i + 1]
    if (!name || value === undefined) throw new Trouble(`Not understood: ${rest[i]}\n${USAGE}`)
    named[name] = value
  }
  if (act !== 'start' && act !== 'owner') throw new Trouble(USAGE)
  if (named.port && !/^\d{2,5}$/.test(named.port)) throw new Trouble(`No port: ${named.port}`)
  return { act, named, port: Number(named.port ?? 3000), folder: resolve(named.data ?? join(root, '.harvek')) }
}

/** What is typed in, without its end of line. @returns {Promise<string>} */
async function passwordTyped() {
  process.stderr.write('Password, ten letters at least: ')
  for await (const chunk of process.stdin) return String(chunk).replace(/\r?\n.*$/s, '')
  return ''
}

/** @param {string} folder @param {Record<string, string>} named */
async function makeOwner(folder, named) {
  for (const name of ['firm', 'name', 'email']) if (!named[name]) throw new Trouble(`Say --${name}.\n${USAGE}`)
  const password = await passwordTyped()
  const database = await startDatabase(folder)
  try {
    await ensureData(database.url, false)
    process.env.HARVEK_DATABASE_URL = database.url
    const { ownerFor } = await import(await freshBundle('owner', 'src/server/owner.ts'))
    say(await ownerFor({ firm: named.firm, name: named.name, email: named.email, password }))
  } catch (error) {
    // What can't be taken is said in a sentence.
    throw new Trouble(error instanceof Error ? error.message : String(error))
  } finally {
    await database.stop()
  }
}

await runMain(async () => {
  const { act, named, port, folder } = optionsOf(process.argv.slice(2))
  await prepare(port, folder)
  if (act === 'owner') await makeOwner(folder, named)
  else await runAll(port, folder, false)
  process.exit(0)
})
