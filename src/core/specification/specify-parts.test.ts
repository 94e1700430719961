import { length } from '../test/fixtures'
import { inches, ticks, ZERO } from '../units/length'
import { fillThickness } from './fill-thickness'
import { takenHeights } from './handle-window'
import type { HingePlaces } from './hinge-places'
import { planHinges } from './plan-hinges'
import { hingeCount, leafMass } from './weigh-leaf'
import { type WrapRules, wrapFrame } from './wrap-frame'

const source = { kind: 'default', text: 'test', checked: true } as const
const TRADE = {
  arealMass: Object.fromEntries(
    ['hollow-core', 'solid-35', 'solid-44', 'fire-30', 'fire-60', 'steel-insulated', 'hollow-metal', 'fibreglass'].map(
      (id, i) => [id, { kgPerM2: 10 * (i + 1), source }],
    ),
  ) as never,
  classes: [
    { id: 'plain-76', mostKg: 20, source },
    { id: 'ball-76', mostKg: 40, source },
    { id: 'ball-100', mostKg: 120, source },
  ],
  longScrewAboveN: 250,
  twoUpTo: { id: 'two', value: inches(60), source },
  oneMorePer: { id: 'more', value: inches(30), source },
}
const leaf = { width: length('1000 mm'), height: length('2000 mm'), thickness: length('44 mm') }
/** Two hinges whose tops stand 1500 mm apart. */
const PLACES: HingePlaces = { tops: [length('180 mm'), length('1680 mm')], height: length('102 mm'), isAssumed: true }

describe('a leaf’s mass', () => {
  it('is its area times that of its construction', () =>
    expect(leafMass(leaf, { construction: 'solid-44', densityKgM3: null }, null, TRADE)).toEqual({
      kg: 60,
      isWeighed: false,
    }))
  it('is what the scale says, whatever it is built of', () =>
    expect(leafMass(leaf, { construction: 'solid-44', densityKgM3: 600 }, 41.5, TRADE)).toEqual({
      kg: 41.5,
      isWeighed: true,
    }))
  it('is its volume times what its material weighs, before how it is built', () => {
    expect(leafMass(leaf, { construction: 'solid-44', densityKgM3: 600 }, null, TRADE)!.kg).toBeCloseTo(52.8, 6)
    expect(leafMass(leaf, { construction: null, densityKgM3: 450 }, null, TRADE)!.kg).toBeCloseTo(39.6, 6)
  })
  it('is unknown while nothing is said', () =>
    expect(leafMass(leaf, { construction: null, densityKgM3: null }, null, TRADE)).toBeNull())
})

describe('its hinges', () => {
  it.each([
    ['60', 2],
    ['60 1/64', 3],
    ['90', 3],
    ['90 1/64', 4],
    ['120', 4],
    ['121', 5],
  ])('are, at %s high, %p', (height, count) => expect(hingeCount(length(height), TRADE)).toBe(count))
  it.each([
    [20, 'plain-76'],
    [20.1, 'ball-76'],
    [40.1, 'ball-100'],
    [120, 'ball-100'],
    [120.1, undefined],
  ])('for %p kg are of class %s', (kg, id) =>
    expect(planHinges({ kg, isWeighed: true }, leaf, PLACES, false, TRADE).hinge?.id).toBe(id),
  )
  it('want long screws outside always, inside above 250 N', () => {
    const needs = (kg: number, isExterior: boolean) =>
      planHinges({ kg, isWeighed: true }, leaf, PLACES, isExterior, TRADE).needsLongScrews
    expect([needs(10, true), needs(10, false), needs(76, false), needs(77, false)]).toEqual([true, false, false, true])
  })
})

describe('a thickness from stock', () => {
  const stock = ['1/4', '1/2', '5/8', '3/4', '1 1/2'].map(length)
  it.each([
    ['0', [], '0'],
    ['1/8', [], '1/8'],
    ['1/4', ['1/4'], '0'],
    ['1 1/8', ['5/8', '1/2'], '0'],
    ['1 1/4', ['3/4', '1/2'], '0'],
    ['2 1/8', ['1 1/2', '5/8'], '0'],
    ['13/16', ['3/4'], '1/16'],
    ['3', ['1 1/2', '1 1/2'], '0'],
  ])('%s is %j, %s open', (wanted, layers, leftOver) =>
    expect(fillThickness(length(wanted), stock)).toEqual({ layers: layers.map(length), leftOver: length(leftOver) }),
  )
  it('is never over', () => {
    for (let n = 0; n < 200; n++) {
      const wanted = ticks(n * 1270)
      const { layers, leftOver } = fillThickness(wanted, stock)
      expect(layers.reduce((sum, one) => sum + one, 0) + leftOver).toBe(wanted)
      expect(leftOver).toBeGreaterThanOrEqual(0)
    }
  })
  it('of no stock stays open', () => expect(fillThickness(inches(1), [])).toEqual({ layers: [], leftOver: inches(1) }))
})

describe('a frame that wraps its wall', () => {
  const RULES: WrapRules = {
    step: length('1/2'),
    least: length('5 1/2'),
    most: length('8 1/2'),
    stripThickness: length('1/8'),
    fitsUpTo: length('1/4'),
    packsUpTo: length('1/2'),
    return: length('1/2'),
    room: length('1/8'),
  }
  it.each([
    ['6', 'fits', '7', '6', 0],
    ['5 3/4', 'fits', '7', '6', 0],
    ['5 11/16', 'pack', '7', '6', 1],
    ['5 9/16', 'pack', '7', '6', 2],
    ['4 15/16', 'fits', '6', '5', 0],
    ['4 1/2', 'fits', '5 1/2', '4 1/2', 0],
    ['4 1/4', 'fits', '5 1/2', '4 1/2', 0],
    ['3 63/64', 'none', '5 1/2', '4 1/2', 0],
    ['7 1/2', 'fits', '8 1/2', '7 1/2', 0],
    ['7 33/64', 'none', '9', '8', 0],
  ] as const)('of %s: %s, %s overall, throat %s', (wall, verdict, overall, throat, strips) => {
    expect(wrapFrame(length(wall), RULES)).toMatchObject({
      verdict,
      overall: length(overall),
      throat: length(throat),
      strips,
    })
  })
  it('is never too small for its wall', () => {
    for (let n = 0; n < 128; n++) {
      const wall = ticks(length('4 1/2') + n * 1270)
      expect(wrapFrame(wall, RULES).over).toBeGreaterThanOrEqual(0)
    }
  })
})

describe('heights a second handle can’t have', () => {
  const handle = { middle: inches(36), half: inches(3), proud: length('2 1/2') }
  const lock = { middle: inches(42), half: inches(1), proud: inches(1) }
  const other = { half: inches(3), proud: inches(1) }
  const room = (space: string | null) => ({
    space: space === null ? null : length(space),
    spare: length('1/2'),
    depthSpare: length('1/4'),
  })
  it('lie round each thing that stands out, joined where they meet', () =>
    expect(takenHeights([lock, handle], other, room(null))).toEqual([{ from: length('29 1/2'), to: length('46 1/2') }]))
  it('are apart where they don’t', () =>
    expect(takenHeights([handle, { ...lock, middle: inches(60) }], other, room(null))).toEqual([
      { from: length('29 1/2'), to: length('42 1/2') },
      { from: length('55 1/2'), to: length('64 1/2') },
    ]))
  it.each([
    ['3 3/4', 1],
    ['3 49/64', 0],
  ])('with %s between the doors: %p', (space, count) =>
    expect(takenHeights([handle], other, room(space))).toHaveLength(count),
  )
  it('are none where nothing stands out', () => expect(takenHeights([], other, room(null))).toEqual([]))
  it('need no height', () =>
    expect(
      takenHeights(
        [{ ...handle, half: ZERO }],
        { half: ZERO, proud: ZERO },
        { space: null, spare: ZERO, depthSpare: ZERO },
      ),
    ).toEqual([{ from: inches(36), to: inches(36) }]))
})
