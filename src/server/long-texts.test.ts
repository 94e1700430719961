import { LONG_TEXT_BYTES, parseApart, type TextAt } from './long-texts'
import { isTooMuch } from './too-much'

/** Reads a text as a request's is read; `turns` is how often others were let in. */
async function read(text: string, least = LONG_TEXT_BYTES) {
  const json = Buffer.from(text)
  const long: TextAt[] = []
  await isTooMuch(json, 1e6, (from, to) => to - from > least && long.push({ from, to }))
  let turns = 0
  const value = await parseApart(json, long, async () => void turns++)
  return { value, turns }
}
const photo = 'QUJD'.repeat(20_000)
const odd = `"\\ é 🚪 \u2028 ${'x'.repeat(LONG_TEXT_BYTES)}`

describe('a JSON text with long texts', () => {
  it.each([
    [
      'photos in a list',
      {
        photos: [
          { picture: photo, small: 'AA' },
          { picture: `${photo}QQ`, small: '' },
        ],
      },
      2,
    ],
    ['one that is escaped', { a: { b: odd } }, 1],
    ['the whole of it', photo, 1],
    ['a name as long', { [photo]: 1, b: [photo] }, 1],
    ['none', { a: [null, 1.5, true, 'b'], c: {} }, 0],
  ])('is read as it is: %s', async (_, value, turns) =>
    expect(await read(JSON.stringify(value))).toEqual({ value, turns }),
  )
  it('is read the same, whatever is taken for long', async () => {
    const value = { a: ['', 'b', { c: 'dé', e: '"' }], __proto: 'f', 'g"': ['h'] }
    for (const least of [0, 1, 2, 3]) expect((await read(JSON.stringify(value), least)).value).toEqual(value)
  })
  it('said twice, holds the last', async () =>
    expect((await read(`{"a":"${photo}","a":"${photo}B"}`)).value).toEqual({ a: `${photo}B` }))
  it.each([`{"a":"${photo}`, `{"a":"${photo}\u0001"}`, `{"a" "${photo}"}`, `["\\x${photo}"]`, ''])(
    'that is none is not read',
    async text => expect(read(text)).rejects.toThrow(SyntaxError),
  )
})
