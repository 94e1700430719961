import { leastSquares, type Row, type Solution, varianceOf } from '../geometry/least-squares'
import { point } from '../geometry/point'
import { done, type Outcome, refused } from '../outcome'
import { kindOf, NETWORK_READINGS, type NetworkKind, type NetworkReading } from '../survey/network'
import { nearestTick } from '../units/length'
import { assumedDeviation, measuredDeviation, modelled, UNKNOWN, UNKNOWN_COUNT, type Unknowns } from './network-model'
import type {
  AdjustedOpening,
  NetworkDeviations,
  Observations,
  OpeningPoints,
  PointDeviations,
  Suspect,
} from './opening'

const MOST_ROUNDS = 12
const SETTLED_TICKS = 0.01
const LEAST_REDUNDANCY = 0.1
/** Two-sided 0.1 % point of the normal distribution, the usual bound of data snooping. @source Baarda 1968 */
const SUSPECT_ABOVE = 3.29
const TIE_SHARE = 0.97

type Observed = {
  readonly name: NetworkReading
  readonly value: number
  readonly deviation: number
  readonly measured: boolean
}

/** Adjusts an opening to all its readings at once, by weighted least squares (Gauss–Newton).
 *  Issue codes `opening.no-width` and `opening.no-height` when there is nothing to start from,
 *  `opening.unsettled` when the readings are so far apart that no opening comes near them. */
export function adjustOpening(observations: Observations, deviations: NetworkDeviations): Outcome<AdjustedOpening> {
  const width = firstOf(observations, 'widths')
  const height = firstOf(observations, 'heights')
  if (width === null) return refused('opening.no-width', {}, 'widths')
  if (height === null) return refused('opening.no-height', {}, 'heights')
  const observed = NETWORK_READINGS.flatMap(name => observe(name, observations, deviations))
  const settled = settle(observed, rectangle(width, height))
  return settled ? done(read(observed, settled.unknowns, settled.solution)) : refused('opening.unsettled', {}, '')
}

function firstOf(observations: Observations, kind: NetworkKind): number | null {
  const name = NETWORK_READINGS.find(one => kindOf(one) === kind && observations[one])
  return name ? observations[name]!.value : null
}

function observe(name: NetworkReading, all: Observations, deviations: NetworkDeviations): readonly Observed[] {
  const given = all[name]
  if (given) {
    return [
      { name, value: given.value, deviation: given.deviation ?? measuredDeviation(name, deviations), measured: true },
    ]
  }
  const deviation = assumedDeviation(name, deviations)
  return deviation === null ? [] : [{ name, value: 0, deviation, measured: false }]
}

function rectangle(width: number, height: number): Unknowns {
  const u = new Float64Array(UNKNOWN_COUNT)
  for (const i of [UNKNOWN.X_R0, UNKNOWN.X_R1, UNKNOWN.X_R2]) u[i] = width
  for (const i of [UNKNOWN.Y_L2, UNKNOWN.Y_R2, UNKNOWN.Y_T]) u[i] = height
  return u
}

function settle(observed: readonly Observed[], start: Unknowns): { unknowns: Unknowns; solution: Solution } | null {
  let unknowns = start
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const solution = leastSquares(
      observed.map(one => rowOf(one, unknowns)),
      UNKNOWN_COUNT,
    )
    if (!solution) return null
    unknowns = unknowns.map((value, i) => value + solution.unknowns[i]!)
    if (solution.unknowns.every(change => Math.abs(change) < SETTLED_TICKS)) return { unknowns, solution }
  }
  return null
}

function rowOf({ name, value, deviation }: Observed, unknowns: Unknowns): Row {
  const model = modelled(name, unknowns)
  return { coefficients: model.coefficients, misclosure: value - model.value, deviation }
}

type Judged = Observed & { readonly residual: number; readonly redundancy: number; readonly test: number }

function read(observed: readonly Observed[], unknowns: Unknowns, solution: Solution): AdjustedOpening {
  const judged = observed.map((one): Judged => {
    const model = modelled(one.name, unknowns)
    const residual = one.value - model.value
    const redundancy = Math.max(0, 1 - varianceOf(model.coefficients, solution) / (one.deviation * one.deviation))
    return { ...one, residual, redundancy, test: Math.abs(residual) / (one.deviation * Math.sqrt(redundancy)) }
  })
  const measured = judged.filter(one => one.measured)
  return {
    points: pointsOf(unknowns),
    deviations: deviationsOf(solution),
    suspect: findSuspect(measured.filter(one => one.redundancy >= LEAST_REDUNDANCY)),
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

function pointsOf(u: Unknowns): OpeningPoints {
  const x = (i: number) => nearestTick(u[i]!)
  const mid = (a: number, b: number) => nearestTick((a + b) / 2)
  const { X_L1, X_L2, X_R0, X_R1, X_R2, Y_R0, Y_S, Y_L2, Y_R2, Y_T } = UNKNOWN
  return {
    L0: point(0, 0),
    L1: point(x(X_L1), mid(0, u[Y_L2]!)),
    L2: point(x(X_L2), x(Y_L2)),
    R0: point(x(X_R0), x(Y_R0)),
    R1: point(x(X_R1), mid(u[Y_R0]!, u[Y_R2]!)),
    R2: point(x(X_R2), x(Y_R2)),
    S: point(mid(0, u[X_R0]!), x(Y_S)),
    T: point(mid(u[X_L2]!, u[X_R2]!), x(Y_T)),
  }
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
