import { crackFlowM3h, holeFlowM3h, sealedFlowM3h, seriesLeak } from '../physics/leakage'
import { length } from '../test/fixtures'
import { inches, ticks } from '../units/length'
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
