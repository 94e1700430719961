import { done, LENGTHS, length, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { trimOutside, trimShort } from './trim-outside'
import { NO_VISIT } from './visit'

const SIZE = { width: length('37 1/2'), height: length('81 3/4') }
/** The usual trim: 2 in wide, set back 1/2 in on a frame of 1 1/4 in at its stop: 1 1/4 in over the frame at each edge. */
const OVER = length('1 1/4')

describe('a unit with its trim', () => {
  it.each([
    [{}, '40', '83'],
    [{ mouldWidth: length('3 1/2') }, '43', '84 1/2'],
    [{ mouldWidth: length('3 1/2'), mouldSetback: length('0') }, '42', '84'],
  ])('with a sheet of %j is %s by %s over it', (sheet, width, height) =>
    expect(trimOutside({ ...SIZE, ...sheet }, LENGTHS)).toEqual({ width: length(width), height: length(height) }),
  )
  it.each([
    ['40', '83', '0', '0'],
    ['39', '82', '0', '0'],
    ['40 1/2', '83 3/8', '1/4', '3/8'],
    [null, null, '0', '0'],
  ])('where the old trim was %s by %s falls short by %s and %s', (width, height, side, head) => {
    const covered = { width: width === null ? null : length(width), height: height === null ? null : length(height) }
    expect(trimShort(SIZE, covered, LENGTHS)).toEqual({ side: length(side), head: length(head) })
  })
})

describe('where the outside trim comes off', () => {
  const own = unit()
  const run = (stays: readonly 'outside-casing'[], texts: { readonly [slot: string]: string } = {}) =>
    done(
      records(
        { ...TRUE_OPENING, 'mould.width.middle': '41', 'mould.height': '80', ...texts },
        { visit: { ...NO_VISIT, stays: [...stays] } as never, chosen: { unit: own.id, reason: 'it fits' } },
      ),
      trade([own]),
    )
  it('bare wall beside a narrower trim is said, and priced as siding to patch', () => {
    const { chosen } = run([])
    expect(own.width + 2 * OVER).toBeLessThan(length('41'))
    expect(chosen!.reasons.find(one => one.code === 'trim-short')?.facts).toEqual({
      sides: { length: (length('41') - own.width - 2 * OVER) / 2 },
    })
    expect(chosen!.preparations.map(one => [one.id, one.place])).toContainEqual(['patch-siding', 'sides'])
  })
  it('and what stays covers what it covered', () => {
    expect(run(['outside-casing']).chosen!.reasons.map(one => one.code)).not.toContain('trim-short')
    expect(run([], { 'mould.width.middle': '40' }).chosen!.reasons.map(one => one.code)).not.toContain('trim-short')
  })
  it('a trim narrower than the frame inside it is a slip', () => {
    const codes = (text: string) => run([], { 'mould.width.top': text }).findings.specify.map(one => one.code)
    expect(codes('30')).toContain('trim-narrower')
    expect(codes('41')).not.toContain('trim-narrower')
  })
  it('the order says the size over the trim, or none', () => {
    expect(run([]).line?.trimOutside).toEqual(trimOutside(own, LENGTHS))
    expect(run(['outside-casing']).line?.trimOutside).toBeNull()
  })
})
