import type { Column } from '@/core/base/column'
import { mm } from '@/core/units/length'
import { type Cell, isRejected, type ListOf, RejectedCell, readEntered, readList } from './read-list'

type Thing = { readonly id: string; readonly size: unknown; readonly many: unknown; readonly is: unknown }
const column = (id: string, of: Column['of'], more: Partial<Column> = {}): Column => ({
  id,
  member: id,
  of,
  choices: null,
  isNeeded: false,
  alsoCalled: [],
  ...more,
})
const COLUMNS = [
  column('article', 'text', { isNeeded: true, alsoCalled: ['item'] }),
  column('size', 'length', { alsoCalled: ['width'] }),
  column('many', 'count'),
  column('is', 'yes'),
]
const of = (cell: Cell): Thing => {
  const value = (i: number) => (cell.text(COLUMNS[i]!.id) === '' ? null : cell.value(COLUMNS[i]!))
  if (cell.text('article') === 'none') throw new RejectedCell(cell.head('article'), 'There is no such thing.')
  return { id: cell.text('article'), size: value(1), many: value(2), is: value(3) }
}
const THINGS: ListOf<Thing> = { columns: COLUMNS, from: of, keyOf: one => one.id, nameOf: one => one.id }
const read = (...lines: readonly string[]) => readList(lines.join('\n'), THINGS)

describe('a list as CSV', () => {
  it('is read by its columns’ names or others they are known by, whatever their order and case', () => {
    expect(read('Width,ITEM,Is', '762 mm,A,yes').taken).toEqual([{ id: 'A', size: mm(762), many: null, is: true }])
    expect(read('size,article', '1/2,A').matching).toMatchObject({ article: 'article', size: 'size', many: null })
  })
  it('with a head that could stand for two columns gives it to one', () => {
    const { matching } = read('article,item', 'A,B')
    expect(Object.values(matching).filter(head => head === 'article')).toHaveLength(1)
    expect(Object.values(matching)).not.toContain('item')
  })
  it('matched by hand follows the hand, and a column that is not needed may be taken off', () => {
    const csv = 'number,width\nA,1/2'
    expect(readList(csv, THINGS).lacking).toEqual(['article'])
    expect(readList(csv, THINGS, { matching: { article: 'number' } }).taken).toHaveLength(1)
    const off = readList(csv, THINGS, { matching: { article: 'number', size: null } })
    expect(off.taken).toEqual([{ id: 'A', size: null, many: null, is: null }])
  })
  it('says of every row that can’t be taken which one, at which head and why, and takes the others', () => {
    const { taken, rejected } = read(
      'item,width,many,is',
      'A,wide,1,yes',
      'none,1,1,no',
      'B,1,1.5,no',
      'C,1,1,maybe',
      'D,1,2,0',
    )
    expect(taken).toEqual([{ id: 'D', size: expect.any(Number), many: 2, is: false }])
    expect(rejected).toMatchObject([
      { row: 2, column: 'width' },
      { row: 3, column: 'item', reason: 'There is no such thing.' },
      { row: 4, column: 'many', reason: '“1.5” is not a whole number.' },
      { row: 5, column: 'is', reason: '“maybe” is neither yes nor no.' },
    ])
  })
  it('takes the first of rows that are the same thing, and counts them', () => {
    const { taken, rejected } = read('article,many', 'A,1', 'A,2', 'B,1', 'A,3')
    expect(taken.map(one => [one.id, one.many])).toEqual([
      ['A', 1],
      ['B', 1],
    ])
    expect(rejected.map(one => [one.row, one.reason])).toEqual([
      [3, '“A” is there 3 times; the first is taken.'],
      [5, '“A” is there 3 times; the first is taken.'],
    ])
  })
  it('with a row longer than its head refuses that row; empty lines and a mark at the start do no harm', () => {
    const { taken, rejected } = read('\uFEFFarticle,many', 'A,1,9', '', 'B,1')
    expect(taken.map(one => one.id)).toEqual(['B'])
    expect(rejected).toMatchObject([{ row: 2, column: '(whole row)' }])
  })
  it('without a row, or without anything, is read as empty', () => {
    expect(read('article,many')).toMatchObject({ taken: [], rejected: [], lacking: [] })
    expect(read('')).toMatchObject({ taken: [], rejected: [], lacking: ['article'] })
  })
})

describe('one record entered by hand', () => {
  it('is read as a row would be, bare numbers as somebody says they are', () => {
    expect(readEntered({ article: 'A', size: '20' }, THINGS, 'mm')).toEqual({
      id: 'A',
      size: mm(20),
      many: null,
      is: null,
    })
    const wrong = readEntered({ article: 'A', size: 'x' }, THINGS, 'in')
    expect([isRejected(wrong), wrong]).toEqual([true, expect.objectContaining({ row: 1, column: 'size' })])
  })
})
