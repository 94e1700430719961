import { entry, fact, reading } from '@/core/test/fixtures'
import { type Action, first, reduce, type State } from './sheet-state'

// What a sheet shows of rows that come, go, are refused, or are another's.

const EMPTY = first({
  readings: [],
  answers: [],
  log: [],
  photos: [],
  orders: [],
  receipts: [],
  edits: { fit: { revision: 1, data: { shift: 0 } } },
} as unknown as State['sheet'])
const having = (...actions: readonly Action[]): State => actions.reduce(reduce, EMPTY)
const ONE = reading('wall.left', '4 1/2', { id: '01900000-0000-7000-8000-000000000001' })
const TWO = reading('wall.left', '4 5/8', { id: '01900000-0000-7000-8000-000000000002' })
const add = (row: typeof ONE): Action => ({ type: 'add', path: 'readings', row })
const others = (...readings: readonly (typeof ONE)[]): Action => ({
  type: 'others',
  standing: { readings, answers: [], log: [], photos: [], receipts: [], orders: [], edits: EMPTY.sheet.edits },
})

describe('a row', () => {
  it('stands as soon as it is added, and shows what became of it', () => {
    const state = having(add(ONE), { type: 'row', id: ONE.id, storing: 'waiting' })
    expect([state.sheet.readings, state.rows.get(ONE.id)]).toEqual([[ONE], 'waiting'])
    expect(reduce(state, { type: 'row', id: ONE.id, storing: 'stored' }).rows.get(ONE.id)).toBe('stored')
  })
  it('that is added twice stands once', () => expect(having(add(ONE), add(ONE)).sheet.readings).toEqual([ONE]))
  it('that is refused leaves the sheet, and the others stay', () => {
    const gone = { type: 'gone', path: 'readings', id: ONE.id } as const
    expect(having(add(ONE), add(TWO), gone, gone).sheet.readings).toEqual([TWO])
  })
  it('of each list goes to its own', () => {
    const answer = fact('fact.old-door', 'out')
    const noted = entry('step', 'tip-in', 'done', 1)
    const state = having({ type: 'add', path: 'answers', row: answer }, { type: 'add', path: 'log', row: noted })
    expect([state.sheet.answers, state.sheet.log, state.sheet.readings]).toEqual([[answer], [noted], []])
  })
})

describe('what others added', () => {
  it('is taken in once, after one’s own', () => {
    const state = having(add(ONE), others(ONE, TWO), others(ONE, TWO))
    expect(state.sheet.readings).toEqual([ONE, TWO])
  })
  it('that is nothing new leaves the very same state: nothing is drawn again', () => {
    const state = having(add(ONE))
    expect(reduce(state, others(ONE))).toBe(state)
  })
  it('of an order, that it was withdrawn, takes the place of how it stood', () => {
    const order = { id: 'o', withdrawn: null } as unknown as State['sheet']['orders'][number]
    const withdrawn = { ...order, withdrawn: { reason: 'x' } } as unknown as typeof order
    const state = having({ type: 'order', order })
    const standing = { ...state.sheet, orders: [withdrawn] }
    expect(reduce(state, { type: 'others', standing }).sheet.orders).toEqual([withdrawn])
    expect(reduce(state, { type: 'others', standing: state.sheet })).toBe(state)
  })
  it('does not bring back what the store refused', () => {
    const state = having(add(ONE), { type: 'gone', path: 'readings', id: ONE.id })
    expect(reduce(state, others(ONE)).sheet.readings).toEqual([])
  })
})

describe('a photo', () => {
  const photo = { id: 'p', slot: 'view.door' } as unknown as State['sheet']['photos'][number]
  it('stands once, however often its reply comes', () =>
    expect(having({ type: 'photo', photo }, { type: 'photo', photo }).sheet.photos).toEqual([photo]))
  it('that the store does not take is gone, and another’s look does not bring it back', () => {
    const state = having({ type: 'photo', photo }, { type: 'photo-gone', id: 'p' })
    const again = reduce(state, { type: 'others', standing: { ...state.sheet, photos: [photo] } })
    expect([state.sheet.photos, again.sheet.photos]).toEqual([[], []])
  })
})

describe('what two people changed otherwise', () => {
  const clash = { mine: {}, current: { revision: 2, data: {} }, paths: ['swing'], by: null, at: null }
  it('stands by record, the latest of each, and goes when it is settled', () => {
    const both = having(
      { type: 'clash', kind: 'wishes', clash },
      { type: 'clash', kind: 'fit', clash },
      { type: 'clash', kind: 'wishes', clash },
    )
    expect(both.clashes.map(one => one.kind)).toEqual(['fit', 'wishes'])
    expect(reduce(both, { type: 'clash', kind: 'fit', clash: null }).clashes.map(one => one.kind)).toEqual(['wishes'])
  })
  it('and an edit changes its own record alone', () => {
    const state = having({ type: 'edit', kind: 'fit', next: { revision: 2, data: { shift: 3 } } })
    expect(state.sheet.edits.fit).toEqual({ revision: 2, data: { shift: 3 } })
    expect(state.rows).toBe(EMPTY.rows)
  })
})

it('trouble is said until it is over', () => {
  const state = having({ type: 'trouble', message: 'away' })
  expect([state.trouble, reduce(state, { type: 'trouble', message: null }).trouble]).toEqual(['away', null])
})
