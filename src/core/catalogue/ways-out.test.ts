import { RATES } from '../../trade/rates'
import { done, length, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { roundNearest } from '../units/length'
import { waysOut } from './ways-out'

/** A floor 1 in above the sub-sill: a unit whose leaf hangs 3/4 above it is packed by 1 1/8, and at 81 3/4 stands 1/2 too high. */
const LOW_SILL = { ...TRUE_OPENING, 'floor.highest': '1' }
const low = unit({ leafBottom: length('3/4'), material: 'timber' })
const short = unit({
  id: '01900000-0000-7000-8000-0000000000ab',
  article: 'T-78',
  height: length('79 3/4'),
  leafHeight: length('78'),
  leafBottom: length('3/4'),
  priceCents: 90_000,
})
const run = (units: readonly ReturnType<typeof unit>[], texts: { readonly [slot: string]: string } = LOW_SILL) => {
  const { offers, request } = done(records(texts), trade(units))
  return waysOut(offers, request)
}

describe('a unit that stands too high on the packing the floor asks for', () => {
  it('can be had with a shorter leaf, cut down, or with the floor’s edge lowered, each with its cost', () => {
    const ways = run([low, short])
    // The hole is adjusted to all its readings: its height is a hundredth of a millimetre off the one that was typed.
    const amount = (one: (typeof ways)[number]) => roundNearest(one.amount, length('1/64'))
    expect(ways.map(one => [one.kind, one.offer.unit.article, amount(one)])).toEqual([
      ['shorter-leaf', 'T-78', length('2')],
      ['cut-down', 'T-1', length('1/2')],
      ['lower-floor', 'T-1', length('1/2')],
    ])
  })
  it('costs what the unit costs and the work: 75 + ⌈0.9525 × 20⌉ = 95 min; 9.00 + ⌈0.9525 × 4.00⌉ = 12.81', () => {
    const [cut, floor] = run([low])
    const base = done(records(LOW_SILL), trade([low])).offers[0]!
    expect(cut).toMatchObject({ kind: 'cut-down', minutes: base.minutes + 95 })
    expect(cut!.totalCents - base.cents.total).toBe(1281 + Math.ceil((95 * RATES.centsPerHour) / 60))
    expect(floor!.kind).toBe('lower-floor')
  })
  it('of steel or with a label is not cut', () => {
    for (const more of [{ material: 'steel' as const }, { labelMinutes: 20 }])
      expect(run([{ ...low, ...more }]).map(one => one.kind)).toEqual(['lower-floor'])
  })
})

describe('nothing is offered', () => {
  it.each([
    ['where it goes in', [low], TRUE_OPENING],
    ['where it is too wide, too', [{ ...low, width: length('40') }], LOW_SILL],
    ['where no packing is asked for', [{ ...low, height: length('84'), leafBottom: length('2') }], LOW_SILL],
  ] as const)('%s', (_, units, texts) => expect(run(units, texts)).toEqual([]))
})
