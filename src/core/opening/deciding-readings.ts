import { type Combination, type Solution, varianceOf } from '../geometry/least-squares'
import { NETWORK_READINGS, type NetworkReading } from '../survey/network'
import { type Length, nearestTick } from '../units/length'
import { measuredDeviation, modelled, UNKNOWN_COUNT, type Unknowns } from './network-model'
import type { NetworkDeviations, Observations } from './opening'
import { type PlaceOptions, placeUnit } from './place-unit'
import { pointsOf, type SolvedOpening, solveOpening } from './solve-opening'

/** How much of the verdict hangs on one reading: by how much the margin could shrink if the reading came out one
 *  standard deviation the other way. */
export type DecidingReading = {
  readonly name: NetworkReading
  readonly swing: Length
  readonly isTaken: boolean
}

/** What the margin is counted against: what must at least be left at the sides together, and at the head. */
export type LeastRoom = { readonly sides: Length; readonly head: Length }

/** The readings of `names`, taken or not, by what they decide for a unit that stands so: the change of the margin per reading times the
 *  reading's deviation, largest first; of equals the easiest to take. Empty until there is a width and a height.
 *  A taken reading moves by the exactness of its instrument, an open one by how uncertain the model leaves it. */
export function decidingReadings(
  observations: Observations,
  deviations: NetworkDeviations,
  names: readonly NetworkReading[],
  stands: PlaceOptions,
  least: LeastRoom,
): readonly DecidingReading[] {
  const solved = solveOpening(observations, deviations)
  if (!solved.ok) return []
  const marginAt = (unknowns: Unknowns) => marginOf(unknowns, stands, least)
  const now = marginAt(solved.value.unknowns)
  const worst = (name: NetworkReading): number => {
    const shift = shiftBy(name, solved.value, deviations)
    return Math.max(...[1, -1].map(sign => now - marginAt(moved(solved.value.unknowns, shift, sign))))
  }
  return names
    .map(name => ({ name, swing: nearestTick(Math.max(0, worst(name))), isTaken: Boolean(observations[name]) }))
    .sort((a, b) => b.swing - a.swing || NETWORK_READINGS.indexOf(a.name) - NETWORK_READINGS.indexOf(b.name))
}

const moved = (unknowns: Unknowns, shift: Float64Array, sign: number): Unknowns =>
  unknowns.map((value, i) => value + sign * shift[i]!)

/** The smaller of what is left at the sides and at the head. */
function marginOf(unknowns: Unknowns, stands: PlaceOptions, least: LeastRoom): number {
  const { sideRoom, headGap } = placeUnit(pointsOf(unknowns), stands)
  return Math.min(sideRoom - least.sides, headGap - least.head)
}

/** How the unknowns move when a reading comes out one deviation larger. For a taken one: Q·aᵀ·σ/σ² (its share in the
 *  adjustment). For an open one, the update by a new observation: Q·aᵀ·s/(a·Q·aᵀ + σ²) with s = √(a·Q·aᵀ + σ²). */
function shiftBy(
  name: NetworkReading,
  { observed, unknowns, solution }: SolvedOpening,
  deviations: NetworkDeviations,
): Float64Array {
  const { coefficients } = modelled(name, unknowns)
  const toward = spreadOf(coefficients, solution)
  const taken = observed.find(one => one.name === name && one.measured)
  if (taken) return toward.map(value => value / taken.deviation)
  const own = measuredDeviation(name, deviations)
  const surprise = Math.sqrt(varianceOf(coefficients, solution) + own * own)
  return toward.map(value => value / surprise)
}

/** Q·aᵀ. */
function spreadOf(coefficients: Combination, { cofactors, size }: Solution): Float64Array {
  return Float64Array.from({ length: UNKNOWN_COUNT }, (_, i) => {
    let total = 0
    for (const [j, factor] of coefficients) total += cofactors[i * size + j]! * factor
    return total
  })
}
