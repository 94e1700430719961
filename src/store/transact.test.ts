import { randomUUID } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { type Db, transact } from './connection'
import { company } from './tables'
import { sharedStore, someCompany } from './test/database'

const store = sharedStore()
const rename = (db: Db, id: string, name: string) => db.update(company).set({ name }).where(eq(company.id, id))
const nameOf = async (id: string) =>
  (await store().db.select({ name: company.name }).from(company).where(eq(company.id, id)))[0]!.name
const pause = (ms: number) => new Promise(resolve => setTimeout(resolve, ms))

describe('a transaction', () => {
  it('that was given up for another’s sake is done again: both are kept, nothing twice', async () => {
    const [one, other] = await Promise.all(['One', 'Other'].map(name => someCompany(store().db, name)))
    const [a, b] = [one!.acting.companyId, other!.acting.companyId]
    let rounds = 0
    // Each holds what the other wants.
    const crossing = (first: string, second: string, name: string) =>
      transact(store().db, async tx => {
        rounds++
        await rename(tx, first, name)
        await pause(120)
        await rename(tx, second, name)
        return name
      })
    const done = await Promise.all([crossing(a, b, 'left'), crossing(b, a, 'right')])
    expect(done).toEqual(['left', 'right'])
    expect(rounds).toBeGreaterThan(2)
    const [first, second] = [await nameOf(a), await nameOf(b)]
    expect([first === second, ['left', 'right'].includes(first)]).toEqual([true, true])
  })
  it('that fails otherwise is tried once, and nothing of it is kept', async () => {
    const { acting } = await someCompany(store().db, 'As it was')
    let rounds = 0
    const failing = transact(store().db, async tx => {
      rounds++
      await rename(tx, acting.companyId, 'changed')
      throw new Error('no')
    })
    await expect(failing).rejects.toThrow('no')
    expect([rounds, await nameOf(acting.companyId)]).toEqual([1, 'As it was'])
  })
  it('inside another is part of it: what the outer one gives up is gone with it', async () => {
    const { acting } = await someCompany(store().db, 'Outer')
    const outer = transact(store().db, async tx => {
      await transact(tx, async inner => void (await rename(inner, acting.companyId, 'inner')))
      throw new Error(`given up ${randomUUID()}`)
    })
    await expect(outer).rejects.toThrow('given up')
    expect(await nameOf(acting.companyId)).toBe('Outer')
  })
  it('of many companies that begin at once loses none', async () => {
    const all = await Promise.all(Array.from({ length: 8 }, (_, i) => someCompany(store().db, `At once ${i}`)))
    expect(new Set(all.map(one => one.acting.companyId)).size).toBe(8)
  })
})
