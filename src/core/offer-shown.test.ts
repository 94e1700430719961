import { REPAIRS } from '@/trade/repairs'
import { earliestDay, offeredChoices, offeredRepair } from './offer-shown'
import { done, trade } from './test/fixtures'
import { KIND_CASES, openingOf } from './test/kind-cases'

describe('what a customer may choose among', () => {
  it.each(Object.entries(KIND_CASES))(
    '%s: each unit that goes in is drawn in its opening, with all it costs',
    (_, one) => {
      const own = openingOf(one, 1)
      const units = one.unit ? [one.unit] : []
      const { work } = done(own, trade(units))
      const choices = offeredChoices(
        work,
        own,
        units.map(unit => unit.id),
        '2026-11-27',
      )
      expect(choices).toHaveLength(units.length)
      for (const choice of choices) {
        const offer = work.order.value.offers.find(it => it.unit.id === choice.id)!
        expect([choice.cents, choice.days]).toEqual([offer.cents.total, offer.days])
        expect(choice.work.map(it => it.id)).toEqual(offer.preparations.map(it => it.id))
        expect(choice.scene.marks.length).toBeGreaterThan(3)
        expect(choice.scene.marks.every(mark => Number.isFinite(mark.kind === 'path' ? mark.points[0]!.x : 0))).toBe(
          true,
        )
        expect(JSON.stringify(choice)).not.toMatch(/undefined|NaN/)
      }
    },
  )
  it('draws the panels of what slides as glass, and none of a leaf within them', () => {
    const one = KIND_CASES['a slider'] ?? Object.values(KIND_CASES).find(it => it.family === 'slider')!
    const own = openingOf(one, 1)
    const unit = { ...one.unit!, details: { ...one.unit!.details, style: 'two panels' } }
    const { work } = done(own, trade([unit]))
    const [choice] = offeredChoices(work, own, [unit.id], '2026-11-27')
    const ids = choice!.scene.marks.map(mark => mark.id)
    expect(ids.filter(id => /\.panel\.\d/.test(id))).toEqual([])
    expect(ids.filter(id => id.endsWith('.glass'))).toHaveLength(2)
    expect(choice!.style).toBe('two panels')
  })
  it('leaves out what does not go in, and what is not there', () => {
    const one = KIND_CASES['a hinged outside unit']!
    const own = openingOf(one, 1)
    const wide = {
      ...one.unit!,
      id: '01900000-0000-7000-8000-00000000aaaa',
      article: 'WIDE',
      width: (one.unit!.width * 2) as never,
    }
    const { work } = done(own, trade([one.unit!, wide]))
    expect(offeredChoices(work, own, [wide.id, 'nobody', one.unit!.id], '2026-11-27').map(it => it.article)).toEqual([
      one.unit!.article,
    ])
  })
  it('has no more colours than are left open: what is settled of the chosen unit is one', () => {
    const one = KIND_CASES['a hinged outside unit']!
    const own = openingOf(one, 1)
    const coloured = { ...one.unit!, details: { ...one.unit!.details, 'colour-outside': 'white|slate' } }
    const coloursOf = (settled: string | undefined) => {
      const records = {
        ...own,
        order: {
          ...own.order,
          chosen: { unit: coloured.id, reason: '' },
          details: settled ? { 'colour-outside': settled } : {},
        },
      }
      return offeredChoices(done(records, trade([coloured])).work, records, [coloured.id], '2026-11-27')[0]!.colours
    }
    expect([coloursOf(undefined), coloursOf('slate')]).toEqual([['white', 'slate'], ['slate']])
  })
})

describe('the first day on which it can be fitted', () => {
  it.each([
    ['2026-11-27', 3, '2026-11-30'],
    ['2026-11-27', 1, '2026-11-30'],
    ['2026-12-30', 2, '2027-01-01'],
    ['2028-02-28', 1, '2028-02-29'],
  ])('%s and %i days: %s', (day, days, expected) => expect(earliestDay(day, days)).toBe(expected))
})

describe('to keep the old door', () => {
  it('is offered with what is only looks, where something was said that can be repaired', () => {
    const own = openingOf(KIND_CASES['a hinged outside unit']!, 1)
    const looked = { wishes: { ...own.wishes, visit: { ...own.wishes.visit, reasons: ['draft', 'look'] as const } } }
    const { rates } = trade()
    const repair = offeredRepair(looked as never, REPAIRS, { rates })
    expect(repair!.items.map(one => [one.id, one.isCosmetic])).toEqual([
      ['new-seals', false],
      ['repaint', true],
    ])
    expect(
      offeredRepair({ wishes: { ...own.wishes, visit: { ...own.wishes.visit, reasons: [] } } }, REPAIRS, { rates }),
    ).toBeNull()
  })
})
