import { RATES } from '../../trade/rates'
import { randomFrom, wholeFrom } from '../base/random'
import { shifted } from '../geometry/point'
import { assumedOpening } from '../opening/model-opening'
import { frameUnit, leafUnit, stormUnit } from '../test/family-units'
import { LENGTHS, length, unit, wishes } from '../test/fixtures'
import { floorAt, request as made } from '../test/request'
import { inches, type Length, ticks } from '../units/length'
import { judgeUnits } from './judge-unit'
import { indexCatalogue, rankCatalogue } from './rank-catalogue'
import type { Request } from './request'
import type { CatalogueUnit } from './unit'

const request = (width: Length, height: Length, more: Parameters<typeof made>[0] = {}) =>
  made({ floor: floorAt('1/2'), ...more }, width, height)

/** A made-up catalogue: sizes from far too small to far too large, every hand, some of one shape, prices that tie. */
function madeUp(count: number, seed: number): readonly CatalogueUnit[] {
  const random = randomFrom(seed)
  const pick = <T>(all: readonly T[]): T => all[wholeFrom(random, 0, all.length - 1)]!
  const size = (from: number, to: number) => ticks(wholeFrom(random, from * 16, to * 16) * 5080)
  return Array.from({ length: count }, (_, i) => {
    const id = `01900000-0000-7000-8000-${String(i).padStart(12, '0')}`
    const more = {
      id,
      article: `N-${wholeFrom(random, 0, count)}-${i}`,
      maker: pick(['Tern', 'Holm', 'Calder']),
      width: size(28, 46),
      height: size(68, 90),
      jamb: pick(['4 9/16', '6 9/16', '3']),
      hinges: pick(['left', 'right', 'both'] as const),
      swing: pick(['in', 'out', 'both'] as const),
      bore: pick(['double', 'double', 'single'] as const),
      leafBottom: pick(['3/4', '1 1/8', '0']),
      labelMinutes: pick([0, 0, 20, 90]),
      priceCents: wholeFrom(random, 3, 9) * 10_000,
      leadDays: wholeFrom(random, 2, 6),
      stock: pick([true, false]),
    }
    return unit({ ...more, jamb: length(more.jamb), leafBottom: length(more.leafBottom) })
  })
}

describe('ranking a catalogue', () => {
  const catalogue = indexCatalogue(madeUp(1200, 7))
  const ids = (asked: Request) => {
    const { order, possible } = rankCatalogue(catalogue, ['hinged-outside'], asked)
    return { articles: order.map(i => catalogue.units[i]!.article), possible }
  }
  const plain = (asked: Request) => {
    const offers = judgeUnits(catalogue.units, asked)
    return {
      articles: offers.map(one => one.unit.article),
      possible: offers.filter(one => ['fits', 'tight', 'loose'].includes(one.verdict)).length,
    }
  }
  it.each([
    ['a usual hole', request(inches(38), length('82 1/2'))],
    ['a small one', request(inches(31), inches(74))],
    ['a high one, out', request(inches(42), inches(94), { wishes: wishes({ swing: 'out', hinges: 'right' }) })],
    ['a garage', request(inches(38), length('82 1/2'), { wishes: wishes({ use: 'garage-to-house', bore: null }) })],
    ['a label', request(inches(38), length('82 1/2'), { site: { labelMinutes: 30 } })],
    ['nothing settled', request(inches(36), inches(83), { wishes: wishes({ hinges: null, swing: null, bore: null }) })],
    ['dear work', request(inches(39), inches(86), { rates: { ...RATES, centsPerHour: 65_000 } })],
  ])('gives for %s the order of a plain loop over the rules', (_, asked) => {
    expect(ids(asked)).toEqual(plain(asked))
    expect(plain(asked).possible).toBeGreaterThan(0)
  })
  it('gives for a leaning, bowed hole the same, too', () => {
    const { points } = assumedOpening(inches(38), length('82 1/2'), LENGTHS)
    const bent = {
      ...points,
      L1: shifted(points.L1, 20_000, 0),
      R2: shifted(points.R2, 50_000, -15_000),
      S: shifted(points.S, 0, 9_000),
    }
    const asked = request(inches(38), inches(82), { points: bent })
    expect(ids(asked)).toEqual(plain(asked))
  })
  it('ranks each kind of door by itself', () => {
    const mixed = indexCatalogue([unit(), stormUnit(), leafUnit(), frameUnit()])
    expect(rankCatalogue(mixed, ['storm'], request(inches(38), inches(82))).order).toHaveLength(1)
    expect(rankCatalogue(mixed, ['slider'], request(inches(38), inches(82)))).toEqual({ order: [], possible: 0 })
  })
  it('knows units of one shape', () => {
    const { shapes } = indexCatalogue([
      unit({ article: 'A' }),
      unit({ article: 'B', priceCents: 1 }),
      unit({ article: 'C', width: inches(30) }),
    ])
    expect([...shapes]).toEqual([0, 0, 1])
  })
})

/** Worked by hand from the shipped rates, in cents. Three units for a hole of 38 by 82 1/2: NEAR is 37 1/2 × 81 3/4 at 700.00, made in
 *  20 days; LOW is 37 1/2 × 80 at 640.00 from stock in 2; SLIM is 36 1/2 × 81 3/4 at 560.00 from stock in 9.
 *  Freight 45.00 from stock, 120.00 made; disposal 35.00. A leg of 81 3/4 is 2.07645 m, of 80 in 2.032 m; 37 1/2 in is 0.9525 m.
 *  38 wide: SLIM has 1 1/2 of room: sides packed by 1 in over 4.1529 m: 10 + ⌈4.1529 × 12⌉ = 60 min, 3.00 + ⌈4.1529 × 2.40⌉ = 12.97.
 *  LOW has 2 1/2 in over its head, built down by 2: 25 + ⌈0.9525 × 20⌉ = 45 min, 9.00 + ⌈0.9525 × 6.50⌉ = 15.20.
 *  39 wide: NEAR's and LOW's sides are packed by 1 in (LOW over 4.064 m: 59 min, 3.00 + ⌈4.064 × 2.40⌉ = 12.76); SLIM's by 2 (room of
 *  2 1/2): refused, filler takes at most 2 in in all. */
describe('a higher rate and a larger opening, against a table worked by hand', () => {
  const units = [
    unit({
      id: '01900000-0000-7000-8000-000000000001',
      article: 'NEAR',
      priceCents: 70_000,
      leadDays: 20,
      stock: false,
    }),
    unit({
      id: '01900000-0000-7000-8000-000000000002',
      article: 'LOW',
      height: inches(80),
      priceCents: 64_000,
      leadDays: 2,
    }),
    unit({
      id: '01900000-0000-7000-8000-000000000003',
      article: 'SLIM',
      width: length('36 1/2'),
      priceCents: 56_000,
      leadDays: 9,
    }),
  ]
  const table = (width: string, centsPerHour: number) =>
    judgeUnits(units, {
      ...request(length(width), length('82 1/2')),
      floor: null,
      rates: { ...RATES, centsPerHour },
    }).map(({ unit: { article }, verdict, minutes, cents }) => [
      article,
      verdict,
      minutes,
      cents.material,
      cents.work,
      cents.total,
    ])
  it('38 wide at 65.00 an hour', () =>
    expect(table('38', 6500)).toEqual([
      ['SLIM', 'loose', 60, 1297, 6500, 56_000 + 4500 + 3500 + 7797],
      ['LOW', 'loose', 45, 1520, 4875, 64_000 + 4500 + 3500 + 6395],
      ['NEAR', 'fits', 0, 0, 0, 70_000 + 12_000 + 3500],
    ]))
  it('38 wide at ten times that: what needs no work comes first', () =>
    expect(table('38', 65_000)).toEqual([
      ['NEAR', 'fits', 0, 0, 0, 85_500],
      ['LOW', 'loose', 45, 1520, 48_750, 72_000 + 50_270],
      ['SLIM', 'loose', 60, 1297, 65_000, 64_000 + 66_297],
    ]))
  it('39 wide at 65.00: an inch more at the sides is an inch of filler, and one unit is out', () =>
    expect(table('39', 6500)).toEqual([
      ['LOW', 'loose', 45 + 59, 1520 + 1276, 4875 + 6392, 72_000 + 1520 + 1276 + 4875 + 6392],
      ['NEAR', 'loose', 60, 1297, 6500, 85_500 + 7797],
      ['SLIM', 'too-small', 60, 1297, 6500, 64_000 + 7797],
    ]))
  it('39 wide at ten times that', () =>
    expect(table('39', 65_000).map(row => [row[0], row[5]])).toEqual([
      ['NEAR', 85_500 + 1297 + 65_000],
      ['LOW', 72_000 + 1520 + 1276 + 48_750 + 63_917],
      ['SLIM', 64_000 + 1297 + 65_000],
    ]))
})
