import { join } from 'node:path'
import { connect } from '@/store/connection'
import { hasCompany } from '@/store/jobs'
import { migrateStore, underLock } from '@/store/migrate'
import { partFormerRecords, refuseGaps } from '@/store/upgrade'
import { loadDemo } from './demo'

/** Migrates the database at `url`, brings its records up, and, where the demo is shown and no company is there, loads the demo, whole or not at
 *  all. `root` is the project's folder. Tells whether the demo was loaded. */
export async function setUp(url: string, root: string, isDemo = true): Promise<boolean> {
  await migrateStore(url, join(root, 'src/store/migrations'))
  return underLock(url, async () => {
    const { db, pool } = connect(url)
    try {
      await refuseGaps(db)
      await partFormerRecords(db)
      if (!isDemo || (await hasCompany(db))) return false
      await db.transaction(tx => loadDemo(tx, join(root, 'demo')))
      return true
    } finally {
      await pool.end()
    }
  })
}
