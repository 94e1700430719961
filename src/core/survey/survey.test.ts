import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { bestWay, modelOpening } from '../opening/model-opening'
import { leansThrough, observationsOf, scaleToSpan } from '../opening/observe-survey'
import { LENGTHS, length, reading, readings, TRUE_OPENING } from '../test/fixtures'
import { inches, ticks, ZERO } from '../units/length'
import { readingSchema } from './reading'
import { GAP_SLOTS, isLevelReading, isSigned, isSlot, placeOf, SLOTS } from './slots'
import { historyOf, readingLeaf, readValue, surveyOf, waysRead } from './survey'
import { essentialFor, ladderFor } from './survey-of'
import { UNIT_WAYS } from './ways'

const CASES = FAMILIES.flatMap(family => DOORS[family].survey.ways.map(way => [family, way] as const))

describe('the readings that stand', () => {
  const first = reading('wall.left', '4 1/2')
  const second = reading('wall.left', '4 5/8')
  it.each([
    ['in order', [first, second]],
    ['the other way round', [second, first]],
    ['twice', [second, first, second]],
  ])('are the latest, arriving %s', (_, all) =>
    expect(readValue(surveyOf('core', all), 'wall.left')).toBe(length('4 5/8')),
  )
  it('of one instant go by their ids, so that every device agrees', () => {
    const twin = { ...first, id: '01900000-0000-7000-8000-ffffffffffff', value: inches(5) }
    expect(readValue(surveyOf('core', [twin, first]), 'wall.left')).toBe(inches(5))
    expect(readValue(surveyOf('core', [first, twin]), 'wall.left')).toBe(inches(5))
  })
  it('keep their history, the latest first', () =>
    expect(historyOf('wall.left', [first, reading('wall.right', '4'), second]).map(one => one.text)).toEqual([
      '4 5/8',
      '4 1/2',
    ]))
  it('name themselves in a trace', () =>
    expect(readingLeaf(surveyOf('core', [first]), 'wall.left')).toEqual({
      kind: 'reading',
      name: 'wall.left',
      value: first.value,
      origin: first.id,
    }))
  it('that were not taken are nothing, never zero', () =>
    expect([readValue(surveyOf('core', []), 'wall.left'), readingLeaf(surveyOf('core', []), 'wall.left')]).toEqual([
      null,
      null,
    ]))
})

describe('the ladder', () => {
  it.each(CASES)('of %s by %s asks for each thing once, what is essential among them', (family, way) => {
    const ladder = ladderFor(DOORS[family].survey, way)
    expect(new Set(ladder).size).toBe(ladder.length)
    expect(essentialFor(DOORS[family].survey, way).filter(one => !ladder.includes(one))).toEqual([])
    expect(essentialFor(DOORS[family].survey, way).length).toBeGreaterThanOrEqual(4)
  })
  it('knows its places', () =>
    expect([isSlot('wall.left'), isSlot('core/widths.top'), isSlot('core/lean.left'), isSlot('roof')]).toEqual([
      true,
      true,
      false,
      false,
    ]))
  it('has a sign only where a reading has a direction', () =>
    expect(
      SLOTS.filter(isSigned)
        .map(placeOf)
        .map(place => place.split('.')[0]),
    ).toEqual(expect.arrayContaining(['lean', 'fall', 'bow', 'crown', 'through'])))
  it('never signs a gap or a size', () =>
    expect([...GAP_SLOTS, 'trim-off/widths.top' as const, 'wall.left' as const].some(isSigned)).toBe(false))
  it('scales what a level reads', () =>
    expect([
      isLevelReading('trim-off/lean.left'),
      isLevelReading('through.left'),
      isLevelReading('trim-off/bow.left'),
    ]).toEqual([true, true, false]))
})

describe('a level’s gap', () => {
  it('of 1/8 at the end of 6 ft is 9/64 over 81 in', () =>
    expect(scaleToSpan(length('1/8'), inches(72), inches(81))).toBe(length('9/64')))
  it('is scaled to the whole side, and its doubt with it', () => {
    const survey = surveyOf(
      'trim-off',
      readings({ 'trim-off/heights.left': '81', 'trim-off/widths.top': '36', 'trim-off/lean.left': '1/8' }),
    )
    const lean = observationsOf(survey, 'trim-off', LENGTHS)['lean.left']!
    expect(lean.value).toBe(length('9/64'))
    expect(lean.deviation).toBeCloseTo((length('1/32') * 81) / 72, 6)
  })
  it('without a level’s length is over the whole side already', () => {
    const plumbed = reading('trim-off/lean.left', '1/8', { levelLength: null })
    const survey = surveyOf('trim-off', [
      ...readings({ 'trim-off/heights.left': '81', 'trim-off/widths.top': '36' }),
      plumbed,
    ])
    expect(observationsOf(survey, 'trim-off', LENGTHS)['lean.left']).toEqual({ value: length('1/8') })
  })
  it('through the wall compares both sides, whatever way each leans', () => {
    const leans = (texts: object) => leansThrough(surveyOf('core', readings({ ...texts })), inches(72))
    expect(leans({ 'through.left': '1/8', 'through.right': '-1/8' })).toEqual({
      left: length('-1/8'),
      right: length('1/8'),
    })
    expect(leans({ 'through.left': '0', 'through.right': '0' })).toEqual({ left: ZERO, right: ZERO })
    expect(leans({ 'through.left': '1/8' })).toBeNull()
  })
})

describe('the way that tells about the hole', () => {
  const pocket = { 'pocket/widths.middle': '36', 'pocket/heights.left': '80' }
  it.each([
    ['pocket alone', 'pocket', pocket, 'pocket', false],
    ['pocket and studs', 'pocket', { ...pocket, ...TRUE_OPENING }, 'trim-off', true],
    ['another than the chosen', 'core', pocket, 'pocket', false],
    ['block to block', 'masonry', { 'masonry/widths.top': '39', 'masonry/heights.left': '82' }, 'masonry', true],
  ] as const)('%s', (_, chosen, texts, way, isHole) => {
    const survey = surveyOf(chosen, readings(texts))
    expect(bestWay(survey)).toBe(way)
    expect(modelOpening(survey, LENGTHS).value).toMatchObject({ way, isHole })
  })
  it('is none before there is a width and a height', () =>
    expect(modelOpening(surveyOf('core', readings({ 'core/widths.top': '36' })), LENGTHS)).toEqual({
      value: null,
      findings: [],
    }))
  it('counts only when both sizes were read by it', () =>
    expect(waysRead(surveyOf('core', readings({ ...pocket, 'core/widths.top': '36' })), UNIT_WAYS)).toEqual(['pocket']))
})

describe('a reading as it is sent', () => {
  const good = reading('wall.left', '4 1/2')
  it('is taken as it is', () => expect(readingSchema.parse(good)).toEqual(good))
  it.each([
    [{ value: 0.5 }],
    [{ value: 64_000_001 }],
    [{ slot: 'roof' }],
    [{ id: '7' }],
    [{ text: '' }],
    [{ takenAt: '2026-01-01' }],
    [{ instrument: 'eye' }],
    [{ graduation: '1/10' }],
    [{ takenBy: '' }],
    [{ extra: 1 }],
  ])('with %p is refused', change => expect(readingSchema.safeParse({ ...good, ...change }).success).toBe(false))
  it('on the very bound is taken', () =>
    expect(readingSchema.parse({ ...good, value: ticks(64_000_000) }).value).toBe(64_000_000))
})
