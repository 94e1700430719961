import { SEALS } from '../../trade/seals'
import { surveyOf } from '../survey/survey'
import { length, readings } from '../test/fixtures'
import { asked, EVEN, idsOn, KERF, planned, requestOf } from '../test/seal-request'
import type { SealPlan, SealRequest } from './plan-seals'
import { withJoints } from './sound-through'

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
    expect(edges.map(one => [one.edge.id, one.expected])).toEqual([
      ['head', 'wanted'],
      ['left', 'wanted'],
      ['right', 'wanted'],
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
