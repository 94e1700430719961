import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { createPool, type Pool } from 'mysql2/promise'

/** A database, or a transaction in it. */
export type Db = Pick<MySql2Database, 'select' | 'insert' | 'update' | 'delete' | 'transaction'>

/** Opens a pool on `url`. UTC throughout; a dead server is noticed within five seconds. */
export function connect(url: string): { readonly db: MySql2Database; readonly pool: Pool } {
  const pool = createPool({ uri: url, connectionLimit: 10, timezone: 'Z', charset: 'utf8mb4_unicode_ci', connectTimeout: 5000 })
  return { db: drizzle(pool), pool }
}

const kept = globalThis as typeof globalThis & { harvekStore?: ReturnType<typeof connect> }

/** The application's one pool, kept across reloads. */
export function store(): Db {
  const url = process.env.HARVEK_DATABASE_URL
  if (!url) throw new Error('HARVEK_DATABASE_URL is not set. Start Harvek with bin/demo.')
  kept.harvekStore ??= connect(url)
  return kept.harvekStore.db
}

const AWAY = ['ECONNREFUSED', 'ECONNRESET', 'PROTOCOL_CONNECTION_LOST', 'ETIMEDOUT', 'EPIPE', 'ER_SERVER_SHUTDOWN', 'ER_CONNECTION_KILLED']

/** Whether an error says that the database went away, and not that a query was wrong. */
export function isAway(error: unknown): boolean {
  for (let at = error; at instanceof Error; at = at.cause) {
    const { code, fatal } = at as Error & { code?: string; fatal?: boolean }
    if ((code && AWAY.includes(code)) || fatal) return true
  }
  return false
}

/** MariaDB's word for a key that is there already. */
export function isDuplicate(error: unknown): boolean {
  for (let at = error; at instanceof Error; at = at.cause) {
    if ((at as Error & { code?: string }).code === 'ER_DUP_ENTRY') return true
  }
  return false
}
