import { NUMBERS } from '../../trade/rates'
import { SEALS } from '../../trade/seals'
import { crackFlowM3h, leakageAreaCm2, sealedFlowM3h, yearlyKwh } from '../physics/leakage'
import type { Answer } from '../survey/answer'
import { surveyOf } from '../survey/survey'
import { fact, LENGTHS, length, randomFrom, readings, wholeFrom } from '../test/fixtures'
import { inches, mm, ticks } from '../units/length'
import { cutStrip, type StripOrder } from './cut-strip'
import { oneLeafEdges } from './edge'
import { type EdgeChoices, planSeals, type SealPlan, type SealRequest } from './plan-seals'

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
const plan = (
  texts: { readonly [slot: string]: string } = EVEN,
  choice: EdgeChoices = {},
  material: string | null = 'fibreglass',
  seals = SEALS,
) => planned({ ...requestOf(readings(texts), KERF), choice, material, seals })

const planned = (request: SealRequest): SealPlan & Pick<ReturnType<typeof planSeals>, 'findings'> => {
  const { value, findings } = planSeals(request)
  return { ...value!, findings }
}

describe('a seal for a side', () => {
  it('holds the smallest and the largest gap of its side', () => {
    for (const side of plan().edges) {
      const { seal } = side.chosen!
      expect(Math.min(...side.gaps)).toBeGreaterThanOrEqual(seal.gap[0])
      expect(Math.max(...side.gaps)).toBeLessThanOrEqual(seal.gap[1])
    }
  })
  it('is the cheapest a year of those that hold', () => {
    for (const side of plan().edges) {
      const cheapest = Math.min(...side.options.filter(one => one.holds).map(one => one.centsPerYear))
      expect(side.chosen!.centsPerYear).toBe(cheapest)
    }
  })
  it('is refused on a gap a tick beyond its range, with the reason', () => {
    const texts = readings({ 'gap.head.left': '3/16' })
    const atLimit = planned({ ...requestOf(texts, KERF), choice: { head: 'push-in-foam' } }).edges[0]!
    expect(atLimit.chosen!.seal.id).toBe('push-in-foam')
    const beyond = planned({
      ...requestOf(
        texts.map(one => ({ ...one, value: ticks(one.value + 1) })),
        KERF,
      ),
      choice: { head: 'push-in-foam' },
    }).edges[0]!
    expect(beyond.options.find(one => one.seal.id === 'push-in-foam')).toMatchObject({
      holds: false,
      reasons: [{ code: 'gap-too-wide' }],
    })
    expect(beyond.chosen!.seal.id).not.toBe('push-in-foam')
  })
  it('that holds water never goes under a wooden door', () =>
    expect(
      plan(EVEN, {}, 'timber')
        .edges.at(-1)!
        .options.find(one => one.seal.id === 'u-shoe'),
    ).toMatchObject({ holds: false, reasons: [{ code: 'never-here' }] }))
  it('is left out when the customer wants none', () => {
    const { edges } = plan(EVEN, { head: null })
    expect(edges[0]!.chosen).toBeNull()
    expect(edges[0]!.flowAfter50).toBe(edges[0]!.flowBefore50)
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
  survey: surveyOf('trim-off', all, answers),
  edges: oneLeafEdges({ width: inches(36), height: inches(80), thickness: length('1 3/4'), hinges: 'left' }),
  material: null,
  isOutside: true,
  purposes: [],
  climate: { heatingDegreeDays: 2800, centsPerKwh: 14 },
  choice: {},
  seals: SEALS,
  latchLimitN: NUMBERS['latch-force'],
  lengths: LENGTHS,
})

describe('the push on the latch', () => {
  it('counts latch side and head fully, the hinge side half, the bottom not', () => {
    const only = (choice: EdgeChoices) =>
      plan(EVEN, { head: null, left: null, right: null, bottom: null, ...choice }).latchForceN
    expect(only({ right: 'carrier-bulb' })).toBeCloseTo(12 * 2.032, 6)
    expect(only({ left: 'carrier-bulb' })).toBeCloseTo(6 * 2.032, 6)
    expect(only({ head: 'carrier-bulb' })).toBeCloseTo(12 * 0.9144, 6)
    expect(only({ bottom: 'sweep-fin' })).toBe(0)
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
    const { before, after, savedCentsYear, cents, payBackYears } = plan()
    expect(after.flowM3h[1]).toBeLessThan(before.flowM3h[1])
    expect(savedCentsYear).toBeCloseTo((before.kwhYear - after.kwhYear) * 14, 6)
    expect(payBackYears).toBeCloseTo(cents / savedCentsYear, 9)
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
  const chosen = (why: string) =>
    planned(requestOf(readings(EVEN), [...KERF, fact('fact.seal-why', why)])).edges.map(one => one.chosen?.seal.kind)
  it('leaves out what does little for it', () => {
    expect(chosen('draft')).toContain('brush')
    expect(chosen('sound')).not.toContain('brush')
    expect(new Set(chosen('fire'))).toEqual(new Set([undefined]))
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
