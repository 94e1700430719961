import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Database, startDatabase } from '../../tools/database.mjs'
import { clearLeftOver, noteRunning } from '../../tools/running.mjs'
import { connect } from './connection'
import { hasCompany } from './jobs'
import { migrateStore } from './migrate'
import { someCompany } from './test/database'

// A start that finds its data held, or what was started on them left running.

let folder: string
let first: Database
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'harvek-left-'))
  first = await startDatabase(folder)
  await migrateStore(first.url, 'src/store/migrations')
  const { db, pool } = connect(first.url)
  await someCompany(db, 'Left')
  await pool.end()
}, 60_000)
afterAll(async () => {
  await first.stop()
  rmSync(folder, { recursive: true, force: true })
})

it('says that the data are whole and in use, and never that they are broken', async () => {
  await expect(startDatabase(folder)).rejects.toThrow(/are whole, and in use/)
}, 60_000)

it('goes past a note whose processes are gone or are others by now', async () => {
  noteRunning(folder, 'http://127.0.0.1:1', [process.pid, 2 ** 22 - 1])
  await clearLeftOver(folder)
  await clearLeftOver(folder)
})

it('ends what a starter that was killed left running, and goes on with everything there', async () => {
  noteRunning(folder, 'http://127.0.0.1:1', [first.pid])
  await clearLeftOver(folder)
  await first.ended
  first = await startDatabase(folder)
  const { db, pool } = connect(first.url)
  expect(await hasCompany(db)).toBe(true)
  await pool.end()
}, 60_000)

it('lets nobody in as root without a password', async () => {
  const url = new URL(first.url)
  url.username = 'root'
  url.password = ''
  const { db, pool } = connect(url.href)
  await expect(hasCompany(db)).rejects.toThrow()
  await pool.end()
})
