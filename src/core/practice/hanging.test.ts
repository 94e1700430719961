import type { Move } from '../tuning/reveals'
import { inches, times } from '../units/length'
import {
  feelOf,
  GAUGE_PLACES,
  GRADES,
  gaugeShows,
  hangExercise,
  leastMoves,
  MOVE_STEP,
  scoreHanging,
  standingAfter,
} from './hanging'

const SEEDS = Array.from({ length: 12 }, (_, i) => i + 1)
const undone = (faults: readonly Move[]): readonly Move[] =>
  faults.map(({ adjuster, steps }) => ({ adjuster, steps: -steps }))

/** An even leaf with one thing done to it. */
const wrong = (adjuster: Move['adjuster'], steps: number) => {
  const even = hangExercise(1, '1')
  const start = standingAfter({ start: standingAfter(even, undone(even.faults)), faults: [] }, [{ adjuster, steps }])
  return { start, faults: [{ adjuster, steps }] }
}

describe.each(GRADES)('a made-up leaf of grade %s', grade => {
  it('is the same for the same seed, and wrong in what its grade may be', () => {
    for (const seed of SEEDS) {
      const { faults } = hangExercise(seed, grade)
      expect(hangExercise(seed, grade)).toEqual(hangExercise(seed, grade))
      expect(new Set(faults.map(one => one.adjuster)).size).toBe(faults.length)
      expect(faults.length).toBeGreaterThan(0)
    }
  })
  it('scores full by the solver’s own moves, whatever their order', () => {
    for (const seed of SEEDS) {
      const exercise = hangExercise(seed, grade)
      const { moves } = leastMoves(exercise)
      for (const order of [moves, [...moves].reverse()])
        expect([seed, scoreHanging(exercise, order).points]).toEqual([seed, 100])
    }
  })
  it('is even and rubs nowhere once what was done to it is undone', () => {
    for (const seed of SEEDS) {
      const exercise = hangExercise(seed, grade)
      const even = standingAfter(exercise, undone(exercise.faults))
      for (const margin of Object.values(even)) expect(Math.abs(margin - inches(0, 1, 8))).toBeLessThanOrEqual(1)
      expect(feelOf(exercise, undone(exercise.faults)).rubs).toEqual([])
    }
  })
})

describe('a learner’s moves', () => {
  const wedged = wrong('strike.top', 4)
  it('that undo each other did nothing, or worse', () => {
    const there: Move = { adjuster: 'card.bottom', steps: 3 }
    const score = scoreHanging(wedged, [{ adjuster: 'strike.top', steps: -4 }, there])
    expect(score.moves.map(one => one.worth)).toEqual(['helped', 'worse'])
    expect(score.points).toBeLessThan(90)
    expect(score.off.length).toBeGreaterThan(0)
  })
  it('over the least cost less than wasted ones', () => {
    const halves: Move[] = [
      { adjuster: 'strike.top', steps: -2 },
      { adjuster: 'strike.top', steps: -2 },
    ]
    const score = scoreHanging(wedged, halves)
    expect(score.off).toEqual([])
    expect(score.points).toBeGreaterThanOrEqual(95)
    expect(score.points).toBeLessThanOrEqual(100)
  })
  it('of none leave what was wrong', () => {
    const score = scoreHanging(wedged, [])
    expect(score.off.map(one => one.name)).toContain('strike.top')
    expect(score.points).toBeLessThan(100)
    expect(score.least.length).toBeGreaterThan(0)
  })
})

describe('what is felt and read', () => {
  it.each([
    ['strike.middle', 2, 'falls-in', []],
    ['strike.middle', 4, 'shoulder', ['strike.middle']],
    ['strike.middle', 5, 'does-not-shut', ['strike.middle']],
  ] as const)('%s thicker by %s steps: %s', (adjuster, steps, latch, rubs) =>
    expect(feelOf(wrong(adjuster, steps), [])).toMatchObject({ latch, rubs }),
  )
  it('a card behind the middle hinge alone springs the leaf back', () =>
    expect(feelOf(wrong('strike.top', 1), [{ adjuster: 'card.middle', steps: 3 }])).toMatchObject({
      binds: true,
      latch: 'push',
    }))
  it('the gauge shows the margin, the level how the hinge leg leans', () => {
    const packed = wrong('pack.top', 3)
    expect(gaugeShows(packed, 'hinge.top', [])).toBe(packed.start['hinge.top'])
    expect(gaugeShows(packed, 'level', [])).toBeGreaterThan(times(MOVE_STEP, 3) - MOVE_STEP)
    expect(gaugeShows(packed, 'level', [{ adjuster: 'pack.top', steps: -3 }])).toBe(0)
    expect(GAUGE_PLACES).toContain('level')
  })
})
