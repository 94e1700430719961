import {
  keepChange,
  keepDraft,
  keepLooked,
  keepRow,
  keptChange,
  keptDraft,
  keptLooked,
  keptRows,
  letGo,
} from './outbox'
import { keepingBrowser } from './test/browser'

// What a browser keeps until the store has it, whatever somebody else put into the same place.

const kept = keepingBrowser()

const BASE = '/api/openings/x'
const row = (id: string, value = 1) => ({ path: 'readings', row: { id, value } })

describe('rows that wait', () => {
  it('stand in the order they were added, each once, by their opening', () => {
    keepRow(BASE, row('a'))
    keepRow(BASE, row('b'))
    keepRow('/api/openings/y', row('c'))
    keepRow(BASE, row('a', 2))
    expect(keptRows(BASE)).toEqual([row('b'), row('a', 2)])
    expect(keptRows('/api/openings/y')).toEqual([row('c')])
  })
  it('are let go one by one, and leave nothing behind', () => {
    keepRow(BASE, row('a'))
    keepRow(BASE, row('b'))
    letGo(BASE, 'a')
    letGo(BASE, 'not there')
    expect(keptRows(BASE)).toEqual([row('b')])
    letGo(BASE, 'b')
    expect([keptRows(BASE), kept.size]).toEqual([[], 0])
  })
  it.each(['', 'null', '{', '{"path":"readings"}', '[1,null,{"row":{}},{"path":"readings","row":{"id":"a"}}]'])(
    'of a place that holds %s: only what is a row',
    text => {
      keepRow(BASE, row('z'))
      const [key] = [...kept.keys()]
      kept.set(key!, text)
      for (const one of keptRows(BASE)) expect(one.row.id).toBe('a')
      keepRow(BASE, row('b'))
      expect(keptRows(BASE).at(-1)).toEqual(row('b'))
    },
  )
})

describe('what stands half typed', () => {
  it('is kept until it is empty', () => {
    keepDraft(BASE, { question: 'wall.left', text: '4 1' })
    expect(keptDraft(BASE)).toEqual({ question: 'wall.left', text: '4 1' })
    keepDraft(BASE, { question: 'wall.left', text: '' })
    expect([keptDraft(BASE), kept.size]).toEqual([null, 0])
  })
})

describe('a change on its way', () => {
  const change = { base: { revision: 1, data: { a: 1 } }, wanted: { a: 2 } }
  it('is kept by its record and taken out when the store has it', () => {
    keepChange('/edits/wishes', change)
    keepChange('/edits/fit', { ...change, wanted: { a: 3 } })
    expect([keptChange('/edits/wishes'), keptChange<{ a: number }>('/edits/fit')?.wanted.a]).toEqual([change, 3])
    keepChange('/edits/wishes', null)
    expect([keptChange('/edits/wishes'), keptChange('/edits/fit') === null]).toEqual([null, false])
  })
  it.each(['{"wanted":1}', '{"wanted":1,"base":2}', '{"wanted":1,"base":{"data":1}}', 'x'])(
    'that is none (%s) is not taken for one',
    text => {
      keepChange('/edits/wishes', change)
      const [key] = [...kept.keys()]
      kept.set(key!, text)
      expect(keptChange('/edits/wishes')).toBeNull()
    },
  )
})

it('what was looked at so far is kept by its place', () => {
  keepLooked('receipt/a', { width: 1 })
  expect([keptLooked('receipt/a'), keptLooked('receipt/b')]).toEqual([{ width: 1 }, null])
  keepLooked('receipt/a', null)
  expect(kept.size).toBe(0)
})
