import { v7 as uuidV7 } from 'uuid'
import { reading } from '@/core/test/fixtures'
import { isAway } from './connection'
import { addRows, listRows, READINGS } from './rows'
import { someCompany, startStore } from './test/database'

it('kill -9 of the database during 200 readings loses none that were acknowledged', async () => {
  const store = await startStore()
  const { acting, opening } = await someCompany(store.db, 'Crash')
  const all = Array.from({ length: 200 }, (_, i) => reading('wall.left', '4 1/2', { id: uuidV7(), note: String(i) }))
  const acknowledged: string[] = []
  const refused: string[] = []
  let killed: Promise<void> | null = null
  for (const [i, one] of all.entries()) {
    if (i === 120) killed = store.database.kill()
    try {
      acknowledged.push(...(await addRows(store.db, READINGS, acting, opening.id, [one])).stored)
    } catch (error) {
      expect(isAway(error)).toBe(true)
      refused.push(one.id)
    }
  }
  await killed
  await store.restart()
  const there = new Set((await listRows(store.db, READINGS, acting, [opening.id])).map(one => one.id))
  expect(acknowledged.length).toBeGreaterThanOrEqual(120)
  expect(refused.length).toBeGreaterThan(0)
  expect(acknowledged.filter(id => !there.has(id))).toEqual([])

  const later = await addRows(store.db, READINGS, acting, opening.id, all)
  expect(later.stored).toHaveLength(200)
  expect(await listRows(store.db, READINGS, acting, [opening.id])).toHaveLength(200)
  await store.end()
}, 90_000)
