import { NUMBERS } from '../../trade/rates'
import { SEALS } from '../../trade/seals'
import { crackFlowM3h, leakageAreaCm2, sealedFlowM3h, yearlyKwh } from '../physics/leakage'
import type { Answer } from '../survey/answer'
import { surveyOf } from '../survey/survey'
import { fact, LENGTHS, length, randomFrom, readings, wholeFrom } from '../test/fixtures'
import { inches, mm, ticks } from '../units/length'
import { cutStrip, type StripOrder } from './cut-strip'
import { oneLeafEdges } from './edge'
import { planSeals, type SealPlan, type SealRequest } from './plan-seals'
import type { SealChoice } from './seal-choice'
import { NEW_SEAL_CHOICE } from './seal-wants'
import { withJoints } from './sound-through'

/** There is a slot in the stop for what is pushed in. */
const KERF = [fact('fact.kerf', 'yes')]

const EVEN = Object.fromEntries(
  [
    'head.left',
    'head.centre',
    'head.right',
    'left.top',
    'left.middle',
    'left.bottom',
    'right.top',
    'right.middle',
    'right.bottom',
    'bottom.left',
    'bottom.centre',
    'bottom.right',
  ].map(place => [`gap.${place}`, place.startsWith('bottom') ? '1/4' : '1/8']),
)
type EdgeChoices = SealChoice['edges']
const plan = (
  texts: { readonly [slot: string]: string } = EVEN,
  edges: EdgeChoices = {},
  material: string | null = 'fibreglass',
  seals = SEALS,
) => planned(asked({ ...requestOf(readings(texts), KERF), seals }, { edges }, { material }))

const asked = (
  request: SealRequest,
  choice: Partial<SealChoice> = {},
  site: Partial<SealRequest['site']> = {},
): SealRequest => ({
  ...request,
  choice: { ...request.choice, ...choice },
  site: { ...request.site, ...site },
})
const planned = (request: SealRequest): SealPlan & Pick<ReturnType<typeof planSeals>, 'findings'> => {
  const { value, findings } = planSeals(request)
  return { ...value!, findings }
}
const idsOn = (side: SealPlan['edges'][number]) => side.chosen.map(one => one.seal.id)

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

const requestOf = (all: ReturnType<typeof readings>, answers: readonly Answer[] = []): SealRequest => ({
  edges: oneLeafEdges({
    width: inches(36),
    height: inches(80),
    thickness: length('1 3/4'),
    hinges: 'left',
    leftLeaf: null,
    moves: null,
  }),
  site: {
    survey: surveyOf('trim-off', all, answers),
    material: null,
    isOutside: true,
    isInRain: false,
    purposes: [],
    isLabelled: false,
    bedded: [],
    reasons: {},
    centsPerHour: 6500,
  },
  choice: NEW_SEAL_CHOICE,
  leaf: null,
  own: () => null,
  expectedGap: null,
  seals: SEALS,
  latchLimitN: NUMBERS['latch-force'],
  lengths: LENGTHS,
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

describe('what a door is sealed against', () => {
  const edges = (...purposes: SealRequest['site']['purposes']) =>
    planned(asked(requestOf(readings(EVEN), KERF), {}, { purposes })).edges
  it('leaves out what does nothing for what weighs most, and says what does little for the rest', () => {
    for (const purpose of ['draft', 'sound', 'water', 'smoke', 'fire'] as const)
      for (const one of edges(purpose)) for (const { seal } of one.chosen) expect(seal.against).toContain(purpose)
    const brush = edges('draft', 'sound')[0]!.options.find(one => one.seal.id === 'carrier-brush')!
    expect([brush.holds, brush.reasons.map(one => one.code)]).toEqual([true, ['other-gap', 'less-purpose']])
    expect(edges('sound', 'draft')[0]!.options.find(one => one.seal.id === 'carrier-brush')!.holds).toBe(false)
  })
  it('with a label takes nothing that is not listed, whatever it costs', () => {
    const { edges: labelled } = planned(
      asked(requestOf(readings(EVEN), KERF), {}, { isLabelled: true, purposes: ['smoke'] }),
    )
    for (const one of labelled) {
      expect(one.chosen.length).toBeGreaterThan(0)
      for (const { seal } of one.chosen) expect(seal.listing).not.toBe('none')
    }
  })
})

describe('a whole door chosen together', () => {
  const base = () => requestOf(readings(EVEN), KERF)
  const leaf = { areaM2: 1.86, tlDb: Array.from({ length: 17 }, () => 45) }
  it('keeps the push on the latch where another combination does', () => {
    const stiff = SEALS.map(one =>
      one.centsPerMetre < 500 && one.on.includes('head') ? { ...one, forceNPerMetre: 22 } : one,
    )
    const door = planned({ ...base(), seals: stiff })
    expect(door.latchForceN).toBeLessThanOrEqual(60)
    expect(door.meetsTargets).toBe(true)
  })
  it('reaches a wanted sound with dearer seals, and says where none does', () => {
    const cheap = planned({ ...base(), leaf })
    const better = withJoints(leaf, cheap.joints.sealed).rw + 1
    const quiet = planned(asked({ ...base(), leaf }, { rwLeast: better }))
    const centsOf = (one: SealPlan) =>
      one.edges.flatMap(edge => edge.chosen).reduce((sum, it) => sum + it.centsPerYear, 0)
    expect(centsOf(quiet)).toBeGreaterThan(centsOf(cheap))
    expect(quiet.meetsTargets).toBe(true)
    expect(planned(asked({ ...base(), leaf }, { rwLeast: 55 })).findings.map(one => one.code)).toContain(
      'target-missed',
    )
  })
  it('leaves open what a draft that is allowed leaves open', () => {
    const open = planned(asked(base(), { draftMost: 10_000 }))
    expect(open.edges.flatMap(one => one.chosen)).toEqual([])
    const all = planned(base())
    const most = Math.ceil(all.before.flowM3h[1] * 0.7)
    const some = planned(asked(base(), { draftMost: most }))
    expect(some.after.flowM3h[1]).toBeLessThanOrEqual(most)
    expect(some.edges.some(one => one.chosen.length === 0)).toBe(true)
  })
  it('a draft that only the corners keep it from is missed, until pads are in', () => {
    const sealed = planned(asked(base(), { corners: true })).after.flowM3h[1]
    const most = Math.ceil(sealed) + 1
    const open = planned(asked(base(), { draftMost: most }))
    for (const one of [open, planned(asked(base(), { draftMost: most, corners: true }))])
      expect(one.meetsTargets).toBe(one.after.flowM3h[1] <= most)
    expect(planned(asked(base(), { draftMost: 0 })).meetsTargets).toBe(false)
  })
  it('keeps one system on a new unit unless it fails', () => {
    const foam = SEALS.find(one => one.id === 'push-in-foam')!
    const ships = { ...base(), own: (edge: { role: string }) => (edge.role === 'bottom' ? null : foam) }
    const kept = planned(ships)
    expect(kept.edges.slice(0, 3).map(one => [one.stays.map(it => it.id), idsOn(one)])).toEqual(
      [1, 2, 3].map(() => [['push-in-foam'], []]),
    )
    const wide = planned({
      ...ships,
      site: { ...ships.site, survey: surveyOf('trim-off', readings({ ...EVEN, 'gap.head.left': '1/4' }), KERF) },
    })
    expect(wide.findings).toContainEqual(expect.objectContaining({ code: 'own-fails', place: 'seal.head' }))
    expect(wide.edges[0]!.chosen.length).toBeGreaterThan(0)
  })
  it('by the margins that are wanted, and marked so, until the leaf hangs', () => {
    const { edges } = planned({ ...requestOf([], KERF), expectedGap: length('1/8') })
    expect(edges.map(one => [one.edge.id, one.isExpected])).toEqual([
      ['head', true],
      ['left', true],
      ['right', true],
    ])
  })
  it('what is there and stays costs nothing and closes', () => {
    const { edges, cents } = planned(
      asked(base(), { stays: { head: ['carrier-bulb'] }, edges: { head: [], left: [], right: [], bottom: [] } }),
    )
    expect(cents).toBe(0)
    expect(edges[0]!.stays.map(one => one.id)).toEqual(['carrier-bulb'])
    expect(edges[0]!.flowBefore[1]).toBeLessThan(edges[2]!.flowBefore[1])
  })
  it('money is said between what the readings leave open', () => {
    const { savedCentsYear, savedBetween } = planned(base())
    expect(savedBetween[0]).toBeLessThan(savedCentsYear)
    expect(savedBetween[1]).toBeGreaterThan(savedCentsYear)
    const half = planned(asked(base(), { efficiency: 50 }))
    expect(half.savedCentsYear).toBeCloseTo(2 * savedCentsYear, 6)
  })
  it('the next money does most first', () => {
    const { marginal } = planned(base())
    const worth = marginal.map(one => one.savedCentsYear / one.cents)
    expect(worth).toEqual([...worth].sort((a, b) => b - a))
  })
  it('corners leak until pads are in', () =>
    expect(planned(base()).after.flowM3h[1]).toBeGreaterThan(
      planned(asked(base(), { corners: true })).after.flowM3h[1],
    ))
})

describe('a shoe under the bottom', () => {
  const shoe = (material: string, more: Partial<SealRequest['site']> = {}, byHand = true) => {
    const choice = byHand ? { edges: { bottom: ['u-shoe'] } } : {}
    const { edges } = planned(asked(requestOf(readings(EVEN), KERF), choice, { material, ...more }))
    const bottom = edges.at(-1)!
    return [bottom.options.find(one => one.seal.id === 'u-shoe')!.holds, idsOn(bottom).includes('u-shoe')]
  }
  const ticked = ['bedded', 'joint-sealed', 'drains'] as const
  it.each([
    ['never on outside wood', shoe('timber', { bedded: ticked }), [false, false]],
    ['never by itself on other outside leaves', shoe('steel', { bedded: ticked }, false), [true, false]],
    ['by hand with all three ticked', shoe('steel', { bedded: ticked }), [true, true]],
    ['not with one unticked', shoe('steel', { bedded: ['bedded', 'drains'] }), [true, false]],
    ['in the rain not without a reason', shoe('steel', { bedded: ticked, isInRain: true }), [true, false]],
    [
      'in the rain with a typed reason',
      shoe('steel', { bedded: ticked, isInRain: true, reasons: { 'bottom/u-shoe': 'A porch comes.' } }),
      [true, true],
    ],
    ['free inside', shoe('timber', { isOutside: false }), [true, true]],
  ])('%s', (_, found, wanted) => expect(found).toEqual(wanted))
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
