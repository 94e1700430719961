import { FIRE_RULES } from '../../trade/fire-rules'
import { crackFlowM3h, holeFlowM3h, sealedFlowM3h, seriesLeak } from '../physics/leakage'
import { surveyOf } from '../survey/survey'
import { entry, length, readings } from '../test/fixtures'
import { LEAF_EDGES } from '../test/seal-request'
import { inches, ticks } from '../units/length'
import { flowByGap } from './draft'
import { FIRE_ITEMS, fireCode, fireFindings, judgeFire } from './fire'
import { judgeGaps } from './fire-gaps'
import { latchForceN } from './latch-force'

const metres = (n: number) => ticks(n * 3_200_000)
const mm = (n: number) => ticks(n * 3200)

describe('air past two gaps behind each other', () => {
  const side = { gaps: [mm(2), mm(3)], length: metres(2), depth: mm(44), bends: 1 }
  it('is less than past either, and nothing where either is shut', () => {
    const alone = crackFlowM3h(side, 50)
    const both = crackFlowM3h({ ...side, stop: { gaps: [mm(2), mm(3)], depth: mm(12), bends: 0 } }, 50)
    expect(both).toBeLessThan(alone)
    expect(crackFlowM3h({ ...side, stop: { gaps: [mm(0), mm(0)], depth: mm(12), bends: 0 } }, 50)).toBe(0)
  })
  it('is hardly less where the second is wide', () => {
    const wide = crackFlowM3h({ ...side, stop: { gaps: [mm(40), mm(40)], depth: mm(12), bends: 0 } }, 50)
    expect(wide / crackFlowM3h(side, 50)).toBeGreaterThan(0.97)
  })
  it('is within 1 % of a fine reckoning', () => {
    const fine = Array.from({ length: 2000 }, (_, i) => 2 + (i + 0.5) / 2000)
    const sum = fine.reduce(
      (all, gap) =>
        all + crackFlowM3h({ ...side, gaps: [mm(1)].map(() => ticks(Math.round(gap * 3200))), length: mm(1) }, 50),
      0,
    )
    expect(Math.abs(crackFlowM3h(side, 50) / sum - 1)).toBeLessThan(0.01)
  })
})

it('a metre of gap lets through more than in proportion to its width, and a thicker leaf less', () => {
  const [none, one, two] = flowByGap([mm(0), mm(1), mm(2)], mm(44))
  expect(none).toBe(0)
  expect(two!).toBeGreaterThan(2 * one!)
  expect(flowByGap([mm(1)], mm(60))[0]!).toBeLessThan(one!)
})

describe('two seals behind each other', () => {
  it('pass less than either; a third of nothing closes both; one alone is itself', () => {
    expect(seriesLeak([1.5, 1.5])).toBeCloseTo(1.5 * 2 ** -0.65, 10)
    expect([seriesLeak([2, 0]), seriesLeak([2])]).toEqual([0, 2])
    expect(seriesLeak([1, 3])).toBeLessThan(1)
  })
  it('grow with pressure to the power 0.65; a hole to the power of a half', () => {
    expect(sealedFlowM3h(1, metres(2), 50)).toBe(2)
    expect(holeFlowM3h(1e-4, 16) / holeFlowM3h(1e-4, 4)).toBeCloseTo(2, 12)
  })
})

it('a door is pushed shut against head, latch and meeting edge in full, the hinge side by half, the bottom not', () => {
  const part = (role: 'head' | 'hinge' | 'bottom' | 'meeting' | 'latch') => ({
    role,
    length: metres(2),
    forceNPerMetre: 10,
  })
  expect(['head', 'latch', 'meeting', 'hinge', 'bottom'].map(role => latchForceN([part(role as 'head')]))).toEqual([
    20, 20, 20, 10, 0,
  ])
  expect(latchForceN([])).toBe(0)
})

describe('gaps of a labelled door', () => {
  const rule = [length('1/16'), length('3/16')] as const
  const by = inches(0, 1, 64)
  it.each([
    [['1/8'], 'within'],
    [['1/8', '3/16'], 'too close'],
    [['5/64'], 'too close'],
    [['3/32'], 'within'],
    [['13/64'], 'too close'],
    [['1/8', '7/32'], 'beyond'],
    [['0'], 'beyond'],
  ])('of %j are %s', (gaps, verdict) => expect(judgeGaps(gaps.map(length), rule, by)).toBe(verdict))
  it('have no verdict unread, and no limit where the rule sets none', () => {
    expect(judgeGaps([], rule, by)).toBeNull()
    expect(judgeGaps([inches(0)], [null, length('3/4')], by)).toBe('within')
    expect(judgeGaps([inches(30)], [null, null], by)).toBe('within')
  })
})

describe('a labelled door by its rules', () => {
  const edges = LEAF_EDGES
  const judged = (gap: string, more: Partial<Parameters<typeof judgeFire>[0]> = {}) =>
    judgeFire({
      rules: FIRE_RULES.find(one => one.id === 'inch')!,
      edges,
      survey: surveyOf('core', readings({ 'gap.head.left': gap, 'gap.head.centre': '1/8', 'gap.head.right': '1/8' })),
      material: 'steel',
      hasSmokeSeal: false,
      log: [],
      today: '2026-11-26',
      within: inches(0, 1, 64),
      ...more,
    })!
  const head = (one: ReturnType<typeof judged>) => one.edges.find(({ edge }) => edge.id === 'head')!
  it('goes by the worst reading of an edge, never by its mean', () => {
    expect([head(judged('1/8')).verdict, head(judged('1/4')).verdict]).toEqual(['within', 'beyond'])
    expect(head(judged('1/4')).worst).toBe(length('1/4'))
    expect(fireFindings(judged('1/4'))).toContainEqual(
      expect.objectContaining({ code: 'fire-gap-beyond', severity: 'stop' }),
    )
  })
  it('is narrower for wood, and for a leaf nobody said the material of', () => {
    expect(head(judged('5/32')).verdict).toBe('within')
    expect(head(judged('5/32', { material: 'timber' })).verdict).toBe('beyond')
    expect(head(judged('5/32', { material: null })).verdict).toBe('beyond')
  })
  it('has no cure that cuts', () => {
    for (const gap of ['1/4', '3/16'])
      for (const one of fireFindings(judged(gap)))
        for (const { code } of one.cures) expect(['label.ask-agency', 'code.ask-locally', 'gap.read']).toContain(code)
  })
  it('is in order once every edge is read and within, every item looked at, and for a year', () => {
    const all = Object.fromEntries(
      edges.flatMap(one => one.slots.map(slot => [slot, one.role === 'bottom' ? '1/2' : '1/8'])),
    )
    const survey = surveyOf('core', readings(all))
    const log = FIRE_ITEMS.map((item, i) => entry('test', fireCode(item), 'passed', Date.UTC(2026, 5, 1) + i))
    const by = (today: string, own = log) => judged('1/8', { survey, log: own, today })
    expect([by('2026-11-26').isInOrder, by('2026-11-26').againOn]).toEqual([true, '2027-06-01'])
    expect(by('2027-06-03').isInOrder).toBe(false)
    expect(by('2026-11-26', log.slice(1)).isInOrder).toBe(false)
    const failed = [...log, entry('test', fireCode('glass'), 'failed', Date.UTC(2026, 6, 1), { text: 'No mark.' })]
    expect(by('2026-11-26', failed).isInOrder).toBe(false)
    expect(fireFindings(by('2026-11-26', failed)).map(one => one.code)).toEqual(['fire-item-failed'])
  })
  it('a smoke seal narrows the bottom where the rules say so', () => {
    const metric = FIRE_RULES.find(one => one.id === 'metric')!
    const survey = surveyOf('core', readings({ 'gap.bottom.centre': '5 mm' }))
    const bottom = (hasSmokeSeal: boolean) =>
      judged('1/8', { rules: metric, survey, hasSmokeSeal }).edges.at(-1)!.verdict
    expect([bottom(false), bottom(true)]).toEqual(['within', 'beyond'])
  })
})
