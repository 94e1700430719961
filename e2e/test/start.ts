import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Database, freePort, startDatabase } from '../../tools/database.mjs'
import { ensureBuild, ensureData, startApplication } from '../../tools/demo.mjs'
import { serveControl } from './control'

/** Builds, starts a database and the application for all stories, and a small door through which a story can take the database away. */
export default async function start(): Promise<() => Promise<void>> {
  ensureBuild()
  const folder = mkdtempSync(join(tmpdir(), 'harvek-e2e-'))
  const port = await freePort()
  let database: Database = await startDatabase(folder, port)
  await ensureData(database.url)
  const application = await startApplication(await freePort(), database.url, folder)
  const control = await serveControl({
    kill: () => database.kill(),
    restart: async () => {
      database = await startDatabase(folder, port)
    },
  })
  process.env.HARVEK_BASE = application.address
  process.env.HARVEK_CONTROL = control.address
  process.env.HARVEK_FOLDER = folder
  process.env.HARVEK_E2E_DATABASE = database.url
  return async () => {
    await control.stop()
    await application.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
