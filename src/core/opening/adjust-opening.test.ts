import { NETWORK_READINGS, type NetworkReading } from '../survey/network'
import { LENGTHS, length, randomFrom } from '../test/fixtures'
import { inches, nearestTick, ticks } from '../units/length'
import { adjustOpening } from './adjust-opening'
import { modelled, UNKNOWN } from './network-model'
import { deviationsOf } from './observe-survey'
import type { Observations } from './opening'

const DEVIATIONS = deviationsOf(LENGTHS)
const observe = (texts: { readonly [name in NetworkReading]?: string }): Observations =>
  Object.fromEntries(Object.entries(texts).map(([name, text]) => [name, { value: length(text) }]))

const adjust = (observations: Observations) => {
  const outcome = adjustOpening(observations, DEVIATIONS)
  if (!outcome.ok) throw new Error(outcome.issues[0]!.code)
  return outcome.value
}

/** The readings of an opening whose unknowns are `u`, without any error. */
function trueReadings(u: Float64Array): Observations {
  return Object.fromEntries(NETWORK_READINGS.map(name => [name, { value: nearestTick(modelled(name, u).value) }]))
}

function someOpening(seed: number): Float64Array {
  const random = randomFrom(seed)
  const near = (inch: number, spread: number) => (inch + (random() - 0.5) * spread) * 81_280
  const width = 30 + random() * 12
  const height = 78 + random() * 8
  const u = new Float64Array(10)
  u[UNKNOWN.X_L1] = near(0, 0.3)
  u[UNKNOWN.X_L2] = near(0, 0.5)
  for (const i of [UNKNOWN.X_R0, UNKNOWN.X_R1, UNKNOWN.X_R2]) u[i] = near(width, 0.5)
  for (const i of [UNKNOWN.Y_R0, UNKNOWN.Y_S]) u[i] = near(0, 0.2)
  for (const i of [UNKNOWN.Y_L2, UNKNOWN.Y_R2, UNKNOWN.Y_T]) u[i] = near(height, 0.3)
  return u
}

describe('readings without error', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8])('give back the opening they were taken of (seed %p)', seed => {
    const u = someOpening(seed)
    const { points, suspect } = adjust(trueReadings(u))
    expect(suspect).toBeNull()
    expect(Math.abs(points.R2.x - u[UNKNOWN.X_R2]!)).toBeLessThanOrEqual(3)
    expect(Math.abs(points.L2.y - u[UNKNOWN.Y_L2]!)).toBeLessThanOrEqual(3)
    expect(Math.abs(points.S.y - u[UNKNOWN.Y_S]!)).toBeLessThanOrEqual(3)
  })
})

describe('a misread tape', () => {
  const BLUNDERED: readonly NetworkReading[] = [
    'widths.bottom',
    'widths.top',
    'heights.left',
    'heights.right',
    'diagonals.risingRight',
    'diagonals.risingLeft',
  ]
  it.each([11, 12, 13, 14, 15])('of 3/4 in is named, alone or with those that tie (seed %p)', seed => {
    const sound = trueReadings(someOpening(seed))
    for (const name of BLUNDERED) {
      const { suspect } = adjust({ ...sound, [name]: { value: ticks(sound[name]!.value + inches(0, 3, 4)) } })
      expect([suspect?.reading, ...(suspect?.alternatives ?? [])]).toContain(name)
    }
  })
  it('is told with what it most likely was', () => {
    const sound = trueReadings(someOpening(21))
    const { suspect } = adjust({ ...sound, 'widths.top': { value: ticks(sound['widths.top']!.value + inches(1)) } })
    expect(suspect!.reading).toBe('widths.top')
    expect(Math.abs(suspect!.likely - sound['widths.top']!.value)).toBeLessThan(inches(0, 1, 32))
  })
  it('in the middle width can’t be told from the two bows, and all three are named', () => {
    const sound = trueReadings(someOpening(22))
    const { suspect } = adjust({
      ...sound,
      'widths.middle': { value: ticks(sound['widths.middle']!.value + inches(0, 1, 2)) },
    })
    expect([suspect!.reading, ...suspect!.alternatives]).toEqual(['widths.middle', 'bow.left', 'bow.right'])
  })
})

describe('what was not measured', () => {
  const few = observe({ 'widths.bottom': '36', 'heights.left': '82' })
  it('is assumed straight, plumb and level', () => {
    const { points, assumed, unchecked } = adjust(few)
    expect(points.R2).toEqual({ x: inches(36), y: inches(82) })
    expect(assumed).toHaveLength(8)
    expect(unchecked).toEqual(['widths.bottom', 'heights.left'])
  })
  it('leaves its points further in doubt than a reading would', () => {
    const wide = adjust(few).deviations.L2.x
    const narrow = adjust({ ...few, 'lean.left': { value: ticks(0) } }).deviations.L2.x
    expect(wide).toBeCloseTo(inches(0, 1, 2), -2)
    expect(narrow).toBeLessThan(wide / 10)
  })
})

describe('an opening without a size', () => {
  it('asks for a width', () =>
    expect(adjustOpening(observe({ 'heights.left': '82' }), DEVIATIONS)).toMatchObject({
      ok: false,
      issues: [{ code: 'opening.no-width' }],
    }))
  it('asks for a height', () =>
    expect(adjustOpening(observe({ 'widths.top': '36' }), DEVIATIONS)).toMatchObject({
      ok: false,
      issues: [{ code: 'opening.no-height' }],
    }))
})
