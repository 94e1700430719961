import Papa from 'papaparse'
import { toCsv } from './to-csv'

const cellOf = (text: string | number) => Papa.parse<string[]>(toCsv([{ said: text }]).trimEnd()).data[1]![0]

describe('a cell of a CSV', () => {
  it.each([
    '=1+1',
    '+1',
    '-1',
    '@SUM(A1)',
    '=HYPERLINK("http://x")\nand more',
    '  =1+1',
    '\n=1+1',
    '\t=1+1',
    '\uFEFF=1+1',
    '\u0000=1+1',
    '＝1+1',
    '－1',
  ])('%j is text, and no formula', text => {
    const cell = cellOf(text)!
    expect(cell.startsWith("'")).toBe(true)
    expect(cell.slice(1)).toBe(text)
  })
  it.each(['36 3/8', 'a = b', 'x-1', 'Door, "front"', 'two\nlines', '’quoted’'])('%j stays as it is', text =>
    expect(cellOf(text) ?? '').toBe(text),
  )
  it('that is a number stays one, below nought too', () => expect([cellOf(-3), cellOf(1.5)]).toEqual(['-3', '1.5']))
  it('stands under its column, in the order that is asked for', () => {
    expect(toCsv([{ b: 1, a: 2 }], ['a', 'b'])).toBe('a,b\n2,1\n')
    expect(toCsv([{ b: 1, a: 2 }])).toBe('b,a\n1,2\n')
    expect(toCsv([], ['a', 'b']).trim()).toBe('a,b')
  })
})
