import { migrate } from 'drizzle-orm/mysql2/migrator'
import { connect } from './connection'

/** Brings the database at `url` to the tables of the migrations in `folder`, in their order. */
export async function migrateStore(url: string, folder: string): Promise<void> {
  const { db, pool } = connect(url)
  try {
    await migrate(db, { migrationsFolder: folder })
  } finally {
    await pool.end()
  }
}
