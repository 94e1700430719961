import { length, randomFrom, wholeFrom } from '../test/fixtures'
import { ticks } from '../units/length'
import { freeHeights } from './handle-window'
import { sillPan } from './sill-pan'
import { CHAIN_MEMBERS, sizeChain } from './size-chain'

const PARTS = {
  rebate: length('3/4'),
  stop: length('1 1/4'),
  setback: length('1/2'),
  mould: length('2'),
  allowance: length('1/2'),
}

describe('the size chain', () => {
  it.each(CHAIN_MEMBERS)('from %s leads to the same door as from its leaf', known => {
    const whole = sizeChain('leaf', length('36'), PARTS)
    expect(sizeChain(known, whole[known], PARTS)).toEqual(whole)
  })
})

describe('a sill pan', () => {
  it('reaches over its opening with its laps, and no piece fewer would (200 seeded pans)', () => {
    const random = randomFrom(7)
    for (let i = 0; i < 200; i++) {
      const parts = {
        end: ticks(wholeFrom(random, 4, 30) * 81_280),
        centre: ticks(wholeFrom(random, 6, 60) * 81_280),
        overlap: ticks(wholeFrom(random, 1, 5) * 81_280),
      }
      const opening = ticks(wholeFrom(random, 20, 220) * 81_280)
      const pan = sillPan(opening, parts)!
      const reach = (centres: number) => 2 * parts.end + centres * parts.centre - (centres + 1) * parts.overlap
      expect(reach(pan.centres)).toBeGreaterThanOrEqual(opening)
      if (pan.centres > 0) expect(reach(pan.centres - 1)).toBeLessThan(opening)
      expect(pan.cuts.reduce((sum, one) => sum + one, 0)).toBe(pan.total)
      expect(Math.max(0, ...pan.cuts)).toBeLessThanOrEqual(parts.centre)
    }
  })
  it('of centre pieces that add nothing is none', () =>
    expect(sillPan(length('72'), { end: length('20'), centre: length('2'), overlap: length('2') })).toBeNull())
})

describe('the heights a handle may stand at', () => {
  const band = (from: string, to: string) => ({ from: length(from), to: length(to) })
  it('keep clear of all that is taken, at every height that is free and at none that is not', () => {
    const taken = [band('35', '37'), band('41', '42')]
    const free = freeHeights(length('3'), taken, band('30', '48'), length('1/2'))
    expect(free).toEqual([band('30', '33'), band('39', '39'), band('44', '48')])
  })
  it('are none where all is taken', () =>
    expect(freeHeights(length('6'), [band('30', '48')], band('32', '46'), length('1/2'))).toEqual([]))
})
