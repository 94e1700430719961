import { length } from '@/core/test/fixtures'
import { bothUnits } from './both-units'
import { towardFor } from './rounding'

describe('a figure that its step can’t say', () => {
  it.each([
    ['derived.width', '36.01', '≈ 36 1/16 in (≈ 914.7 mm)'],
    ['roughOpening.height', '36.01', '≈ 36 1/16 in (≈ 914.7 mm)'],
    ['cut.rail', '35.99', '≈ 35 15/16 in (≈ 914.1 mm)'],
    ['request.trim-width', '35.99', '≈ 35 15/16 in (≈ 914.1 mm)'],
    ['width', '36.01', '≈ 36 in (≈ 914.7 mm)'],
  ])('%s of %s is said %s', (name, text, words) => expect(bothUnits(length(text), '1/16', towardFor(name))).toBe(words))
})
