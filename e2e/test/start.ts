import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureBuild, ensureData, startApplication } from '../../tools/application.mjs'
import { type Database, freePort, startDatabase } from '../../tools/database.mjs'
import { startDesk, startDevice } from '../../tools/devices.mjs'
import { serveControl } from './control'

/** Builds, starts a database and the application for all stories, and a small door through which a story can take the database away. */
export default async function start(): Promise<() => Promise<void>> {
  // Stories don't wait the minute in which an order can be called back.
  process.env.HARVEK_HOLD_SECONDS = '0'
  // One member does what a firm does in a month.
  process.env.HARVEK_LIMITS = '0'
  await ensureBuild()
  const folder = mkdtempSync(join(tmpdir(), 'harvek-e2e-'))
  let database: Database = await startDatabase(folder)
  const { port } = database
  await ensureData(database.url)
  const ports = {
    application: await freePort(),
    laser: await freePort(),
    level: await freePort(),
    desk: await freePort(),
  }
  let laser = await startDevice('laser', ports.laser)
  const level = await startDevice('level', ports.level)
  const deskFile = join(folder, 'desk.jsonl')
  let desk = await startDesk(ports.desk, deskFile)
  const startApp = () =>
    startApplication(ports.application, database.url, folder, {
      devices: `laser=${ports.laser} level=${ports.level}`,
      desk: desk.address,
    })
  let application = await startApp()
  const control = await serveControl({
    kill: () => database.kill(),
    restart: async () => {
      database = await startDatabase(folder, port)
    },
    'kill-application': () => application.kill(),
    'restart-application': async () => {
      application = await startApp()
    },
    'kill-desk': () => desk.kill(),
    'restart-desk': async () => {
      desk = await startDesk(ports.desk, deskFile)
    },
    'kill-laser': () => laser.kill(),
    'restart-laser': async () => {
      laser = await startDevice('laser', ports.laser)
    },
  })
  process.env.HARVEK_BASE = application.address
  process.env.HARVEK_CONTROL = control.address
  process.env.HARVEK_FOLDER = folder
  process.env.HARVEK_LASER = laser.address
  process.env.HARVEK_DESK_ADDRESS = desk.address
  process.env.HARVEK_LEVEL = level.address
  process.env.HARVEK_E2E_DATABASE = database.url
  return async () => {
    await control.stop()
    await application.stop()
    await desk.stop()
    await laser.stop()
    await level.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
