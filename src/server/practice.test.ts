import { GAUGE_PLACES, GRADES, hangExercise } from '@/core/practice/hanging'
import { inches, nearestTick, ticks, ZERO } from '@/core/units/length'
import { hangingBody, isExercise } from './hanging-asked'
import { exerciseOf, hangingOf } from './practice'
import { gaugePicture, scalePicture } from './scale-picture'

const ID = '01900000-0000-7000-8000-000000000001'
const OTHER = '01900000-0000-7000-8000-000000000002'
const withSecret = <T>(secret: string, act: () => T): T => {
  const before = process.env.HARVEK_PRACTICE_SECRET
  process.env.HARVEK_PRACTICE_SECRET = secret
  try {
    return act()
  } finally {
    if (before === undefined) delete process.env.HARVEK_PRACTICE_SECRET
    else process.env.HARVEK_PRACTICE_SECRET = before
  }
}

describe('a made-up leaf behind an id', () => {
  it('is the same for the same id and grade, another for another of either', () => {
    expect(hangingOf(ID, '5')).toEqual(hangingOf(ID, '5'))
    expect(hangingOf(ID, '5')).not.toEqual(hangingOf(OTHER, '5'))
    expect(hangingOf(ID, '5')).not.toEqual(hangingOf(ID, '4'))
  })
  it('can’t be worked out from the id alone: another installation has another one', () => {
    const here = withSecret('one', () => hangingOf(ID, '5'))
    expect(withSecret('one', () => hangingOf(ID, '5'))).toEqual(here)
    expect(withSecret('two', () => hangingOf(ID, '5'))).not.toEqual(here)
    expect(withSecret('one', () => exerciseOf(ID))).not.toEqual(withSecret('two', () => exerciseOf(ID)))
  })
  it.each(GRADES)('of grade %s is one of its grade', grade => {
    const own = hangingOf(ID, grade)
    const seen = Array.from({ length: 40 }, (_, seed) =>
      hangExercise(seed, grade).faults.map(one => one.adjuster),
    ).flat()
    for (const { adjuster } of own.faults) expect(seen).toContain(adjuster)
  })
})

describe('what a learner sends', () => {
  const moves = [{ adjuster: 'card.top', steps: 2 }]
  it.each([
    [{ grade: '1', moves }, true],
    [{ grade: 'any', moves: [] }, true],
    [{ grade: '6', moves }, false],
    [{ grade: '1', moves: [{ adjuster: 'roof', steps: 1 }] }, false],
    [{ grade: '1', moves: [{ adjuster: 'card.top', steps: 0 }] }, false],
    [{ grade: '1', moves: [{ adjuster: 'card.top', steps: 1.5 }] }, false],
    [{ grade: '1', moves: [{ adjuster: 'card.top', steps: 13 }] }, false],
    [{ grade: '1', moves: Array.from({ length: 61 }, () => moves[0]) }, false],
    [{ grade: '1', moves, faults: [] }, false],
    [null, false],
  ])('%j is taken: %s', (body, isTaken) => expect(hangingBody.safeParse(body).success).toBe(isTaken))
  it('for something that is no exercise is refused', () => {
    expect([ID, 'x', '', `${ID}0`].map(isExercise)).toEqual([true, false, false, false])
  })
})

describe('the gauge as a picture', () => {
  const margin = inches(0, 1, 8)
  it('is the same for the same figure, and another for one a sixty-fourth larger', async () => {
    const [once, twice, other] = await Promise.all([
      gaugePicture('strike.top', margin),
      gaugePicture('strike.top', margin),
      gaugePicture('strike.top', ticks(margin + inches(0, 1, 64))),
    ])
    expect(once.equals(twice)).toBe(true)
    expect(once.equals(other)).toBe(false)
    expect(once.subarray(1, 4).toString()).toBe('PNG')
  })
  it('of leaf and frame that touch tells nothing of how much they are in each other’s way', async () => {
    const [little, much, none] = await Promise.all([
      gaugePicture('strike.top', nearestTick(-1)),
      gaugePicture('strike.top', inches(-1)),
      gaugePicture('strike.top', ZERO),
    ])
    expect(little.equals(much)).toBe(true)
    expect(little.equals(none)).toBe(false)
  })
  it('of a level says to which side it leans', async () => {
    const [to, away] = await Promise.all([gaugePicture('level', margin), gaugePicture('level', nearestTick(-margin))])
    expect(to.equals(away)).toBe(false)
  })
  it.each(GAUGE_PLACES)('can be drawn at %s', async place => {
    expect((await gaugePicture(place, margin)).length).toBeGreaterThan(500)
  })
  it('draws a tape where the first bench asks for one', async () => {
    const [tape, gap] = await Promise.all([scalePicture('widths.top', inches(38)), scalePicture('bow.left', margin)])
    expect(tape.equals(gap)).toBe(false)
  })
})
