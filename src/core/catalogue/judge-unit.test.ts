import { RATES } from '../../trade/rates'
import { length, unit, wishes } from '../test/fixtures'
import { floorAt, request as made } from '../test/request'
import { inches, type Length, nearestTick, ZERO } from '../units/length'
import { jambCosts } from './fill-and-jamb'
import { goesIn, judgeUnit, judgeUnits, standOuts } from './judge-unit'

const request = (more: Parameters<typeof made>[0] = {}, width?: Length, height?: Length) =>
  made({ floor: floorAt('1/4'), ...more }, width, height)

describe('hard requirements drop a unit and keep the reason', () => {
  it.each([
    ['the hand', { hinges: 'right' }, {}, 'hand-not-made'],
    ['the swing', { swing: 'out' }, {}, 'swing-not-made'],
    ['the bore', { bore: 'single' }, {}, 'bore-other'],
    ['the material', { material: 'steel' }, { material: 'timber' }, 'material-other'],
    ['a garage', { material: 'timber', labelMinutes: 0 }, { use: 'garage-to-house' }, 'label-too-low'],
  ] as const)('%s', (_, sheet, wished, code) => {
    const offer = judgeUnit(unit(sheet), request({ wishes: wishes(wished) }))
    expect(offer.verdict).toBe('dropped')
    expect(offer.reasons.map(one => one.code)).toContain(code)
  })
  it.each([
    ['none', false],
    ['plain', true],
    ['safety', true],
    ['impact', false],
  ] as const)('in a wind zone glass “%s” drops it: %s', (glass, isDropped) => {
    const offer = judgeUnit(unit({ glass }), request({ wishes: wishes({ settings: ['wind-zone'] }) }))
    expect(offer.reasons.some(one => one.code === 'glass-not-impact')).toBe(isDropped)
    expect(offer.verdict).toBe(isDropped ? 'dropped' : 'fits')
  })
  it('a labelled or a steel leaf may go to a garage', () => {
    const garage = request({ wishes: wishes({ use: 'garage-to-house' }) })
    expect(judgeUnit(unit({ labelMinutes: 20 }), garage).verdict).toBe('fits')
    expect(judgeUnit(unit({ material: 'steel' }), garage).verdict).toBe('fits')
  })
})

describe('the threshold’s back over the floor inside', () => {
  const low = (floor: string, more: Parameters<typeof unit>[0] = {}) =>
    judgeUnit(
      unit({ swing: 'out', leafBottom: length('3/4'), ...more }),
      request({ floor: floorAt(floor), wishes: wishes({ swing: 'out' }) }),
    ).reasons.find(one => one.code === 'threshold-low')
  it.each([
    ['1/2', null],
    ['33/64', '15/64'],
    ['1', '0'],
  ])('with a floor of %s: %s is too little', (floor, back) =>
    expect(low(floor)?.facts.back ?? null).toEqual(back === null ? null : { length: length(back) }),
  )
  it('is met by the floor at the door, not by a rug further in', () =>
    expect(
      judgeUnit(
        unit({ swing: 'out', leafBottom: length('3/4') }),
        request({ floor: { atDoor: length('1/2'), over: length('1') }, wishes: wishes({ swing: 'out' }) }),
      ).reasons.map(one => one.code),
    ).not.toContain('threshold-low'))
  it('is said of a door with a sill only, and is packed away under an in-swing one', () => {
    expect(low('1', { sillDepth: null })).toBeUndefined()
    expect(judgeUnit(unit(), request({ floor: floorAt('1') })).reasons.map(one => one.code)).not.toContain(
      'threshold-low',
    )
  })
})

describe('room, on either side of its limits', () => {
  it.each([
    ['37 3/4', 'tight', 'sides-tight'],
    ['37 49/64', 'too-large', 'too-wide'],
    ['37 35/64', 'tight', 'sides-tight'],
    ['37 17/32', 'fits', 'goes-in'],
    ['37 1/2', 'fits', 'goes-in'],
    ['37 1/4', 'fits', 'goes-in'],
    ['37 15/64', 'loose', 'sides-loose'],
    ['36', 'loose', 'sides-loose'],
    ['35 63/64', 'too-small', 'too-narrow'],
  ])('%s wide in 38 is %s', (width, verdict, code) => {
    const offer = judgeUnit(unit({ width: length(width) }), request())
    expect([offer.verdict, offer.reasons[0]!.code]).toEqual([verdict, code])
  })
  it.each([
    ['82 3/8', 'tight', 'head-tight'],
    ['82 25/64', 'too-large', 'too-high'],
    ['82 19/64', 'tight', 'head-tight'],
    ['82 9/32', 'fits', 'goes-in'],
    ['81 3/4', 'fits', 'goes-in'],
    ['81 47/64', 'loose', 'head-loose'],
    ['70 1/2', 'loose', 'head-loose'],
    ['70 31/64', 'too-small', 'too-low'],
  ])('%s high in 82 1/2 is %s', (height, verdict, code) => {
    const offer = judgeUnit(unit({ height: length(height) }), request())
    expect([offer.verdict, offer.reasons[0]!.code]).toEqual([verdict, code])
  })
})

/** Worked by hand from the shipped rates: 65.00 an hour, stock freight 45.00, made freight 120.00, disposal 35.00.
 *  A run of 37 1/2 in is 0.9525 m, two legs of 81 3/4 in are 4.1529 m, both and the head 5.1054 m. */
describe('preparation and total, worked by hand', () => {
  it('nothing to prepare: unit, freight, disposal', () =>
    expect(judgeUnit(unit(), request()).cents).toEqual({
      unit: 60_000,
      freight: 4500,
      hardware: 0,
      material: 0,
      work: 0,
      disposal: 3500,
      total: 68_000,
    }))
  it('a pad of 1/4: 15 + ⌈0.9525 × 15⌉ = 30 min; 4.00 + ⌈0.9525 × 9.00⌉', () => {
    const [pad] = judgeUnit(unit(), request({ floor: floorAt('1/2') })).preparations
    expect(pad).toMatchObject({
      id: 'pad-sill',
      amount: length('1/4'),
      minutes: 30,
      materialCents: 400 + 858,
      workCents: 3250,
    })
  })
  it('an extension of 1: 30 + ⌈5.1054 × 12⌉ = 92 min; 6.00 + ⌈5.1054 × 7.80⌉', () => {
    const [extension] = judgeUnit(unit(), request({ wall: length('5 9/16') })).preparations
    expect(extension).toMatchObject({
      id: 'extend-jamb',
      amount: inches(1),
      minutes: 92,
      materialCents: 600 + 3983,
      workCents: 9967,
    })
  })
  it('a head built down by 1 1/2 in a hole 1 1/4 higher: 25 + ⌈0.9525 × 20⌉ = 45 min; 9.00 + ⌈0.9525 × 6.50⌉', () => {
    const [head] = judgeUnit(unit(), request({}, inches(38), inches(83, 3, 4))).preparations
    expect(head).toMatchObject({
      id: 'build-down-head',
      amount: length('1 1/2'),
      minutes: 45,
      materialCents: 900 + 620,
      workCents: 4875,
    })
  })
  it('sides packed in a hole an inch wider: 10 + ⌈4.1529 × 12⌉ = 60 min; 3.00 + ⌈4.1529 × 2.40⌉', () => {
    const [sides] = judgeUnit(unit(), request({}, inches(39))).preparations
    expect(sides).toMatchObject({
      id: 'pack-sides',
      amount: inches(0, 3, 4),
      minutes: 60,
      materialCents: 300 + 997,
      workCents: 6500,
    })
  })
  it('no preparation ever alters structure', () => {
    const all = judgeUnit(unit({ width: inches(40) }), request())
    expect(all.verdict).toBe('too-large')
    expect(all.preparations.map(one => one.id)).toEqual(['relieve-pinch'])
  })
})

describe('the ranking', () => {
  const near = unit({ id: '01900000-0000-7000-8000-000000000001', article: 'NEAR', priceCents: 70_000, leadDays: 20 })
  const low = unit({
    id: '01900000-0000-7000-8000-000000000002',
    article: 'LOW',
    height: inches(80),
    priceCents: 55_000,
    leadDays: 2,
  })
  const wide = unit({
    id: '01900000-0000-7000-8000-000000000003',
    article: 'WIDE',
    width: inches(39),
    priceCents: 10_000,
  })
  const wrong = unit({
    id: '01900000-0000-7000-8000-000000000004',
    article: 'WRONG',
    bore: 'single',
    priceCents: 5_000,
  })
  const order = (more: Parameters<typeof request>[0] = {}) =>
    judgeUnits([wrong, wide, near, low], request(more)).map(one => one.unit.article)
  it('is by total; what does not go in comes after, what is dropped last', () =>
    expect(order()).toEqual(['LOW', 'NEAR', 'WIDE', 'WRONG']))
  it('turns when work costs ten times as much', () =>
    expect(order({ rates: { ...RATES, centsPerHour: 65_000 } })).toEqual(['NEAR', 'LOW', 'WIDE', 'WRONG']))
  it('names the cheapest, the soonest and the least work once each', () => {
    const picked = standOuts(judgeUnits([near, low, wide], request()))
    expect(picked.map(({ offer, best }) => [offer.unit.article, best])).toEqual([
      ['LOW', ['cheapest', 'soonest']],
      ['NEAR', ['least-work']],
    ])
  })
  it('never ranks a unit that does not go in among those that do', () => {
    const offers = judgeUnits([wide, wrong, low], request())
    expect(offers.map(goesIn)).toEqual([true, false, false])
  })
})

describe('the old sill and the new one', () => {
  it.each([
    ['5 9/16', []],
    ['6 1/16', []],
    ['6 1/8', ['sill-short']],
    ['5', ['sill-long']],
  ])('%s deep against 5 9/16: %j', (old, codes) => {
    const offer = judgeUnit(unit(), request({ site: { sillDepth: length(old) } }))
    expect(offer.reasons.map(one => one.code).filter(code => /^sill-(short|long)$/.test(code))).toEqual(codes)
  })
})

describe('the ways to make a jamb', () => {
  it('each cost what they take on site: nothing for one that reaches', () => {
    const size = { width: { value: length('37 1/2') }, height: { value: length('81 3/4') } }
    const options = [
      { kind: 'standard', jamb: length('4 9/16'), difference: ZERO },
      { kind: 'extension', jamb: length('4 9/16'), difference: length('1') },
      { kind: 'solid', jamb: length('5 9/16'), difference: ZERO },
    ] as const
    const [standard, extension, solid] = jambCosts(options, size, request())
    expect(standard).toBe(0)
    expect(extension).toBeGreaterThan(0)
    expect(solid).toBeGreaterThan(extension!)
    expect(jambCosts(options, null, request())).toEqual([null, null, null])
  })
})

describe('what diagnosis asks to be put right is priced as work', () => {
  const { points } = request()
  const workFor = (more: Parameters<typeof made>[0]) =>
    judgeUnit(unit(), request(more)).preparations.map(one => [one.id, one.amount] as const)
  const crowned = (by: string) => ({
    points: { ...points!, S: { x: points!.S.x, y: nearestTick(points!.S.y + length(by)) } },
  })
  it.each([
    ['1/16', []],
    ['3/16', ['3/16']],
  ])('a sill with a crown of %s is ground where it can’t stay', (by, amounts) =>
    expect(workFor(crowned(by)).filter(([id]) => id === 'grind-crown')).toEqual(
      amounts.map(one => ['grind-crown', length(one)]),
    ),
  )
  it('what is ground off is not filled beside it as well', () =>
    expect(workFor(crowned('3/16')).map(([id]) => id)).not.toContain('level-sill'))
  it.each([
    ['1/4', false, []],
    ['5/16', false, ['5/16']],
    ['5/16', true, []],
  ])('a twist of %s, in blocks: %s, moves the wall’s foot where both legs can’t share it', (by, hasBucks, amounts) =>
    expect(workFor({ twist: length(by), hasBucks }).filter(([id]) => id === 'move-wall')).toEqual(
      amounts.map(one => ['move-wall', length(one)]),
    ),
  )
})
