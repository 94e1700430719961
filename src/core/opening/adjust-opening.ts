import { type Solution, varianceOf } from '../geometry/least-squares'
import { done, type Outcome } from '../outcome'
import { nearestTick } from '../units/length'
import { modelled, UNKNOWN } from './network-model'
import type { AdjustedOpening, NetworkDeviations, Observations, PointDeviations, Suspect } from './opening'
import { type Observed, pointsOf, type SolvedOpening, solveOpening } from './solve-opening'

const LEAST_REDUNDANCY = 0.1
/** Below it a residual is the noise of the sums, and says nothing. */
const NO_REDUNDANCY = 1e-6
/** Two-sided 0.1 % point of the normal distribution, the usual bound of data snooping. @source Baarda 1968 */
const SUSPECT_ABOVE = 3.29
const TIE_SHARE = 0.97

/** Adjusts an opening to all its readings at once, and names the reading that disagrees with the rest.
 *  Issue codes as of `solveOpening`. */
export function adjustOpening(observations: Observations, deviations: NetworkDeviations): Outcome<AdjustedOpening> {
  const solved = solveOpening(observations, deviations)
  return solved.ok ? done(read(solved.value)) : solved
}

type Judged = Observed & { readonly residual: number; readonly redundancy: number; readonly test: number }

function read({ observed, unknowns, solution }: SolvedOpening): AdjustedOpening {
  const judged = observed.map((one): Judged => {
    const { name, value, deviation, measured } = one
    const model = modelled(name, unknowns)
    const residual = value - model.value
    const redundancy = Math.max(0, 1 - varianceOf(model.coefficients, solution) / (deviation * deviation))
    const test = Math.abs(residual) / (deviation * Math.sqrt(redundancy))
    return { name, value, deviation, measured, residual, redundancy, test }
  })
  const measured = judged.filter(one => one.measured)
  return {
    points: pointsOf(unknowns),
    deviations: deviationsOf(solution),
    suspect: findSuspect(measured.filter(one => one.redundancy >= LEAST_REDUNDANCY)),
    contradicting: measured
      .filter(one => one.redundancy < LEAST_REDUNDANCY && one.redundancy > NO_REDUNDANCY && one.test > SUSPECT_ABOVE)
      .map(({ name, test }) => ({ reading: name, test })),
    unchecked: measured.filter(one => one.redundancy < LEAST_REDUNDANCY).map(one => one.name),
    assumed: judged.filter(one => !one.measured).map(one => one.name),
    residuals: Object.fromEntries(measured.map(one => [one.name, one.residual])),
  }
}

/** The first, in walking order, of the readings whose test value ties with the largest. */
function findSuspect(candidates: readonly Judged[]): Suspect | null {
  const largest = Math.max(0, ...candidates.map(one => one.test))
  if (largest <= SUSPECT_ABOVE) return null
  const [first, ...alternatives] = candidates.filter(one => one.test >= TIE_SHARE * largest)
  const likely = nearestTick(first!.value - first!.residual / first!.redundancy)
  return { reading: first!.name, test: largest, likely, alternatives: alternatives.map(one => one.name) }
}

function deviationsOf({ cofactors, size }: Solution): PointDeviations {
  const at = (i: number, j: number) => cofactors[i * size + j]!
  const one = (i: number) => Math.sqrt(at(i, i))
  const mean = (i: number, j: number) => Math.sqrt(at(i, i) + at(j, j) + 2 * at(i, j)) / 2
  const { X_L1, X_L2, X_R0, X_R1, X_R2, Y_R0, Y_S, Y_L2, Y_R2, Y_T } = UNKNOWN
  return {
    L0: { x: 0, y: 0 },
    L1: { x: one(X_L1), y: one(Y_L2) / 2 },
    L2: { x: one(X_L2), y: one(Y_L2) },
    R0: { x: one(X_R0), y: one(Y_R0) },
    R1: { x: one(X_R1), y: mean(Y_R0, Y_R2) },
    R2: { x: one(X_R2), y: one(Y_R2) },
    S: { x: one(X_R0) / 2, y: one(Y_S) },
    T: { x: mean(X_L2, X_R2), y: one(Y_T) },
  }
}
