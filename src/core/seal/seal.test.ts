import { SEALS } from '../../trade/seals'
import { crackFlowM3h, leakageAreaCm2, sealedFlowM3h, yearlyKwh } from '../physics/leakage'
import { length, readings } from '../test/fixtures'
import { asked, type EdgeChoices, EVEN, idsOn, KERF, plan, planned, requestOf } from '../test/seal-request'
import { mm, ticks } from '../units/length'

describe('a seal for a side', () => {
  it('holds the smallest and the largest gap of its side', () => {
    for (const side of plan().edges) {
      const { seal } = side.chosen[0]!
      const gaps = side.gap!.gaps.map(one => one.value)
      expect(Math.min(...gaps)).toBeGreaterThanOrEqual(seal.gap[0])
      expect(Math.max(...gaps)).toBeLessThanOrEqual(seal.gap[1])
    }
  })
  it('is the cheapest a year of those that hold', () => {
    for (const side of plan().edges) {
      const cheapest = Math.min(...side.options.filter(one => one.holds && !one.isAsked).map(one => one.centsPerYear))
      expect(side.chosen.map(one => one.centsPerYear)).toEqual([cheapest])
    }
  })
  it('is refused on a gap a tick beyond its range, with the reason', () => {
    const texts = readings({ 'gap.head.left': '3/16' })
    const foam = { edges: { head: ['push-in-foam'] } }
    const atLimit = planned(asked(requestOf(texts, KERF), foam)).edges[0]!
    expect(idsOn(atLimit)).toEqual(['push-in-foam'])
    const wider = texts.map(one => ({ ...one, value: ticks(one.value + 1) }))
    const beyond = planned(asked(requestOf(wider, KERF), foam)).edges[0]!
    expect(beyond.options.find(one => one.seal.id === 'push-in-foam')).toMatchObject({
      holds: false,
      reasons: [{ code: 'gap-too-wide' }],
    })
    expect(idsOn(beyond)).not.toContain('push-in-foam')
  })
  it('that holds water never goes under a wooden door', () =>
    expect(
      plan(EVEN, {}, 'timber')
        .edges.at(-1)!
        .options.find(one => one.seal.id === 'u-shoe'),
    ).toMatchObject({ holds: false, reasons: [{ code: 'never-here' }] }))
  it('is left out when the customer wants none', () => {
    const { edges } = plan(EVEN, { head: [] })
    expect(edges[0]!.chosen).toEqual([])
    expect(edges[0]!.flowAfter).toEqual(edges[0]!.flowBefore)
  })
  it('that nothing closes says: tune the door first', () =>
    expect(plan({ ...EVEN, 'gap.head.left': '1 1/2' }).findings).toContainEqual(
      expect.objectContaining({ code: 'no-seal-holds', place: 'seal.head', severity: 'correct' }),
    ))
  it('is asked for where no gap was read', () =>
    expect(plan({ 'gap.head.left': '1/8' }).findings.map(one => one.code)).toEqual([
      'gaps-not-read',
      'gaps-not-read',
      'gaps-not-read',
      'gaps-between',
    ]))
})

describe('the push on the latch', () => {
  it('counts latch side and head fully, the hinge side half, the bottom not', () => {
    const only = (choice: EdgeChoices) =>
      plan(EVEN, { head: [], left: [], right: [], bottom: [], ...choice }).latchForceN
    expect(only({ right: ['carrier-bulb'] })).toBeCloseTo(12 * 2.032, 6)
    expect(only({ left: ['carrier-bulb'] })).toBeCloseTo(6 * 2.032, 6)
    expect(only({ head: ['carrier-bulb'] })).toBeCloseTo(12 * 0.9144, 6)
    expect(only({ bottom: ['sweep-fin'] })).toBe(0)
  })
  it('beyond 60 N is corrected first', () => {
    const stiff = SEALS.map(seal => ({ ...seal, forceNPerMetre: 20 }))
    expect(plan(EVEN, {}, 'fibreglass', stiff).findings).toContainEqual(
      expect.objectContaining({ code: 'latch-force', severity: 'correct' }),
    )
    expect(plan().findings.filter(one => one.code === 'latch-force')).toEqual([])
  })
})

describe('draft', () => {
  it('of a straight gap solves ΔP = A·Q + B·Q²', () => {
    const side = { gaps: [mm(3)], length: mm(1000), depth: mm(44), bends: 1 }
    const q = crackFlowM3h(side, 50) / 3600
    const a = (12 * 1.81e-5 * 0.044) / (1 * 0.003 ** 3)
    const b = (1.2 * 2.5) / (2 * 0.003 ** 2)
    expect(a * q + b * q * q).toBeCloseTo(50, 9)
  })
  it('of a closed gap is none', () =>
    expect(crackFlowM3h({ gaps: [ticks(0)], length: mm(1000), depth: mm(44), bends: 0 }, 50)).toBe(0))
  it('of a taper lies between that of its ends', () => {
    const flow = (...gaps: number[]) =>
      crackFlowM3h({ gaps: gaps.map(mm), length: mm(900), depth: mm(44), bends: 0 }, 4)
    expect(flow(1, 4)).toBeGreaterThan(flow(1, 1))
    expect(flow(1, 4)).toBeLessThan(flow(4, 4))
  })
  it('past a seal follows the power law', () => expect(sealedFlowM3h(2, mm(1000), 25)).toBeCloseTo(2 * 0.5 ** 0.65, 9))
  it('as a hole and as heat', () =>
    expect([leakageAreaCm2(36), yearlyKwh(10, 2500)]).toEqual([expect.closeTo(38.7298, 3), expect.closeTo(201, 6)]))
  it('after sealing is less than before, and the money follows', () => {
    const { before, after, savedCentsYear, cents, workCents, payBackYears } = plan()
    expect(after.flowM3h[1]).toBeLessThan(before.flowM3h[1])
    expect(savedCentsYear).toBeCloseTo((before.kwhYear - after.kwhYear) * 14, 6)
    expect(payBackYears).toBeCloseTo((cents + workCents) / savedCentsYear, 9)
  })
})

describe('what the strip of a closed door shows', () => {
  const of = (...widths: readonly string[]) =>
    planned(
      requestOf(
        readings({
          ...EVEN,
          ...Object.fromEntries(widths.map((text, i) => [`contact.${['top', 'middle', 'bottom'][i]}`, text])),
        }),
        KERF,
      ),
    ).findings.filter(one => one.code.startsWith('contact'))
  it.each([
    [['7/16', '7/16', '7/16'], []],
    [['7/16', '1/2', '7/16'], []],
    [['3/8', '1/2', '7/16'], ['contact-uneven']],
    [['5/16', '3/8', '3/8'], ['contact-off']],
    [['1/4'], []],
  ])('%j: %j', (widths, codes) => expect(of(...widths).map(one => one.code)).toEqual(codes))
  it('says which height to move, how far and which way', () =>
    expect(of('5/16', '3/8', '3/8')).toMatchObject([
      { place: 'contact.top', facts: { by: { length: length('1/16') }, towards: 'to' } },
    ]))
})

describe('gaps by what goes into them', () => {
  it('want a seal that takes all the class can be', () => {
    const bill = readings(EVEN).map(one =>
      one.slot === 'gap.head.centre' ? { ...one, value: mm(2), deviation: mm(1), instrument: 'class' as const } : one,
    )
    const { edges } = planned(requestOf(bill, KERF))
    const bronze = edges[0]!.options.find(one => one.seal.id === 'spring-bronze')!
    expect(bronze.reasons.map(one => one.code)).not.toContain('gap-too-small')
    const foam = edges[0]!.options.find(one => one.seal.id === 'push-in-foam')!
    expect(foam.reasons.map(one => one.code)).toContain('gap-too-small')
  })
})

describe('edge and stop', () => {
  const stops = Object.fromEntries(['left', 'centre', 'right'].map(place => [`stop.head.${place}`, '3/8']))
  it('are two gaps: what is pushed in is judged by the stop, a fin by the edge', () => {
    const { edges } = planned(requestOf(readings({ ...EVEN, ...stops }), KERF))
    const of = (id: string) => edges[0]!.options.find(one => one.seal.id === id)!
    expect([of('push-in-foam').reasons[0]!.code, of('spring-bronze').reasons[0]!.code]).toEqual([
      'gap-too-wide',
      'holds',
    ])
    const alone = planned(requestOf(readings(EVEN), KERF)).edges[0]!.options.find(
      one => one.seal.id === 'carrier-bulb',
    )!
    expect(alone.reasons.map(one => one.code)).toEqual(['other-gap'])
  })
  it('let less air through together than the edge alone', () => {
    const flow = (texts: { readonly [slot: string]: string }) =>
      planned(requestOf(readings(texts), KERF)).edges[0]!.flowBefore[1]
    expect(flow({ ...EVEN, ...stops })).toBeLessThan(flow(EVEN))
  })
})
