import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { migrate } from 'drizzle-orm/mysql2/migrator'
import { connect } from '@/store/connection'
import { company } from '@/store/tables'
import { loadDemo } from './demo'

/** The project's folder: this code always runs as a bundle in .build, one below it. */
const root = () => fileURLToPath(new URL('..', import.meta.url))

/** Brings the database at `url` to the present tables. */
export async function migrateStore(url: string): Promise<void> {
  const { db, pool } = connect(url)
  try {
    await migrate(db, { migrationsFolder: join(root(), 'src/store/migrations') })
  } finally {
    await pool.end()
  }
}

/** Loads the demo into a database that holds no company yet; tells whether it did. */
export async function seedDemo(url: string): Promise<boolean> {
  const { db, pool } = connect(url)
  try {
    const [any] = await db.select({ id: company.id }).from(company).limit(1)
    if (any) return false
    await db.transaction(tx => loadDemo(tx, join(root(), 'demo')))
    return true
  } finally {
    await pool.end()
  }
}
