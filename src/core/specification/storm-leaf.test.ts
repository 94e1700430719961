import { hingePullN } from '../physics/hinge-load'
import { length } from '../test/fixtures'
import { inches, ticks } from '../units/length'
import { fitStorm, type StormRange } from './fit-storm'
import { type LeafFacts, matchLeaf } from './match-leaf'

const range: StormRange = { width: [length('35 7/8'), length('36 3/8')], height: [length('80'), length('81 1/4')] }
const fitted = (widths: readonly string[], heights: readonly string[]) =>
  fitStorm(widths.map(length), heights.map(length), range, inches(1))

describe('a storm door’s range', () => {
  it.each([
    [['35 7/8'], ['80 1/2'], 'fits', '0'],
    [['35 27/32'], ['80 1/2'], 'trim in', '-1/32'],
    [['36 3/8'], ['80 1/2'], 'fits', '0'],
    [['36 13/32'], ['80 1/2'], 'pack', '-1/32'],
    [['37 3/8'], ['80 1/2'], 'pack', '-1'],
    [['37 13/32'], ['80 1/2'], 'custom', '-1 1/32'],
    [['36', '36 9/16'], ['80 1/2'], 'taper', '1/8'],
    [['36', '36 3/8'], ['80 1/2'], 'fits', '1/8'],
    [['36'], ['79 31/32'], 'too low', '-1/32'],
    [['36'], ['81 9/32', '83'], 'too high', '-1/32'],
    [['36'], ['82', '80 1/8'], 'fits', '1/8'],
  ] as const)('%j by %j: %s, %s inside', (widths, heights, verdict, margin) =>
    expect(fitted(widths, heights)).toMatchObject({ verdict, margin: length(margin) }),
  )
  it('is packed so that every place comes into it: at least 1/4, at most 5/8', () =>
    expect(
      fitStorm(
        ['32 3/8', '32 1/2', '32 1/2'].map(length),
        [length('80')],
        { width: [length('31 3/4'), length('32 1/4')], height: range.height },
        inches(1),
      ),
    ).toMatchObject({ verdict: 'pack', packLeast: length('1/4'), packMost: length('5/8') }))
})

const leaf: LeafFacts = {
  width: length('35 3/4'),
  height: length('79 1/8'),
  thickness: length('1 3/4'),
  hinges: ['7', '37', '67'].map(length),
  bore: length('40'),
  backset: length('2 3/4'),
  labelMinutes: 20,
}
const LIMITS = {
  size: length('1/16'),
  exact: length('1/32'),
  shift: length('1/16'),
  pitch: length('1/32'),
  bore: length('1/2'),
}
const match = (change: Partial<LeafFacts>) => matchLeaf(leaf, { ...leaf, ...change }, LIMITS)

describe('a leaf for a steel frame', () => {
  it.each([
    [{}, []],
    [{ width: length('35 13/16') }, []],
    [{ width: ticks(length('35 13/16') + 1) }, ['width']],
    [{ height: length('79 1/4') }, ['height']],
    [{ thickness: length('1 25/32') }, []],
    [{ thickness: length('1 13/16') }, ['thickness']],
    [{ backset: length('2 3/8') }, ['backset']],
    [{ bore: length('40 1/2') }, []],
    [{ bore: length('40 33/64') }, ['bore']],
    [{ labelMinutes: 19 }, ['labelMinutes']],
    [{ labelMinutes: 90 }, []],
    [{ hinges: ['7 1/16', '37 1/16', '67 1/16'].map(length) }, []],
    [{ hinges: ['7 5/64', '37 5/64', '67 5/64'].map(length) }, ['hinges']],
    [{ hinges: ['7', '37 1/32', '67'].map(length) }, []],
    [{ hinges: ['7', '37 3/64', '67'].map(length) }, ['hinges']],
    [{ hinges: ['7 3/8', '37', '67'].map(length) }, ['hinges']],
    [{ hinges: ['7', '67'].map(length) }, ['hinges']],
  ] as const)('with %j mismatches in %j', (change, mismatches) => expect(match(change).mismatches).toEqual(mismatches))
  it('tells a shift, which hanging cures, from a pitch, which nothing does', () => {
    expect(match({ hinges: ['7 1/16', '37 1/16', '67 1/16'].map(length) })).toMatchObject({
      shift: length('1/16'),
      pitchError: 0,
    })
    expect(match({ hinges: ['7 3/8', '37', '67'].map(length) })).toMatchObject({ shift: 0, pitchError: length('3/8') })
  })
  it('with four hinges takes the mean of the middle two', () => {
    const four = { ...leaf, hinges: ['7', '27', '47', '67'].map(length) }
    const moved = { ...four, hinges: ['7', '27 1/32', '47 1/16', '67 1/16'].map(length) }
    expect(matchLeaf(four, moved, LIMITS)).toMatchObject({ shift: length('3/64'), pitchError: length('3/64') })
  })
})

describe('the pull at the top hinge', () => {
  it('of 50 kg, 0.9 m wide, on hinges 1.5 m apart is 147 N', () =>
    expect(hingePullN(50, length('900 mm'), length('1500 mm'))).toBeCloseTo(147.15, 2))
  it('doubles with the mass and halves with the spacing', () => {
    const one = hingePullN(30, inches(36), inches(60))
    expect(hingePullN(60, inches(36), inches(60))).toBeCloseTo(2 * one)
    expect(hingePullN(30, inches(36), inches(120))).toBeCloseTo(one / 2)
  })
  it('needs two hinges apart', () => expect(() => hingePullN(30, inches(36), ticks(0))).toThrow(RangeError))
})
