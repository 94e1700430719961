import { changeItem, device, OF, rowItem } from './test/device'
import { type Fate, storeModel } from './test/store-model'

// A day with bad signal, many times over: requests that never arrive, replies that are lost, batches broken off in the middle, pages killed between key
// and reply, two windows at once. In the end the store has everything once.

/** Numbers from 0 to 1 by a seed (mulberry32). */
function numbers(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

const FATES: readonly Fate[] = ['away', 'reply-lost', 'half', 'there']
const WISHES = `${OF}/edits/wishes`
const ROWS = 25
const SEEDS = 35

it('over a thousand cuts nothing is lost and nothing doubled', async () => {
  let cuts = 0
  for (let seed = 1; seed <= SEEDS; seed++) {
    const random = numbers(seed)
    const FIRST = { revision: 1, data: { count: 0, other: 0 } }
    const store = storeModel({ [WISHES]: FIRST })
    store.goes(() => {
      const fate = FATES[Math.floor(random() * FATES.length)]!
      if (fate !== 'there') cuts++
      return fate
    })
    const { tab, kill, close } = device(store.line)
    let windows = [tab(), tab()]
    for (let i = 0; i < ROWS; i++) {
      const own = windows[i % 2]!
      void own.put(rowItem(`s${seed}r${i}`, i))
      const there = own.get(WISHES)
      const [base, data] =
        there?.kind === 'change' ? [there.base, there.wanted] : [store.record(WISHES)!, store.record(WISHES)!.data]
      const kept = own.put(changeItem(base, { ...data, count: i }))
      if (random() < 0.3) await own.flush()
      else await kept
      if (random() < 0.2) {
        cuts++
        kill(own)
        windows = [windows[(i + 1) % 2]!, tab()]
        await windows[1]!.start()
      }
    }
    store.goes('there')
    for (const one of windows) await one.start()
    const left = windows.flatMap(one => one.snapshot().items)
    expect([seed, left, store.rows.size, store.record(WISHES)?.data]).toEqual([
      seed,
      [],
      ROWS,
      { count: ROWS - 1, other: 0 },
    ])
    close()
  }
  expect(cuts).toBeGreaterThanOrEqual(1000)
}, 60_000)
