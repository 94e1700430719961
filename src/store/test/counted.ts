import { eq } from 'drizzle-orm'
import { findKnown, type Known } from '../company'
import { connect, type Db } from '../connection'
import { member } from '../tables'
import type { TestStore } from './database'

/** A further way to a store, for all tests of a file, that counts the statements it is asked. */
export function countedStore(store: () => TestStore) {
  const sent: string[] = []
  let counted: ReturnType<typeof connect> | null = null
  afterAll(() => counted?.pool.end())
  return {
    db: (): Db => {
      counted ??= connect(store().database.url, text => void sent.push(text))
      return counted.db
    },
    /** How many statements something takes. */
    cost: async (act: () => Promise<unknown>): Promise<number> => {
      sent.length = 0
      await act()
      return sent.length
    },
  }
}

/** The owner of the demo's firm, who looks at it. */
export async function demoOwner(db: Db): Promise<Known> {
  const [one] = await db.select().from(member).where(eq(member.name, 'Ida Marlow'))
  return (await findKnown(db, one!.id))!
}
