import { isTooMuch } from './too-much'

describe('a request', () => {
  it('of as many parts as it may have is none too many, of one more it is', () => {
    const value = { items: Array.from({ length: 9 }, () => 1) }
    expect([isTooMuch(value, 10), isTooMuch(value, 9)]).toEqual([false, true])
  })
  it('whose parts lie deeper than any record’s is too much, however few', () => {
    const nested = (deep: number) => JSON.parse(`${'['.repeat(deep)}${']'.repeat(deep)}`)
    expect([isTooMuch(nested(50), 1000), isTooMuch(nested(200_000), 1_000_000)]).toEqual([false, true])
  })
  it.each([null, 1, 'text', [], {}])('of %p is not', value => expect(isTooMuch(value, 0)).toBe(false))
})
