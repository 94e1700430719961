import { chmodSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import type { Job, Opening } from '@/core/survey/job-record'
import { jobRecord } from '@/core/test/fixtures'
import { type Database, startDatabase } from '../../../tools/database.mjs'
import { putTemplate } from '../../../tools/store-templates.mjs'
import type { Acting } from '../acting'
import { connect, type Db } from '../connection'
import { addCompany, addOpening, insertJob } from '../jobs'

export type TestStore = {
  readonly database: Database
  readonly db: Db
  readonly folder: string
  readonly restart: () => Promise<Database>
  readonly end: () => Promise<void>
}

/** What is in a store at its start: its tables alone, or the demo as well. */
type Filled = 'tables' | 'demo'

/** A MariaDB of its own for one test file. */
export async function startStore(filled: Filled = 'tables'): Promise<TestStore> {
  const own = mkdtempSync(join(tmpdir(), 'harvek-store-'))
  const folder = join(own, 'store')
  putTemplate(filled, folder)
  // Whoever the database runs as passes through.
  chmodSync(own, 0o711)
  let database = await startDatabase(folder)
  const { port } = database
  const { db, pool } = connect(database.url)
  return {
    database,
    db,
    folder,
    restart: async () => {
      database = await startDatabase(folder, port)
      return database
    },
    end: async () => {
      await pool.end()
      await database.stop()
      rmSync(own, { recursive: true, force: true })
    },
  }
}

/** A store for all tests of a file, started before the first and ended after the last. */
export function sharedStore(filled: Filled = 'tables'): () => TestStore {
  let store: TestStore | null = null
  beforeAll(async () => {
    store = await startStore(filled)
  }, 60_000)
  afterAll(() => store?.end(), 60_000)
  return () => {
    if (!store) throw new Error('The store is there inside tests only.')
    return store
  }
}

/** A company of one, with a job and an opening. */
export async function someCompany(
  db: Db,
  name: string,
): Promise<{ readonly acting: Acting; readonly job: Job; readonly opening: Opening }> {
  const acting: Acting = { companyId: uuidV7(), memberId: uuidV7(), name: `${name} member`, role: 'owner' }
  await addCompany(db, acting.companyId, name, [{ id: acting.memberId, name: acting.name, role: 'owner' }])
  const job = jobRecord({ id: uuidV7(), name: `${name} job`, site: '' })
  await insertJob(db, acting, job)
  const opening: Opening = {
    id: uuidV7(),
    tag: 'A1',
    name: 'Entry',
    family: 'hinged-outside',
    position: 0,
    archivedAt: null,
  }
  await addOpening(db, acting, job.id, opening, newEdits('trim-off'))
  return { acting, job, opening }
}
