import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { createPool, type Pool } from 'mysql2/promise'

/** A database, or a transaction in it. */
export type Db = Pick<MySql2Database, 'select' | 'insert' | 'update' | 'delete' | 'transaction'>

/** Opens a pool on `url`. UTC throughout; a dead server is noticed within five seconds. */
export function connect(url: string): { readonly db: MySql2Database; readonly pool: Pool } {
  const pool = createPool({
    uri: url,
    connectionLimit: 10,
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    connectTimeout: 5000,
  })
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

const AWAY = [
  'ECONNREFUSED',
  'ECONNRESET',
  'PROTOCOL_CONNECTION_LOST',
  'ETIMEDOUT',
  'EPIPE',
  'ER_SERVER_SHUTDOWN',
  'ER_CONNECTION_KILLED',
]

type Fault = { readonly code?: unknown; readonly fatal?: unknown; readonly cause?: unknown }

/** An error and what caused it, outermost first: the driver's own word sits at the bottom. */
function chainOf(error: unknown): readonly Fault[] {
  const chain: Fault[] = []
  for (let at = error; typeof at === 'object' && at !== null && chain.length < 8; at = (at as Fault).cause)
    chain.push(at)
  return chain
}

/** Whether an error says that the database went away, and not that a query was wrong. */
export const isAway = (error: unknown): boolean =>
  chainOf(error).some(({ code, fatal }) => (typeof code === 'string' && AWAY.includes(code)) || fatal === true)

/** Whether an error is MariaDB's word for a key that is there already. */
export const isDuplicate = (error: unknown): boolean => chainOf(error).some(({ code }) => code === 'ER_DUP_ENTRY')

/** Whether two transactions waited for each other, and this one was given up for the other's sake. */
const isDeadlock = (error: unknown): boolean => chainOf(error).some(({ code }) => code === 'ER_LOCK_DEADLOCK')

const TRIES = 5
const LONGEST_PAUSE_MS = 40

type Tx = Parameters<Parameters<MySql2Database['transaction']>[0]>[0]

/** Runs all of `work` or nothing of it. What was given up for another transaction's sake is done again, a moment later: nothing of it was
 *  kept. Inside another transaction it is part of that one, which alone can be done again. */
export async function transact<T>(db: Db, work: (tx: Tx) => Promise<T>): Promise<T> {
  if ('rollback' in db) return db.transaction(work)
  for (let round = 1; ; round++) {
    try {
      return await db.transaction(work)
    } catch (error) {
      if (!isDeadlock(error) || round === TRIES) throw error
      await new Promise(resolve => setTimeout(resolve, Math.random() * LONGEST_PAUSE_MS))
    }
  }
}
