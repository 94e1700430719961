import { leavesOf, type Trace, workThrough } from '../base/trace'
import { TRADE_LENGTHS } from '../base/trade-lengths'
import { DOORS } from '../doors/doors'
import type { Reading } from '../survey/reading'
import { surveyOf } from '../survey/survey'
import type { Way } from '../survey/ways'
import { done, LENGTHS, length, reading, readings, records, TRUE_OPENING, trade, unit, wishes } from '../test/fixtures'
import { plus, ticks } from '../units/length'
import { chooseJamb, jambRules } from './choose-jamb'
import { deriveUnit } from './derive-unit'
import { handingCodes, handingTraces } from './handing'
import { type SpecifyInput, specify } from './specify'

describe('the hand, by convention', () => {
  it.each([
    ['left', 'in', { outsideView: 'LH', backToHinges: 'LH', pushSide: 'LH', din107: 'R', conventionsAgree: true }],
    ['right', 'in', { outsideView: 'RH', backToHinges: 'RH', pushSide: 'RH', din107: 'L', conventionsAgree: true }],
    ['left', 'out', { outsideView: 'LH', backToHinges: 'RH', pushSide: 'RH', din107: 'L', conventionsAgree: false }],
    ['right', 'out', { outsideView: 'RH', backToHinges: 'LH', pushSide: 'LH', din107: 'R', conventionsAgree: false }],
  ] as const)('hinges %s, swings %s', (hinges, swing, codes) => expect(handingCodes(hinges, swing)).toEqual(codes))
})

describe('why a hand is called what it is', () => {
  const names = (hinges: 'left' | 'right', swing: 'in' | 'out') => handingTraces(hinges, swing)
  it('rests on the hinge side, and but for the outside view on the swing', () =>
    expect(names('left', 'in').map(one => one.from.map(fact => fact.name))).toEqual([
      ['hinges'],
      ['hinges', 'swing'],
      ['hinges', 'swing'],
      ['hinges', 'swing'],
    ]))
  it.each(['left', 'right'] as const)('hinges %s: another swing changes exactly what names it', hinges => {
    const other = names(hinges, 'out')
    names(hinges, 'in').forEach((one, i) => {
      expect(JSON.stringify(one) !== JSON.stringify(other[i])).toBe(one.from.some(fact => fact.name === 'swing'))
    })
  })
  it('worked through from its facts gives the code that is shown', () => {
    for (const hinges of ['left', 'right'] as const) {
      for (const swing of ['in', 'out'] as const) {
        for (const { convention, code, from } of names(hinges, swing)) {
          const side = from.find(fact => fact.name === 'hinges')!.value as 'left' | 'right'
          const way = (from.find(fact => fact.name === 'swing')?.value ?? 'in') as 'in' | 'out'
          expect(handingCodes(side, way)[convention]).toBe(code)
        }
      }
    }
  })
})

describe('a jamb for a wall', () => {
  const rules = jambRules([length('4 9/16'), length('6 9/16')], LENGTHS)
  it.each([
    ['4 9/16', 'standard', '4 9/16', '0'],
    ['4 1/2', 'standard', '4 9/16', '1/16'],
    ['4 5/8', 'standard', '4 9/16', '-1/16'],
    ['4 11/16', 'extension', '4 9/16', '1/8'],
    ['6 5/16', 'standard', '6 9/16', '1/4'],
    ['6 1/4', 'extension', '4 9/16', '1 11/16'],
    ['7', 'extension', '6 9/16', '7/16'],
    ['8 9/16', 'extension', '6 9/16', '2'],
    ['8 5/8', 'solid', '8 5/8', '0'],
    ['3', 'solid', '3', '0'],
  ])('of %s is %s', (wall, kind, jamb, difference) => {
    const { options, pick } = chooseJamb(length(wall), rules)
    expect(options[pick]).toEqual({ kind, jamb: length(jamb), difference: length(difference) })
  })
  it('offers every larger standard before the rest', () =>
    expect(chooseJamb(length('4'), rules).options.map(one => one.kind)).toEqual(['standard', 'standard', 'solid']))
})

describe('the unit by each way', () => {
  const leaf = (text: string) => ({ kind: 'reading', name: text, value: length(text), origin: 'test' }) as const
  const by = (way: Parameters<typeof deriveUnit>[0]['way'], width: string, height: string) =>
    deriveUnit({ way, widths: [leaf(width)], heights: [leaf(height)] }, LENGTHS)
  it.each([
    ['pocket', '36', '80 3/4', '37 1/2', '81 1/2'],
    ['pencil-mark', '37 1/2', '81 1/4', '37 1/2', '81 1/2'],
    ['outside-face', '35', '80 1/4', '37 1/2', '81 1/2'],
    ['trim-off', '38', '82', '37 1/2', '81 1/2'],
    ['core', '36', '79 3/4', '37 1/2', '81 1/2'],
    ['masonry', '39 1/2', '82', '37 1/2', '81 1/2'],
  ] as const)('%s', (way, width, height, unitWidth, unitHeight) => {
    const derived = by(way, width, height)
    expect([derived.width.value, derived.height.value]).toEqual([length(unitWidth), length(unitHeight)])
    expect([derived.roughWidth.value, derived.roughHeight.value]).toEqual([length('38'), length('82')])
  })
  it('takes the smallest reading, the first on a tie', () => {
    const derived = deriveUnit(
      { way: 'trim-off', widths: [leaf('38 1/8'), leaf('38'), leaf('38')], heights: [leaf('82'), leaf('82')] },
      LENGTHS,
    )
    expect(derived.governing).toEqual({ width: 1, height: 0 })
  })
  it('takes the drop that was read in place of the way’s own', () => {
    const derived = deriveUnit(
      { way: 'pocket', widths: [leaf('36')], heights: [leaf('80')], drop: leaf('3/8') },
      LENGTHS,
    )
    expect(derived.height.value).toBe(length('81 1/8'))
  })
})

const given = (way: Way, all: readonly Reading[], wished: Parameters<typeof wishes>[0] = {}): SpecifyInput => ({
  survey: surveyOf(way, all),
  way,
  wishes: wishes(wished),
  lengths: LENGTHS,
  of: DOORS['hinged-outside'].specify,
  jambStandards: [],
  garageMinutes: 20,
  anchors: undefined,
  leafBottom: null,
  countsDrop: true,
  flushFace: 'ask',
})

describe('two ways of measuring', () => {
  const both = (width: string) =>
    specify(
      given('pocket', readings({ ...TRUE_OPENING, 'pocket/widths.middle': width, 'pocket/heights.left': '81 1/4' })),
    )
  it('agree within 1/4', () =>
    expect(both('35 3/4').findings).toContainEqual(expect.objectContaining({ code: 'ways-agree', severity: 'fine' })))
  it('disagree a tick beyond', () => {
    const disagreeing = specify(
      given('pocket', [
        ...readings({ ...TRUE_OPENING, 'pocket/heights.left': '81 1/4' }),
        reading('pocket/widths.middle', '35 3/4', { value: ticks(length('35 3/4') - 1) }),
      ]),
    )
    expect(disagreeing.findings).toContainEqual(expect.objectContaining({ code: 'ways-disagree', severity: 'correct' }))
  })
})

describe('the floor under an in-swing leaf', () => {
  const floor = (highest: string, swing: 'in' | 'out' = 'in') =>
    specify(given('trim-off', readings({ ...TRUE_OPENING, 'floor.highest': highest }), { swing }))
  it.each([
    ['1/4', '7/8', '0', undefined],
    ['5/16', '13/16', '1/16', 'floor-pad'],
    ['3/8', '3/4', '1/8', 'floor-pad'],
    ['7/16', '11/16', '3/16', 'floor-too-close'],
    ['1 1/4', '-1/8', '1', 'floor-too-close'],
  ])('%s high: clears by %s, padded by %s', (highest, bare, pad, code) => {
    const { floor: found, findings } = floor(highest)
    expect([found!.bare.value, found!.pad.value]).toEqual([length(bare), length(pad)])
    expect(findings.find(one => one.code.startsWith('floor'))?.code).toBe(code)
  })
  it('is no matter for an out-swing', () => expect(floor('1', 'out').floor).toBeNull())

  const { 'floor.highest': _, ...WITHOUT_FLOOR } = TRUE_OPENING as { readonly [slot: string]: string }
  const read = (texts: { readonly [slot: string]: string }) =>
    specify(given('trim-off', readings({ ...WITHOUT_FLOOR, ...texts }), { swing: 'in' }))
  it.each([
    [{ 'floor.finished': '1/4' }, '7/8'],
    [{ 'floor.finished': '1/4', 'floor.highest': '3/8' }, '3/4'],
    [{ 'floor.highest': '1/4', 'floor.covering': '3/8' }, '1/2'],
    [{ 'floor.highest': '1/4', 'floor.covering': '3/8', 'floor.rug': '1/4' }, '1/4'],
    [{ 'floor.highest': '1/4', 'floor.covering': '0', 'floor.rug': '0' }, '7/8'],
  ])('read as %j leaves %s', (texts, bare) => {
    const { floor: found } = read(texts)
    expect(found!.bare.value).toBe(length(bare))
    expect(workThrough(found!.bare)).toBe(found!.bare.value)
    expect(leavesOf(found!.bare).flatMap(leaf => (leaf.kind === 'reading' ? leaf.name : []))).toEqual(
      Object.entries(texts).flatMap(([slot, text]) => (text === '0' ? [] : slot)),
    )
  })
  it('is read again where the highest lies below the floor at the door', () => {
    const codes = (highest: string) =>
      read({ 'floor.finished': '1/2', 'floor.highest': highest }).findings.map(one => one.code)
    expect(codes('7/16')).toContain('floor-lower')
    expect(codes('1/2')).not.toContain('floor-lower')
  })
})

describe('why a figure is what it is', () => {
  const tracesOf = ({
    specification: { unit: derived, jamb, floor },
    shims,
  }: ReturnType<typeof done>): readonly (readonly [string, Trace])[] => [
    ['width', derived!.width],
    ['height', derived!.height],
    ['roughWidth', derived!.roughWidth],
    ['roughHeight', derived!.roughHeight],
    ['jamb', jamb!.wanted],
    ['bare', floor!.bare],
    ['pad', floor!.pad],
    ['withPad', floor!.withPad],
    ...shims!.points.flatMap(one => (one.screw ? [[one.place, one.screw] as const] : [])),
  ]
  const WAYS_READ = { ...TRUE_OPENING, 'floor.drop': '1/4' }
  const chosen = { chosen: { unit: unit().id, reason: '' } }
  const base = records(WAYS_READ, chosen)
  const before = new Map(tracesOf(done(base, trade())))

  it('can be worked through again from its leaves, to the tick', () => {
    for (const trace of before.values()) expect(workThrough(trace)).toBe(trace.value)
  })
  it.each(Object.keys(WAYS_READ))('%s changes exactly the traces that name it', slot => {
    const readingsNow = base.readings.map(one =>
      one.slot === slot ? { ...one, value: plus(one.value, ticks(-3)) } : one,
    )
    const after = tracesOf(done({ ...base, readings: readingsNow }, trade())).filter(([name]) => !name.includes('.'))
    for (const [name, trace] of after) {
      const names = leavesOf(trace).some(leaf => leaf.kind === 'reading' && leaf.name === slot)
      expect([name, JSON.stringify(trace) !== JSON.stringify(before.get(name))]).toEqual([name, names])
      expect(workThrough(trace)).toBe(trace.value)
    }
  })
  it.each(TRADE_LENGTHS)('the allowance %s changes exactly the traces that name it', id => {
    const own = { [id]: plus(LENGTHS[id].value, ticks(2)) }
    const after = tracesOf(done({ ...base, allowances: own }, trade()))
    for (const [name, trace] of after) {
      const leaf = leavesOf(trace).find(one => one.kind === 'allowance' && one.name === id)
      const withoutGaps = (one: Trace) =>
        JSON.stringify(one, (key, value) =>
          key === 'from'
            ? value.filter((part: Trace) => part.kind !== 'unit')
            : key === 'value' && name.includes('.')
              ? undefined
              : value,
        )
      expect([name, withoutGaps(trace) !== withoutGaps(before.get(name)!)]).toEqual([name, leaf !== undefined])
      if (leaf) expect(leaf).toMatchObject({ origin: 'set for this opening' })
      expect(workThrough(trace)).toBe(trace.value)
    }
  })
})
