import { deviationsOf } from '@/core/opening/observe-survey'
import { LENGTHS } from '@/trade/lengths'
import { findBlunders } from './blunders'

describe('one blunder of 1/2 to 2 in among sixteen readings', () => {
  const found = findBlunders(400, 20_261, deviationsOf(LENGTHS))
  it('is named, alone or with those that tie', () => expect(found.named).toBeGreaterThanOrEqual(0.97))
  it('stands first', () => expect(found.first).toBeGreaterThanOrEqual(0.95))
  it('is seldom seen where there is none', () => expect(found.accused).toBeLessThanOrEqual(0.04))
})

it('the same seed finds the same', () =>
  expect(findBlunders(20, 5, deviationsOf(LENGTHS))).toEqual(findBlunders(20, 5, deviationsOf(LENGTHS))))
