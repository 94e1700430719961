import { inches, mm, TICKS_PER_INCH } from '../units/length'
import { flashingTape, rollsFor } from './flashing-tape'
import { cansFor, foamIn3, foamPerimeter } from './foam'
import { roundedUp } from './rounded-up'
import { sealantMl, tubesFor } from './sealant'

describe('sealant', () => {
  // 1 m of a bead of 10 mm: 100 · π/4 · 10 mm³ = 78.54 mL.
  const metre = { length: mm(1000), diameter: mm(10) }
  it('is what beads hold, with what is lost', () => {
    expect(sealantMl([metre], 0)).toBeCloseTo(78.5398, 3)
    expect(sealantMl([metre, metre], 0.15)).toBeCloseTo(2 * 78.5398 * 1.15, 3)
    expect(sealantMl([], 0.15)).toBe(0)
  })
  it('comes in whole tubes', () =>
    expect([0, 1, 296, 296.1, 592].map(volume => tubesFor(volume, 296))).toEqual([0, 1, 1, 2, 2]))
})

describe('foam', () => {
  it('goes up both sides and over the head, and not under the sill', () =>
    expect(foamPerimeter(inches(38), inches(82, 1, 2))).toBe(inches(203)))
  it('fills gap and depth all round', () =>
    expect(foamIn3(inches(203), inches(0, 1, 2), inches(3))).toBeCloseTo(304.5, 9))
  it('comes in whole cans of which a share is where it is wanted', () =>
    expect([240, 240.1, 480].map(volume => cansFor(volume, 300, 0.8))).toEqual([1, 2, 2]))
})

describe('flashing tape', () => {
  const tape = flashingTape(inches(38), inches(82), inches(6), inches(3))
  it('turns up at the sill and laps at sides and head', () =>
    expect([tape.sill, tape.sides, tape.head]).toEqual([inches(50), inches(85), inches(44)]))
  it('is both sides, sill and head', () => expect(tape.total).toBe(inches(264)))
  it('comes in whole rolls', () =>
    expect([900, 264, 132, 131].map(roll => rollsFor(tape.total, roll * TICKS_PER_INCH))).toEqual([1, 1, 2, 3]))
})

it.each([
  [0, 0],
  [0.1 + 0.2, 1],
  [3 * 1.1, 4],
  [(0.1 + 0.2) * 10, 3],
  [2.0001, 3],
])('%p packs are %i', (count, whole) => expect(roundedUp(count)).toBe(whole))
