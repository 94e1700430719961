import { point } from '../geometry/point'
import { LENGTHS } from '../test/fixtures'
import { inches, ticks } from '../units/length'
import { chanceToFit } from './chance'
import { assumedOpening } from './model-opening'
import type { OpeningPoints } from './opening'
import { pinchOf } from './pinch'
import { goesThrough, placeUnit, plumbRectangle, sideGapsAt } from './place-unit'

const W = inches(38)
const H = inches(82)
/** A true 38 by 82 opening with some points moved. */
const opening = (moved: Partial<OpeningPoints> = {}): OpeningPoints => ({
  ...assumedOpening(W, H, LENGTHS).points,
  ...moved,
})
const unit = { width: inches(37), height: inches(81) }

describe('a unit in a true opening', () => {
  const placed = placeUnit(opening(), { unit })
  it('stands in the middle, on the sill', () =>
    expect(placed).toMatchObject({
      left: inches(0, 1, 2),
      bottom: 0,
      sideRoom: inches(1),
      headGap: inches(1),
    }))
  it('leaves the same gap everywhere', () =>
    expect(
      sideGapsAt(
        opening(),
        placed,
        unit.width,
        [10, 70].map(h => inches(h)),
      ),
    ).toEqual([10, 70].map(h => ({ height: inches(h), left: inches(0, 1, 2), right: inches(0, 1, 2) }))))
  it('bears on the sill along its whole width', () => expect(placed.sillSupport).toEqual([0, 0, 0]))
  it('rises by its pad', () =>
    expect(placeUnit(opening(), { unit, pad: inches(0, 1, 4) })).toMatchObject({
      bottom: inches(0, 1, 4),
      headGap: inches(0, 3, 4),
    }))
})

describe('going in', () => {
  const LEAST = { gap: inches(0, 1, 8), head: inches(0, 1, 8) }
  it.each([
    ['side room on the limit', inches(37, 3, 4), inches(81), true],
    ['a tick too wide', ticks(inches(37, 3, 4) + 1), inches(81), false],
    ['head gap on the limit', inches(37), inches(81, 7, 8), true],
    ['a tick too high', inches(37), ticks(inches(81, 7, 8) + 1), false],
  ])('%s', (_, width, height, fits) =>
    expect(goesThrough(placeUnit(opening(), { unit: { width, height } }), LEAST)).toBe(fits),
  )
})

describe('sides that lean alike', () => {
  const lean = inches(0, 1, 2)
  const leaning = opening({
    L1: point(lean / 2, H / 2),
    L2: point(lean, H),
    R1: point(W + lean / 2, H / 2),
    R2: point(W + lean, H),
  })
  it('take their lean from the room, though every width is the same', () => {
    const placed = placeUnit(leaning, { unit: { width: inches(37), height: H } })
    expect(placed.sideRoom).toBe(inches(0, 1, 2))
  })
  it('leave a narrower plumb rectangle than the smallest width', () =>
    expect(plumbRectangle(leaning, { width: inches(37), height: H }).width).toBe(inches(37, 1, 2)))
  it('are tightest at opposite corners', () => {
    const placed = placeUnit(leaning, { unit: { width: inches(37), height: H } })
    expect(['left.top', 'right.bottom']).toContain(pinchOf(leaning, { width: inches(37), height: H }, placed).place)
  })
})

it('the unit stands on the highest point of the sill under it', () => {
  const crowned = opening({ S: point(W / 2, inches(0, 1, 8)) })
  const placed = placeUnit(crowned, { unit })
  expect(placed.bottom).toBe(inches(0, 1, 8))
  expect(placed.sillSupport[1]).toBe(0)
  expect(placed.sillSupport[0]).toBeGreaterThan(inches(0, 7, 64))
})

describe('moved off the middle', () => {
  const leastGap = inches(0, 1, 8)
  it('the unit keeps the least gap at the side it is moved to', () => {
    expect(placeUnit(opening(), { unit, shift: inches(0, 1, 4), leastGap }).left).toBe(inches(0, 3, 4))
    expect(placeUnit(opening(), { unit, shift: inches(3), leastGap }).left).toBe(inches(0, 7, 8))
    expect(placeUnit(opening(), { unit, shift: ticks(-inches(3)), leastGap }).left).toBe(leastGap)
  })
})

describe('the chance to go in', () => {
  const hole = assumedOpening(W, H, LENGTHS)
  it('is a half on the limit of an uncertain opening, times a sure head', () => {
    const placement = { ...placeUnit(hole.points, { unit }), sideRoom: inches(0, 1, 4), headGap: inches(20) }
    expect(chanceToFit(hole, placement, LENGTHS)).toBeCloseTo(0.5, 6)
  })
  it('grows with the room', () => {
    const at = (room: ReturnType<typeof inches>) =>
      chanceToFit(hole, { ...placeUnit(hole.points, { unit }), sideRoom: room, headGap: inches(20) }, LENGTHS)
    expect(at(inches(1))).toBeGreaterThan(at(inches(0, 1, 2)))
    expect(at(inches(3))).toBeCloseTo(1, 3)
  })
})
