import { NETWORK_READINGS, type NetworkReading } from '../survey/network'
import { LENGTHS, length, randomFrom, wholeFrom } from '../test/fixtures'
import { inches, ticks } from '../units/length'
import { decidingReadings } from './deciding-readings'
import { deviationsOf } from './observe-survey'
import type { Observations } from './opening'

const DEVIATIONS = deviationsOf(LENGTHS)
const LEAST = { sides: inches(0, 1, 4), head: inches(0, 1, 8) }
const UNIT = { width: length('37 1/2'), height: length('81 3/4') }

const observe = (texts: { readonly [name in NetworkReading]?: string }): Observations =>
  Object.fromEntries(Object.entries(texts).map(([name, text]) => [name, { value: length(text) }]))
const ranked = (observations: Observations, names: readonly NetworkReading[] = NETWORK_READINGS) =>
  decidingReadings(observations, DEVIATIONS, names, { unit: UNIT }, LEAST)

const SIZES = {
  'widths.bottom': '38 1/2',
  'widths.middle': '38 1/2',
  'widths.top': '38 1/2',
  'heights.left': '83',
  'heights.centre': '83',
  'heights.right': '83',
} as const
const REST = {
  'diagonals.risingRight': '91 31/64',
  'diagonals.risingLeft': '91 31/64',
  'lean.left': '0',
  'lean.right': '0',
  'fall.sill': '0',
  'fall.head': '0',
  'bow.left': '0',
  'bow.right': '0',
  'crown.sill': '0',
  'crown.head': '0',
} as const

describe('an opening with one pinch', () => {
  it.each([
    ['widths.bottom', '37 15/16'],
    ['widths.top', '37 15/16'],
  ] as const)('in %s puts that reading first among those taken', (name, text) => {
    const lean = name === 'widths.bottom' ? { 'lean.right': '9/16' } : { 'lean.right': '-9/16' }
    const diagonals = {}
    const { 'diagonals.risingRight': _r, 'diagonals.risingLeft': _l, ...rest } = REST
    const middle = { 'widths.middle': '38 1/4' }
    const all = observe({ ...SIZES, ...rest, ...lean, ...diagonals, ...middle, [name]: text })
    expect(ranked(all)[0]!.name).toBe(name)
  })
  it('in the middle puts the middle width first, before the bows that tie with it', () => {
    const pinched = observe({ ...SIZES, ...REST, 'widths.middle': '38', 'bow.left': '1/4', 'bow.right': '-1/4' })
    expect(ranked(pinched)[0]!.name).toBe('widths.middle')
  })
  it('at the head puts the middle height first', () => {
    const low = observe({ ...SIZES, ...REST, 'heights.centre': '82 1/4', 'crown.head': '-3/4' })
    expect(ranked(low)[0]!.name).toBe('heights.centre')
  })
})

describe('readings still open', () => {
  const { 'widths.middle': _, ...sizes } = SIZES
  it('that could show a pinch come before those that could not', () => {
    const few = observe({ ...sizes, 'heights.left': '90', 'heights.centre': '90', 'heights.right': '90' })
    const open = ranked(few).filter(one => !one.isTaken)
    expect(open.slice(0, 2).map(one => one.name)).toEqual(['lean.left', 'lean.right'])
    expect(open.find(one => one.name === 'crown.head')!.swing).toBe(0)
  })
  it('count for less once they are taken', () => {
    const before = ranked(observe(SIZES)).find(one => one.name === 'lean.left')!
    const after = ranked(observe({ ...SIZES, 'lean.left': '0' })).find(one => one.name === 'lean.left')!
    expect(after.swing).toBeLessThan(before.swing)
    expect([before.isTaken, after.isTaken]).toEqual([false, true])
  })
})

describe('what decides', () => {
  it('is nothing before there is a width and a height', () =>
    expect(ranked(observe({ 'widths.top': '38' }))).toEqual([]))
  it('names every reading asked for once, the largest swing first, none negative', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const random = randomFrom(seed)
      const observations = Object.fromEntries(
        Object.entries({ ...SIZES, ...REST })
          .filter(() => random() < 0.7)
          .map(([name, text]) => [name, { value: ticks(length(text) + wholeFrom(random, -4, 4) * 2540) }]),
      )
      const list = ranked({
        'widths.top': { value: length('38') },
        'heights.left': { value: length('83') },
        ...observations,
      })
      expect(new Set(list.map(one => one.name)).size).toBe(NETWORK_READINGS.length)
      const swings = list.map(one => one.swing)
      expect([...swings].sort((a, b) => b - a)).toEqual(swings)
      expect(Math.min(...swings)).toBeGreaterThanOrEqual(0)
    }
  })
})
