import { isTooMuch } from './too-much'

const asked = (text: string, most: number) => isTooMuch(Buffer.from(text), most)

describe('a request', () => {
  it('of as many parts as it may have is none too many, of one more it is', async () => {
    const text = JSON.stringify({ items: Array.from({ length: 9 }, () => 1) })
    // The whole, the list, and eight that follow another.
    expect([await asked(text, 10), await asked(text, 9)]).toEqual([false, true])
  })
  it('whose parts lie deeper than any record’s is too much, however few', async () => {
    const nested = (deep: number) => `${'['.repeat(deep)}${']'.repeat(deep)}`
    expect([await asked(nested(50), 1000), await asked(nested(200_000), 1_000_000)]).toEqual([false, true])
  })
  it.each(['[{,[', 'a "quoted, [text]', 'ends in a backslash \\', '\\"[[[,', 'é, 🚪'])(
    'counts nothing of the text %p',
    async text =>
      expect([
        await asked(JSON.stringify({ text, next: 1 }), 2),
        await asked(JSON.stringify({ text, next: 1 }), 1),
      ]).toEqual([false, true]),
  )
  it.each(['"never ends', '', 'null', '1', '"text"'])('of %p is not', async text =>
    expect(await asked(text, 0)).toBe(false),
  )
  it('lets others in while it is looked through', async () => {
    let turns = 0
    const long = isTooMuch(Buffer.from(`[${'1,'.repeat(8 * 1024 * 1024)}1]`), 1e9)
    const count = setInterval(() => turns++, 0)
    expect([await long, turns > 0]).toEqual([false, true])
    clearInterval(count)
  })
})
