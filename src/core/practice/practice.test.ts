import { adjustOpening } from '../opening/adjust-opening'
import { deviationsOf } from '../opening/observe-survey'
import { LENGTHS } from '../test/fixtures'
import { inches, magnitude, minus, nearestTick, plus } from '../units/length'
import { BEFORE, EXERCISE_READINGS, exerciseFrom, FAULTS, shownOf, spanOf, truthOf } from './exercise'
import { type Attempt, scoreExercise } from './score'

const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]
const careful = { hook: 'on', stretch: 'on', level: inches(72) } as const
/** What a perfect hand takes: every reading once, just as the scale shows it. */
const perfect = (seed: number): readonly Attempt[] =>
  EXERCISE_READINGS.map(name => ({
    name,
    value: shownOf(exerciseFrom(seed), name, careful),
    level: /^(lean|fall)/.test(name) ? careful.level : null,
  }))
const scored = (seed: number, attempts: readonly Attempt[]) => scoreExercise(exerciseFrom(seed), attempts, LENGTHS)

describe('a made-up opening', () => {
  it.each(SEEDS)('of seed %p is the same every time, with one to three faults', seed => {
    expect(exerciseFrom(seed)).toEqual(exerciseFrom(seed))
    const { faults } = exerciseFrom(seed)
    expect([1, 2, 3]).toContain(faults.length)
    expect(new Set(faults).size).toBe(faults.length)
  })
  it('shows every fault sooner or later', () => {
    const seen = new Set(Array.from({ length: 60 }, (_, seed) => exerciseFrom(seed).faults).flat())
    expect([...seen].sort()).toEqual([...FAULTS].sort())
  })
  it.each(SEEDS)('of seed %p is one opening: its true readings agree', seed => {
    const truth = Object.fromEntries(
      EXERCISE_READINGS.map(name => [name, { value: truthOf(exerciseFrom(seed), name) }]),
    )
    const adjusted = adjustOpening(truth, deviationsOf(LENGTHS))
    expect(adjusted.ok && adjusted.value.suspect).toBeNull()
  })
})

describe('what the scale shows', () => {
  const exercise = exerciseFrom(3)
  it('is the truth for a careful hand', () =>
    expect(shownOf(exercise, 'widths.top', careful)).toBe(truthOf(exercise, 'widths.top')))
  it('is short by what stands before the stud', () => {
    const wrong = { ...careful, hook: 'before' } as const
    const both = { ...wrong, stretch: 'before' } as const
    const truth = truthOf(exercise, 'widths.top')
    expect([shownOf(exercise, 'widths.top', wrong), shownOf(exercise, 'widths.top', both)]).toEqual([
      minus(truth, BEFORE),
      minus(truth, plus(BEFORE, BEFORE)),
    ])
  })
  it('of a level is the gap over its length', () => {
    const gap = shownOf(exercise, 'lean.left', careful)
    const whole = nearestTick((gap * spanOf(exercise, 'lean.left')) / careful.level)
    expect(magnitude(minus(whole, truthOf(exercise, 'lean.left')))).toBeLessThanOrEqual(1)
  })
})

describe('the score', () => {
  it.each(SEEDS)('of a perfect survey (seed %p) has nothing misread and nothing left out', seed => {
    const { readings, faults } = scored(seed, perfect(seed))
    expect(readings.filter(one => one.mark === 'misread' || one.mark === 'left-out')).toEqual([])
    expect(faults).toEqual(exerciseFrom(seed).faults)
  })
  it('of no survey leaves out every size', () => {
    const marks = scored(1, [])
      .readings.filter(one => one.mark === 'left-out')
      .map(one => one.name)
    expect(marks).toEqual(EXERCISE_READINGS.filter(name => /^(widths|heights)/.test(name)))
  })
  it.each([
    [1270 * 4, 'right'],
    [1270 * 4 + 1, 'misread'],
    [-1270 * 4 - 1, 'misread'],
  ])('calls a width that is off by %p ticks %s', (off, mark) => {
    const attempts = perfect(2).map(one =>
      one.name === 'widths.top' ? { ...one, value: nearestTick(one.value + off) } : one,
    )
    expect(scored(2, attempts).readings.find(one => one.name === 'widths.top')!.mark).toBe(mark)
  })
  it('calls a reading that was taken twice redundant, and counts the latest', () => {
    const all = perfect(4)
    const slip = { ...all.find(one => one.name === 'widths.top')!, value: inches(20) }
    const top = scored(4, [slip, ...all]).readings.find(one => one.name === 'widths.top')!
    expect([top.mark, top.times, top.read]).toEqual(['redundant', 2, truthOf(exerciseFrom(4), 'widths.top')])
  })
  it('asks for a check: without bows a middle width is left unchecked', () => {
    const few = perfect(5).filter(one => !/^bow/.test(one.name))
    const left = scored(5, few)
      .readings.filter(one => one.mark === 'left-out')
      .map(one => one.name)
    expect(left).toEqual(expect.arrayContaining(['bow.left', 'bow.right']))
  })
  it('falls with each slip, and never below nothing', () => {
    const all = perfect(6)
    const wrong = all.map(one => ({ ...one, value: nearestTick(one.value + 81_280) }))
    expect(scored(6, wrong).points).toBeLessThan(scored(6, all).points)
    expect(scored(6, [...wrong, ...wrong]).points).toBeGreaterThanOrEqual(0)
  })
})
