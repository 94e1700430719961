import { heldOf } from './outbox'
import { changeItem, device, OF, rowItem } from './test/device'
import { storeModel } from './test/store-model'

// What somebody did is kept first and then sent, until the store has it: with the line away, replies lost, two windows, a page that is killed.

const WISHES = `${OF}/edits/wishes`
const FIRST = { revision: 1, data: { swing: null, hinges: null } }

describe('a row', () => {
  it('lies on the device before it is sent, and is gone from there when the store has it', async () => {
    const store = storeModel()
    const { tab } = device(store.line)
    const outbox = tab()
    expect(await outbox.put(rowItem('a'))).toBe(true)
    await outbox.flush()
    expect([[...store.rows.keys()], outbox.snapshot().items]).toEqual([['a'], []])
  })
  it('waits while there is no line, over the end of its page, and goes by itself when there is', async () => {
    const store = storeModel()
    const { tab, kill, wait } = device(store.line)
    store.goes('away')
    const before = tab()
    await before.put(rowItem('a'))
    await before.flush()
    expect([before.snapshot().line.state, store.rows.size]).toEqual(['away', 0])
    kill(before)
    const after = tab()
    await after.start()
    expect(after.snapshot().items.map(one => one.id)).toEqual(['a'])
    store.goes('there')
    await wait()
    await after.flush()
    expect([store.rows.size, after.snapshot().items.length, after.snapshot().line.state]).toEqual([1, 0, 'fine'])
  })
  it('whose reply was lost is sent again and stored once', async () => {
    const store = storeModel()
    const outbox = device(store.line).tab()
    store.goes('reply-lost')
    await outbox.put(rowItem('a'))
    await outbox.flush()
    expect([store.rows.size, outbox.snapshot().items.length]).toEqual([1, 1])
    store.goes('there')
    await outbox.flush()
    expect([store.rows.size, outbox.snapshot().items.length]).toEqual([1, 0])
  })
  it('the store does not take is held with its reason, never sent again by itself, and keeps no other back', async () => {
    const store = storeModel()
    const outbox = device(store.line).tab()
    store.goes('away')
    store.refuse(row => (row.id === 'b' ? 'No such height.' : null))
    for (const id of ['a', 'b', 'c']) await outbox.put(rowItem(id))
    store.goes('there')
    await outbox.flush()
    expect([...store.rows.keys()].sort()).toEqual(['a', 'c'])
    expect(heldOf(outbox.snapshot())).toMatchObject([{ id: 'b', refused: 'No such height.' }])
    const { length } = store.arrived
    await outbox.flush()
    expect(store.arrived.length).toBe(length)
  })
  it('that was refused goes when somebody sends it again, or is given up', async () => {
    const store = storeModel()
    const { tab, kill } = device(store.line)
    const outbox = tab()
    store.refuse(() => 'No.')
    await outbox.put(rowItem('a'))
    await outbox.put(rowItem('b'))
    await outbox.flush()
    store.refuse(() => null)
    outbox.tryAgain('a')
    outbox.leaveOut('b')
    await outbox.flush()
    kill(outbox)
    const after = tab()
    await after.start()
    expect([[...store.rows.keys()], after.snapshot().items]).toEqual([['a'], []])
  })
  it('of an opening that is made on the same device comes after it', async () => {
    const store = storeModel({}, [])
    const outbox = device(store.line).tab()
    store.goes('away')
    const made = { id: 'n', of: '/api/jobs/j', path: '/api/jobs/j/openings', what: 'B9', doneAt: '', body: { id: 'n' } }
    await outbox.put({ kind: 'whole', ...made, makes: '/api/openings/n' })
    await outbox.put(rowItem('a', 1, '/api/openings/n'))
    store.goes('there')
    await outbox.flush()
    expect([[...store.made], [...store.rows.keys()], outbox.snapshot().items]).toEqual([['n'], ['a'], []])
  })
})

it('many rows go together, in their order, two hundred at once', async () => {
  const store = storeModel()
  const outbox = device(store.line).tab()
  store.goes('away')
  for (let i = 0; i < 450; i++) void outbox.put(rowItem(`r${i}`))
  await outbox.flush()
  store.goes('there')
  await outbox.flush()
  expect([store.rows.size, store.arrived.length]).toEqual([450, 3])
  expect([...store.rows.keys()].slice(0, 3)).toEqual(['r0', 'r1', 'r2'])
})

it('a browser that keeps nothing says so, and sends all the same', async () => {
  const store = storeModel()
  store.goes('away')
  const outbox = device(store.line, false).tab()
  expect(await outbox.put(rowItem('a'))).toBe(false)
  expect([...outbox.snapshot().unkept]).toEqual(['a'])
  store.goes('there')
  await outbox.flush()
  expect([store.rows.size, outbox.snapshot().unkept.size]).toEqual([1, 0])
})

describe('two windows', () => {
  it('show what either did, and send it once', async () => {
    const store = storeModel()
    const { tab } = device(store.line)
    const [one, other] = [tab(), tab()]
    store.goes('away')
    await one.put(rowItem('a'))
    expect(other.snapshot().items.map(it => it.id)).toEqual(['a'])
    store.goes('there')
    await Promise.all([one.flush(), other.flush()])
    expect([store.arrived.length, one.snapshot().items.length, other.snapshot().items.length]).toEqual([1, 0, 0])
  })
  it('that change one record before the store answered lose neither', async () => {
    const store = storeModel({ [WISHES]: FIRST })
    const { tab } = device(store.line)
    const [one, other] = [tab(), tab()]
    store.goes('away')
    await Promise.all([
      one.put(changeItem(FIRST, { swing: 'in', hinges: null })),
      other.put(changeItem(FIRST, { swing: 'in', hinges: 'left' })),
    ])
    store.goes('there')
    await one.flush()
    await other.flush()
    expect(store.record(WISHES)?.data).toEqual({ swing: 'in', hinges: 'left' })
  })
})

describe('a change', () => {
  it('made again while it is under way goes on from what was stored', async () => {
    const store = storeModel({ [WISHES]: FIRST })
    const outbox = device(store.line).tab()
    void outbox.put(changeItem(FIRST, { swing: 'in', hinges: null }))
    void outbox.put(changeItem(FIRST, { swing: 'out', hinges: null }))
    await outbox.put(changeItem(FIRST, { swing: 'out', hinges: 'left' }))
    await outbox.flush()
    expect([store.record(WISHES)?.data, outbox.snapshot().items]).toEqual([{ swing: 'out', hinges: 'left' }, []])
  })
  it('of what somebody else changed otherwise is held with both sides and who it was, over a reload', async () => {
    const store = storeModel({ [WISHES]: FIRST })
    const { tab, kill } = device(store.line)
    const outbox = tab()
    store.change(WISHES, { swing: 'out' })
    await outbox.put(changeItem(FIRST, { swing: 'in', hinges: 'left' }))
    await outbox.flush()
    kill(outbox)
    const after = tab()
    await after.start()
    expect(heldOf(after.snapshot())).toMatchObject([
      { wanted: { swing: 'in' }, stale: { current: { data: { swing: 'out' } }, paths: ['swing'], by: 'Hester Quill' } },
    ])
    after.choose(WISHES, 'mine')
    await after.flush()
    expect([store.record(WISHES)?.data, after.snapshot().items]).toEqual([{ swing: 'in', hinges: 'left' }, []])
  })
})

it('a photo goes after the rows, with its picture, and its picture is gone when the store has it', async () => {
  const store = storeModel()
  const { tab, base } = device(store.line)
  const outbox = tab()
  store.goes('away')
  const photo = {
    id: 'p',
    of: OF,
    path: `${OF}/photos`,
    what: 'Photo',
    doneAt: '',
    slot: null,
    by: 'x',
    at: '',
  } as const
  await outbox.put({ kind: 'photo', ...photo }, new Blob(['picture']))
  await outbox.put(rowItem('a'))
  expect(await (await base()).pictures.count()).toBe(1)
  store.goes('there')
  await outbox.flush()
  expect([store.rows.has('a'), store.photos.has('p'), await (await base()).pictures.count()]).toEqual([true, true, 0])
})
