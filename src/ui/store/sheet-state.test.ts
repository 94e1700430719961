import { entry, fact, reading } from '@/core/test/fixtures'
import { type Action, first, reduce, type State } from './sheet-state'

// What a sheet shows of rows that come, go, are refused, or are another's.

const EMPTY = first({
  readings: [],
  answers: [],
  log: [],
  photos: [],
  orders: [],
  edits: { fit: { revision: 1, data: { shift: 0 } } },
} as unknown as State['sheet'])
const having = (...actions: readonly Action[]): State => actions.reduce(reduce, EMPTY)
const ONE = reading('wall.left', '4 1/2', { id: '01900000-0000-7000-8000-000000000001' })
const TWO = reading('wall.left', '4 5/8', { id: '01900000-0000-7000-8000-000000000002' })
const add = (row: typeof ONE): Action => ({ type: 'add', path: 'readings', row })
const others = (...readings: readonly (typeof ONE)[]): Action => ({
  type: 'others',
  rows: { readings, answers: [], log: [] },
})

describe('a row', () => {
  it('stands as soon as it is added, and shows what became of it', () => {
    const state = having(add(ONE), { type: 'row', id: ONE.id, storing: 'storing' })
    expect([state.sheet.readings, state.rows.get(ONE.id)]).toEqual([[ONE], 'storing'])
    expect(reduce(state, { type: 'row', id: ONE.id, storing: 'stored' }).rows.get(ONE.id)).toBe('stored')
  })
  it('that is refused leaves the sheet with its reason, once, and the others stay', () => {
    const refused = { path: 'readings', row: ONE, message: 'too long' } as const
    const state = having(add(ONE), add(TWO), { type: 'refused', refused }, { type: 'refused', refused })
    expect([state.sheet.readings, state.refused]).toEqual([[TWO], [refused]])
    expect(reduce(state, { type: 'left-out', id: ONE.id }).refused).toEqual([])
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
  it('does not bring back what the store refused', () => {
    const state = having(add(ONE), { type: 'refused', refused: { path: 'readings', row: ONE, message: 'no' } })
    expect(reduce(state, others(ONE)).sheet.readings).toEqual([])
  })
})

describe('a photo', () => {
  const photo = { id: 'p', slot: 'view.door' } as unknown as State['sheet']['photos'][number]
  it('stands once, however often its reply comes', () =>
    expect(having({ type: 'photo', photo }, { type: 'photo', photo }).sheet.photos).toEqual([photo]))
})

describe('what two people changed otherwise', () => {
  const clash = { mine: {}, current: { revision: 2, data: {} }, paths: ['swing'] }
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
