import { length, randomFrom, wholeFrom } from '../test/fixtures'
import { inches, ticks } from '../units/length'
import { cutStrip, type StripOrder } from './cut-strip'

/** Every start to the tick would be too many: every start to the 1/128 is enough for stock in sixty-fourths. */
function exhaustiveCut({ stock, first, pitch, holes, length: wanted, leastEnd }: StripOrder) {
  let best: { uneven: number; count: number } | null = null
  for (let at = 0; at <= stock - wanted; at += 635) {
    const inside = Array.from({ length: holes }, (_, i) => first + i * pitch).filter(
      hole => hole >= at && hole <= at + wanted,
    )
    if (inside.length === 0) continue
    const [a, b] = [inside[0]! - at, at + wanted - inside.at(-1)!]
    if (a < leastEnd || b < leastEnd) continue
    const uneven = Math.abs(a - b)
    if (!best || uneven < best.uneven || (uneven === best.uneven && inside.length > best.count))
      best = { uneven, count: inside.length }
  }
  return best
}

describe('a strip cut by its holes', () => {
  it('is as even as exhaustive search, for 60 seeded strips', () => {
    const random = randomFrom(3)
    for (let i = 0; i < 60; i++) {
      const order: StripOrder = {
        stock: inches(wholeFrom(random, 30, 60)),
        first: ticks(wholeFrom(random, 1, 16) * 20_320),
        pitch: ticks(wholeFrom(random, 16, 50) * 20_320),
        holes: wholeFrom(random, 2, 8),
        length: ticks(wholeFrom(random, 40, 110) * 20_320),
        leastEnd: length('3/4'),
      }
      const found = cutStrip(order)
      const best = exhaustiveCut(order)
      if (!found.ok) expect(best).toBeNull()
      else {
        expect(Math.abs(found.value.firstEnd - found.value.lastEnd)).toBeLessThanOrEqual(best!.uneven + 1)
        expect(found.value.cutAt + order.length).toBeLessThanOrEqual(order.stock)
      }
    }
  })
  const order: StripOrder = {
    stock: inches(84),
    first: inches(3),
    pitch: length('12 1/2'),
    holes: 7,
    length: inches(67),
    leastEnd: length('3/4'),
  }
  it.each([
    [{ length: inches(85) }, 'strip.too-long'],
    [{ length: inches(1) }, 'strip.no-place'],
    [{ holes: 0 }, 'strip.sizes'],
    [{ pitch: ticks(0) }, 'strip.sizes'],
  ] as const)('%p is %s', (change, code) =>
    expect(cutStrip({ ...order, ...change })).toMatchObject({ ok: false, issues: [{ code }] }),
  )
})
