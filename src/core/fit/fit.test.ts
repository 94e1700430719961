import { done, length, randomFrom, records, TRUE_OPENING, unit, wholeFrom } from '../test/fixtures'
import { inches, type Length, ticks, ZERO } from '../units/length'
import { type Pack, type PackStock, packGap } from './pack-gap'

const FLATS = ['1/32', '1/16', '1/8', '1/4'].map(length)
const STOCK: PackStock = {
  wedge: { tip: length('1/16'), butt: length('5/16'), length: inches(8) },
  bearing: length('4 9/16'),
  flats: FLATS,
  slack: length('1/64'),
}
const pack = (gap: Length, stock = STOCK) => {
  const outcome = packGap(gap, stock)
  return outcome.ok ? outcome.value : outcome.issues[0]!.code
}

describe('a pack for a gap', () => {
  it.each([
    ['1/64', [], null, 0, '1/64'],
    ['1/4', ['1/4'], null, 1, '0'],
    ['17/64', ['1/4'], null, 1, '1/64'],
    ['3/8', [], '0', 2, '0'],
    ['7/16', ['1/8'], '2', 3, '0'],
    ['5/32', ['1/8', '1/32'], null, 2, '0'],
    ['9/16', ['1/4'], '2', 3, '0'],
  ] as const)('of %s', (gap, flats, offset, pieces, leftOver) =>
    expect(pack(length(gap))).toEqual({
      flats: flats.map(length),
      wedgeOffset: offset === null ? null : length(offset),
      pieces,
      leftOver: length(leftOver),
    }),
  )
  it('prefers the wedge pair where two flats are as few and fill as well', () => {
    const found = pack(length('3/8'), { ...STOCK, flats: [length('1/16'), length('5/16')] }) as Pack
    expect([found.pieces, found.wedgeOffset]).toEqual([2, 0])
  })
  it('takes the thicker flats among equals', () =>
    expect(
      (
        pack(length('1/2'), {
          ...STOCK,
          flats: [length('1/8'), length('1/4'), length('3/8')],
          wedge: { ...STOCK.wedge, tip: inches(1), butt: inches(2) },
        }) as Pack
      ).flats,
    ).toEqual([length('3/8'), length('1/8')]))
  it.each([
    [ticks(-1), STOCK, 'shim.negative'],
    [inches(1), { ...STOCK, flats: [ZERO] }, 'shim.flats'],
    [inches(1), { ...STOCK, wedge: { ...STOCK.wedge, butt: length('1/16') } }, 'shim.wedge'],
    [inches(400), { ...STOCK, flats: [ticks(1)] }, 'shim.too-wide'],
    [length('1/32'), { ...STOCK, flats: [length('1/4')] }, 'shim.no-pack'],
  ] as [Length, PackStock, string][])('%p ticks: %p', (gap, stock, code) => expect(pack(gap, stock)).toBe(code))
})

/** Every multiset of flats up to eight pieces, with and without a pair: slow, and plainly right. */
function exhaustive(gap: Length): { pieces: number; leftOver: number } | null {
  const thickest = STOCK.wedge.tip + STOCK.wedge.butt
  const thinnest =
    thickest - ((STOCK.wedge.length - STOCK.bearing) * (STOCK.wedge.butt - STOCK.wedge.tip)) / STOCK.wedge.length
  let best: { pieces: number; leftOver: number } | null = null
  const offer = (pieces: number, leftOver: number) => {
    if (!best || pieces < best.pieces || (pieces === best.pieces && leftOver < best.leftOver))
      best = { pieces, leftOver }
  }
  const walk = (from: number, sum: number, count: number) => {
    const rest = gap - sum
    if (rest < 0 || count > 8) return
    if (rest <= STOCK.slack) offer(count, rest)
    if (rest >= thinnest && rest <= thickest) offer(count + 2, 0)
    for (let i = from; i < FLATS.length; i++) walk(i, sum + FLATS[i]!, count + 1)
  }
  walk(0, 0, 0)
  return best
}

it('is as good as exhaustive search, for 300 seeded gaps', () => {
  const random = randomFrom(5)
  for (let i = 0; i < 300; i++) {
    const gap = ticks(wholeFrom(random, 1300, 100_000))
    const found = pack(gap)
    const best = exhaustive(gap)
    expect(typeof found === 'string' ? null : { pieces: found.pieces, leftOver: found.leftOver }).toEqual(best)
    if (typeof found !== 'string' && found.wedgeOffset !== null) {
      const pair = STOCK.wedge.tip + STOCK.wedge.butt - found.wedgeOffset / 32
      expect(Math.abs(found.flats.reduce((sum: number, one) => sum + one, 0) + pair - gap)).toBeLessThan(1)
      expect(STOCK.wedge.length - found.wedgeOffset).toBeGreaterThanOrEqual(STOCK.bearing)
    }
  }
})

describe('the shim plan', () => {
  const plan = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' }, shift: ticks(1000) })).shims!
  it('packs behind every hinge and at the strike side', () =>
    expect(plan.points.map(one => [one.place, one.member])).toEqual([
      ['hinge.top', 'left'],
      ['hinge.middle', 'left'],
      ['hinge.bottom', 'left'],
      ['strike.top', 'right'],
      ['strike.latch', 'right'],
      ['strike.bottom', 'right'],
    ]))
  it('takes the gaps from where the unit stands', () =>
    expect(
      [plan.points[0]!.gap - 20_320 - 1000, plan.points[3]!.gap - 20_320 + 1000].map(Math.abs).every(off => off < 16),
    ).toBe(true))
  it('plans each pack down to a step: never thicker than its gap', () => {
    for (const { gap, pack } of plan.points) {
      const packed = [...pack!.flats].reduce((sum: number, one) => sum + one, 0)
      expect(packed).toBeLessThanOrEqual(gap)
      expect(pack!.leftOver).toBeGreaterThanOrEqual(0)
    }
  })
  it('screws through jamb and pack with a bite of 1 1/4, in stocked lengths', () => {
    expect(plan.points[0]!.screw!.value).toBe(ticks(length('3/4') + plan.points[0]!.gap + length('1 1/4')))
    expect(plan.points[0]!.screwLength).toBe(length('2 1/2'))
  })
})
