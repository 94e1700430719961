import { breakEvenWords } from '../../words/break-even'
import { breakEven } from './break-even'
import type { Offer } from './offer'

const offer = (article: string, stock: boolean, total: number, work = 0, minutes = 0, verdict = 'fits'): Offer =>
  ({ unit: { article, stock }, cents: { total, work }, minutes, verdict }) as unknown as Offer

describe('stock against made to order', () => {
  const stock = offer('S', true, 100_000, 26_000, 240)
  const made = offer('M', false, 152_000)
  it('breaks even at the work the made one leaves room for', () => {
    // 1520 - (1000 - 260) = 780 left over; at 65 an hour that is 12 hours.
    const even = breakEven([made, stock], 6500)!
    expect([even.minutes, even.asked]).toEqual([720, 240])
    expect(breakEvenWords(even)).toBe(
      'From stock, S may take 12 h of work on site before M, made to order, costs less. It asks for 4 h, so stock is cheaper.',
    )
  })
  it('says so where the made one is cheaper by the work, and where it is cheaper anyway', () => {
    const dear = offer('S', true, 160_000, 26_000, 240)
    expect(breakEvenWords(breakEven([dear, made], 6500)!)).toMatch(
      /2 h 46 min of work .* asks for 4 h, so M is cheaper/,
    )
    expect(breakEvenWords(breakEven([offer('S', true, 200_000), made], 6500)!)).toMatch(/^M, made to order, costs less/)
  })
  it('takes the cheapest of each that goes in, and needs both', () => {
    const all = [offer('far', true, 10, 0, 0, 'too-small'), stock, offer('S2', true, 100_001), made]
    expect(breakEven(all, 6500)!.stock).toBe(stock)
    expect(breakEven([stock], 6500)).toBeNull()
    expect(breakEven([stock, made], 0)).toBeNull()
  })
})
