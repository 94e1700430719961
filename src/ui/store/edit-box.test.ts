import type { Versioned } from '@/core/sheet'
import { device, OF } from '../outbox/test/device'
import { storeModel } from '../outbox/test/store-model'
import { type Clash, editBox } from './edit-box'

// A change of an edited record on its way: with the line away, two windows, a reply that was lost, a reload.

type Wished = {
  readonly swing: string | null
  readonly hinges: string | null
  readonly visit: { readonly reasons: readonly string[] }
}
const FIRST: Versioned<Wished> = { revision: 1, data: { swing: null, hinges: null, visit: { reasons: [] } } }
const PATH = `${OF}/edits/wishes`

/** A store of one record, a device, and windows on it. */
function setUp(first: Versioned<Wished> = FIRST) {
  const store = storeModel({ [PATH]: first })
  const { tab, kill } = device(store.line)
  const window = (loaded: Versioned<Wished> = first) => {
    const outbox = tab()
    const seen: { shown: Wished; clash: Clash<Wished> | null; stored: number } = {
      shown: loaded.data,
      clash: null,
      stored: 0,
    }
    const box = editBox<Wished>(loaded, { path: PATH, of: OF, what: 'what is wanted' }, outbox, {
      show: next => {
        seen.shown = next.data
      },
      clash: one => {
        seen.clash = one
      },
      stored: () => {
        seen.stored++
      },
    })
    box.listen()
    return { box, seen, outbox }
  }
  return { store, window, kill, data: () => store.record(PATH)!.data as Wished }
}

it('a change is shown at once, and stored', async () => {
  const { window, store, data } = setUp()
  const { box, seen, outbox } = window()
  box.save({ swing: 'in' })
  expect([seen.shown.swing, outbox.snapshot().items.length]).toEqual(['in', 1])
  await outbox.flush()
  expect([data().swing, store.record(PATH)?.revision, seen.stored, outbox.snapshot().items]).toEqual(['in', 2, 1, []])
})

it('changes made one after the other all stand, in as few requests as can be', async () => {
  const { window, store, data } = setUp()
  const { box, outbox } = window()
  box.save({ swing: 'in' })
  box.save({ swing: 'out' })
  box.save({ hinges: 'left' })
  await outbox.flush()
  expect([data().swing, data().hinges, store.arrived.length <= 2]).toEqual(['out', 'left', true])
})

it('with the line away nothing is lost: shown, kept over a reload, sent when it is there again', async () => {
  const { window, store, kill, data } = setUp()
  store.goes('away')
  const before = window()
  before.box.save({ swing: 'in' })
  await before.outbox.flush()
  kill(before.outbox)
  const after = window()
  await after.outbox.start()
  expect([after.seen.shown.swing, data().swing]).toEqual(['in', null])
  store.goes('there')
  await after.outbox.flush()
  expect([data().swing, after.seen.shown.swing, after.outbox.snapshot().items]).toEqual(['in', 'in', []])
})

it('what was changed after a reply was lost is no clash with oneself', async () => {
  const { window, store, data } = setUp()
  const { box, seen, outbox } = window()
  store.goes('reply-lost')
  box.save({ swing: 'in' })
  await outbox.flush()
  box.save({ swing: 'out' })
  store.goes('there')
  await outbox.flush()
  expect([data().swing, seen.clash, store.record(PATH)?.revision]).toEqual(['out', null, 3])
})

it('what another window changed beside it is taken in', async () => {
  const { window, store, data } = setUp()
  const { box, seen, outbox } = window()
  store.change(PATH, { hinges: 'right' })
  box.save({ swing: 'in' })
  await outbox.flush()
  const both = { ...FIRST.data, swing: 'in', hinges: 'right' }
  expect([data(), seen.shown]).toEqual([both, both])
})

describe('what somebody else changed meanwhile', () => {
  it('stands here once it is known, while nothing is changed here', () => {
    const { window } = setUp()
    const { box, seen } = window()
    box.theirs({ revision: 2, data: { ...FIRST.data, hinges: 'right' } })
    expect(seen.shown.hinges).toBe('right')
    box.theirs({ revision: 1, data: FIRST.data })
    expect(seen.shown.hinges).toBe('right')
  })
  it('moves nothing that is being changed here', async () => {
    const { window, store, data } = setUp()
    const { box, seen, outbox } = window()
    store.goes('away')
    store.change(PATH, { hinges: 'right' })
    box.save({ swing: 'in' })
    box.theirs(store.record(PATH) as Versioned<Wished>)
    expect(seen.shown).toEqual({ ...FIRST.data, swing: 'in' })
    store.goes('there')
    await outbox.flush()
    expect([data().swing, data().hinges, seen.shown.hinges]).toEqual(['in', 'right', 'right'])
  })
})

describe('what both changed', () => {
  const clashing = async () => {
    const all = setUp()
    const { box, seen, outbox } = all.window()
    all.store.change(PATH, { swing: 'out' })
    box.save({ swing: 'in', hinges: 'left' })
    await outbox.flush()
    return { ...all, box, seen, outbox }
  }
  it('is shown with both sides, and nothing of either is stored over the other', async () => {
    const { data, seen } = await clashing()
    expect(seen.clash).toMatchObject({ paths: ['swing'], mine: { swing: 'in' }, current: { data: { swing: 'out' } } })
    expect(data().swing).toBe('out')
  })
  it.each([
    ['mine', 'in'],
    ['theirs', 'out'],
  ] as const)('settled as %s is %s; what only one changed stays', async (side, swing) => {
    const { data, box, seen, outbox } = await clashing()
    box.choose(side)
    await outbox.flush()
    expect([data().swing, data().hinges, seen.clash]).toEqual([swing, 'left', null])
  })
  it('is settled once: chosen again, nothing happens', async () => {
    const { store, box, outbox } = await clashing()
    box.choose('mine')
    await outbox.flush()
    const { revision } = store.record(PATH)!
    box.choose('theirs')
    await outbox.flush()
    expect(store.record(PATH)?.revision).toBe(revision)
  })
  it('and left out by hand is as the other has it', async () => {
    const { box, seen, outbox, store } = await clashing()
    box.theirs(store.record(PATH) as Versioned<Wished>)
    outbox.leaveOut(PATH)
    expect([seen.shown.swing, seen.clash]).toEqual(['out', null])
  })
})

it('a whole takes the place of everything: what it leaves out is gone', async () => {
  const { window, data } = setUp({ revision: 4, data: { swing: 'in', hinges: 'left', visit: { reasons: ['rot'] } } })
  const { box, outbox } = window()
  box.save({ swing: 'in' } as Wished, 'whole')
  await outbox.flush()
  expect(data()).toEqual({ swing: 'in' })
})
