import { setUp } from '@/server/setup'
import { opening } from './tables'
import { sharedStore } from './test/database'

const store = sharedStore()

it('the demo is loaded where no company is there, whole and once', async () => {
  const isLoaded = () => setUp(store().database.url, process.cwd())
  expect(await isLoaded()).toBe(true)
  const { length } = await store().db.select().from(opening)
  expect(length).toBeGreaterThan(20)
  expect(await isLoaded()).toBe(false)
  expect(await store().db.select().from(opening)).toHaveLength(length)
}, 120_000)
