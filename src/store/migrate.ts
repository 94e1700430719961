import { readMigrationFiles } from 'drizzle-orm/migrator'
import type { Connection } from 'mysql2/promise'
import { createConnection } from 'mysql2/promise'

/** What MariaDB says of a statement whose work was done by a run that broke off: a table, column, key or trigger that is there already,
 *  or one that is gone already. */
const DONE_ALREADY: ReadonlySet<number> = new Set([1050, 1060, 1061, 1022, 1091, 1359, 1826, 1068, 1360])
const LOCK = 'harvek-migrate'
const LOCK_SECONDS = 120

/** Brings the database at `url` to the tables of the migrations in `folder`, in their order. Only one at a time does it; a migration that
 *  broke off is gone on with, statement by statement. */
export async function migrateStore(url: string, folder: string): Promise<void> {
  await underLock(url, async connection => {
    await connection.query(
      'CREATE TABLE IF NOT EXISTS `__drizzle_migrations` (id serial primary key, hash text not null, created_at bigint)',
    )
    const [rows] = await connection.query('SELECT max(created_at) AS last FROM `__drizzle_migrations`')
    const last = Number((rows as unknown as readonly { last: unknown }[])[0]?.last ?? 0)
    for (const { sql, hash, folderMillis } of readMigrationFiles({ migrationsFolder: folder })) {
      if (folderMillis <= last) continue
      for (const statement of sql) await runOnce(connection, statement)
      await connection.query('INSERT INTO `__drizzle_migrations` (hash, created_at) VALUES (?, ?)', [
        hash,
        folderMillis,
      ])
    }
  })
}

/** Does something while nobody else migrates this database; whoever comes second waits. */
export async function underLock<T>(url: string, act: (connection: Connection) => Promise<T>): Promise<T> {
  const connection = await createConnection({ uri: url, timezone: 'Z', charset: 'utf8mb4_unicode_ci' })
  try {
    const [rows] = await connection.query('SELECT get_lock(concat(database(), ?), ?) AS got', [
      `/${LOCK}`,
      LOCK_SECONDS,
    ])
    if (Number((rows as unknown as readonly { got: unknown }[])[0]?.got) !== 1)
      throw new Error(
        `Another Harvek has been preparing this database for ${LOCK_SECONDS} seconds. Try again when it is done.`,
      )
    return await act(connection)
  } finally {
    await connection.end()
  }
}

async function runOnce(connection: Connection, statement: string): Promise<void> {
  try {
    await connection.query(statement)
  } catch (error) {
    const { errno, message } = error as { errno?: number; message?: string }
    const isKeyThere = errno === 1005 && /errno: 121/.test(message ?? '')
    if (!isKeyThere && !(errno !== undefined && DONE_ALREADY.has(errno))) throw error
  }
}
