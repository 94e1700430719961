import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { createPool, type Pool, type QueryValues } from 'mysql2/promise'

/** A database, or a transaction in it. */
export type Db = Pick<MySql2Database, 'select' | 'insert' | 'update' | 'delete' | 'transaction'>

/** How long a statement by itself may take: a database that hangs holds nobody up for longer. */
const LONGEST_STATEMENT_MS = 20_000
const HANGS = 'STATEMENT_HANGS'

/** Opens a pool on `url`. UTC throughout; a dead server is noticed within five seconds. A statement by itself that was given up for another's
 *  sake is done again, and so is one that only reads when its connection was lost. `onStatement` hears of each that is sent. */
export function connect(
  url: string,
  onStatement?: (sql: string) => void,
): { readonly db: MySql2Database; readonly pool: Pool } {
  const pool = createPool({
    uri: url,
    connectionLimit: 10,
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    connectTimeout: 5000,
    // A fault names its statement (drizzle); taking down the stack of each that goes well costs a fiftieth of a reading.
    trace: false,
  })
  return { db: drizzle(patient(pool), { logger: onStatement ? { logQuery: onStatement } : false }), pool }
}

type Asked = { readonly sql: string }

/** The pool, whose statements outside transactions are tried again where nothing of them was kept. */
function patient(pool: Pool): Pool {
  const query = (asked: Asked, values: QueryValues) =>
    again(
      () => inTime(() => pool.query(asked, values)),
      error => isDeadlock(error) || (isLost(error) && /^\s*select\b/i.test(asked.sql)),
    )
  return new Proxy(pool, {
    get: (target, name) => {
      if (name === 'query') return query
      const member: unknown = Reflect.get(target, name)
      return typeof member === 'function' ? member.bind(target) : member
    },
  })
}

/** Waits for something no longer than a statement may take. */
async function inTime<T>(act: () => Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      const seconds = LONGEST_STATEMENT_MS / 1000
      reject(Object.assign(new Error(`The database did not answer within ${seconds} seconds.`), { code: HANGS }))
    }, LONGEST_STATEMENT_MS)
  })
  try {
    return await Promise.race([act(), late])
  } finally {
    clearTimeout(timer)
  }
}

/** Does something up to five times, a moment apart, while it fails in a way that kept nothing of it. */
async function again<T>(act: () => Promise<T>, isWorthIt: (error: unknown) => boolean): Promise<T> {
  for (let round = 1; ; round++) {
    try {
      return await act()
    } catch (error) {
      if (!isWorthIt(error) || round === TRIES) throw error
      await new Promise(resolve => setTimeout(resolve, Math.random() * LONGEST_PAUSE_MS))
    }
  }
}

const kept = globalThis as typeof globalThis & { harvekStore?: ReturnType<typeof connect> }

/** The application's one pool, kept across reloads. */
export function store(): Db {
  const url = process.env.HARVEK_DATABASE_URL
  if (!url) throw new Error('HARVEK_DATABASE_URL is not set. Start Harvek with bin/demo.')
  kept.harvekStore ??= connect(url)
  return kept.harvekStore.db
}

/** Whether the database answers, asked for two seconds at most. */
export async function isThere(): Promise<boolean> {
  store()
  const pool = kept.harvekStore!.pool
  const late = new Promise<false>(resolve => setTimeout(() => resolve(false), 2000).unref())
  const asked = pool.query('select 1').then(
    () => true,
    () => false,
  )
  return Promise.race([asked, late])
}

const LOST = [
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
export const isAway = (error: unknown): boolean => isLost(error) || chainOf(error).some(({ code }) => code === HANGS)

/** Whether the connection was lost: what was asked by it was not answered. */
const isLost = (error: unknown): boolean =>
  chainOf(error).some(({ code, fatal }) => (typeof code === 'string' && LOST.includes(code)) || fatal === true)

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
  return again(() => db.transaction(work), isDeadlock)
}
