import { tradeWith } from '../../trade/trade'
import { NEW_FIRM, type VanStock } from '../catalogue/firm'
import { firmSchema } from '../catalogue/firm-record'
import { length, NOW, records, TRUE_OPENING, unit } from '../test/fixtures'
import { work } from '../work'
import { takenBy } from './van'

const OWN = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
const fitWith = (van: VanStock | null) => work(OWN, tradeWith([unit()], { firm: { ...NEW_FIRM, van } }), NOW).fit
const stock = (counts: Readonly<Record<string, number>>, wedgePairs = 50): VanStock => ({
  flats: Object.entries(counts).map(([text, count]) => ({ thickness: length(text), count })),
  wedgePairs,
})

describe('packs from what the van holds', () => {
  it('use only thicknesses that are there', () => {
    const { shims } = fitWith(stock({ '1/16': 90, '1/4': 90, '1/32': 0 })).value
    const used = new Set(shims!.points.flatMap(one => one.pack?.flats ?? []))
    expect([...used].every(one => one === length('1/16') || one === length('1/4'))).toBe(true)
  })
  it('that are short are said, with how many there are and how many it takes', () => {
    const { value } = fitWith(stock({ '1/32': 90, '1/16': 90, '1/8': 90, '1/4': 90 }))
    const taken = takenBy(value.shims!)
    const [thickness, wanted] = [...taken.flats][0]!
    const short: VanStock = {
      flats: [...taken.flats.keys()].map(one => ({ thickness: one, count: one === thickness ? wanted - 1 || 1 : 90 })),
      wedgePairs: 50,
    }
    const found = fitWith(short).findings.filter(one => one.code === 'van-short')
    expect(found.length).toBe(wanted > 1 ? 1 : 0)
    for (const one of found) expect(one.facts).toMatchObject({ wanted, there: wanted - 1, size: { length: thickness } })
  })
  it('are what is commonly stocked while nobody counted', () =>
    expect(fitWith(null).findings.filter(one => one.code.startsWith('van'))).toEqual([]))
  it('are no flat of no thickness, nor a thick board', () => {
    const read = (thickness: number) =>
      firmSchema.safeParse({ ...NEW_FIRM, van: { flats: [{ thickness, count: 1 }], wedgePairs: 0 } }).success
    expect([read(0), read(-1), read(length('1/8')), read(length('3'))]).toEqual([false, false, true, false])
  })
})
