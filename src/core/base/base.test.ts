import { LENGTHS, length } from '../test/fixtures'
import { inches, ticks } from '../units/length'
import { priceOf, workCost } from '../units/quantity'
import { type Finding, worstFirst, worstOf } from './finding'
import { judgeLimit } from './judge-limit'
import { overrideLengths } from './override-lengths'
import { allowanceLeaf, type Leaf, leavesOf, step, workThrough } from './trace'
import { TRADE_LENGTHS } from './trade-lengths'

const leaf = (text: string): Leaf => ({ kind: 'reading', name: text, value: length(text), origin: 'test' })

describe('a step of a trace', () => {
  it.each([
    ['sum', '6'],
    ['difference', '-2'],
    ['smallest', '1'],
    ['largest', '3'],
    ['twice', '12'],
  ] as const)('%s of 2, 1 and 3 is %s', (operation, expected) =>
    expect(step('rule', operation, ['2', '1', '3'].map(leaf)).value).toBe(length(expected)),
  )
  it('of nothing is a bug', () => expect(() => step('rule', 'sum', [])).toThrow(RangeError))
  it('is worked through from its leaves, whatever value it claims', () => {
    const whole = step('outer', 'difference', [step('inner', 'sum', [leaf('36'), leaf('1/2')]), leaf('1/4')])
    expect(workThrough({ ...whole, value: ticks(7) })).toBe(length('36 1/4'))
    expect(leavesOf(whole).map(one => one.name)).toEqual(['36', '1/2', '1/4'])
  })
  it('names whose allowance it took', () =>
    expect(allowanceLeaf(LENGTHS.buck)).toMatchObject({
      kind: 'allowance',
      name: 'buck',
      value: length('3/4'),
      origin: LENGTHS.buck.source.text,
    }))
})

describe('an opening’s own allowances', () => {
  it('stand in place of the trade’s and say so', () =>
    expect(overrideLengths(LENGTHS, { buck: inches(1) }).buck).toMatchObject({
      value: inches(1),
      source: { text: 'set for this opening' },
    }))
  it('leave all others as they are', () => {
    const own = overrideLengths(LENGTHS, { buck: inches(1) })
    expect(TRADE_LENGTHS.filter(id => own[id] !== LENGTHS[id])).toEqual(['buck'])
  })
  it('that are none change nothing', () => expect(overrideLengths(LENGTHS, {})).toBe(LENGTHS))
  it('may be nothing at all, which is not the same as none', () =>
    expect(overrideLengths(LENGTHS, { buck: ticks(0) }).buck.value).toBe(0))
})

describe('every trade figure', () => {
  it('has an id of its own and a source', () => {
    for (const id of TRADE_LENGTHS) {
      expect(LENGTHS[id].id).toBe(id)
      expect(LENGTHS[id].source.text.length).toBeGreaterThan(10)
    }
  })
  it('from a code says that the authority decides', () => {
    for (const one of Object.values(LENGTHS))
      if (one.source.kind === 'code') expect(one.source.text).toMatch(/local authority decides/)
  })
})

describe('a limit', () => {
  const [fine, correct] = [LENGTHS['square-fine'], LENGTHS['square-correct']]
  it.each([
    ['1/8', 'fine', '1/8'],
    ['9/64', 'watch', '1/8'],
    ['1/4', 'watch', '1/8'],
    ['17/64', 'correct', '1/4'],
  ] as const)('%s is %s, judged by %s', (size, severity, limit) =>
    expect(judgeLimit(length(size), 0, fine, correct)).toMatchObject({ severity, limit: length(limit) }),
  )
  it('without a second one only watches', () => expect(judgeLimit(inches(9), 0, fine).severity).toBe('watch'))
  it('is certain only beyond the figure’s own doubt', () => {
    expect(judgeLimit(length('3/16'), length('1/32'), fine, correct).certain).toBe(true)
    expect(judgeLimit(length('3/16'), length('1/16'), fine, correct).certain).toBe(false)
  })
})

describe('findings', () => {
  const of = (severity: Finding['severity'], code: string): Finding => ({
    code,
    place: '',
    severity,
    facts: {},
    rule: 'look',
    cures: [],
  })
  const all = [of('watch', 'a'), of('stop', 'b'), of('fine', 'c'), of('watch', 'd'), of('correct', 'e')]
  it('stand worst first, alike ones as they came', () =>
    expect(
      worstFirst(all)
        .map(one => one.code)
        .join(''),
    ).toBe('beadc'))
  it('are as bad as the worst', () =>
    expect([worstOf(all), worstOf(all.slice(2, 4)), worstOf([])]).toEqual(['stop', 'watch', 'fine']))
})

describe('money', () => {
  it('for work is rounded up to the cent', () =>
    expect([workCost(60, 6500), workCost(1, 6500), workCost(0, 6500)]).toEqual([6500, 109, 0]))
  it('for a length is rounded up to the cent', () =>
    expect([priceOf(3_200_000, 420), priceOf(1, 420), priceOf(0, 420)]).toEqual([420, 1, 0]))
})
