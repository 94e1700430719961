import {
  accumulate,
  cofactorsOf,
  copyOf,
  emptyNormal,
  type Normal,
  type Row,
  type Solution,
  solve,
} from '../geometry/least-squares'
import { point } from '../geometry/point'
import { done, type Outcome, refused } from '../outcome'
import { kindOf, NETWORK_READINGS, type NetworkKind, type NetworkReading } from '../survey/network'
import { nearestTick } from '../units/length'
import { assumedDeviation, measuredDeviation, modelled, UNKNOWN, UNKNOWN_COUNT, type Unknowns } from './network-model'
import type { NetworkDeviations, Observations, OpeningPoints } from './opening'

const MOST_ROUNDS = 12
const SETTLED_TICKS = 0.01

/** One observation of the network as it enters the adjustment: measured, or assumed to be none. */
export type Observed = {
  readonly name: NetworkReading
  readonly value: number
  readonly deviation: number
  readonly measured: boolean
}

/** The settled network: the unknowns in ticks, and how exactly they are known. */
export type SolvedOpening = {
  readonly observed: readonly Observed[]
  readonly unknowns: Unknowns
  readonly solution: Solution
}

/** Settles the network by weighted least squares (Gauss–Newton).
 *  Issue codes `opening.no-width` and `opening.no-height` when there is nothing to start from,
 *  `opening.unsettled` when the readings are so far apart that no opening comes near them. */
export function solveOpening(observations: Observations, deviations: NetworkDeviations): Outcome<SolvedOpening> {
  const width = firstOf(observations, 'widths')
  const height = firstOf(observations, 'heights')
  if (width === null) return refused('opening.no-width', {}, 'widths')
  if (height === null) return refused('opening.no-height', {}, 'heights')
  const observed = NETWORK_READINGS.flatMap(name => observe(name, observations, deviations))
  const settled = settle(observed, rectangle(width, height))
  return settled ? done({ observed, ...settled }) : refused('opening.unsettled', {}, '')
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

/** Diagonals alone are not linear in the unknowns: the equations of all else are set up once. */
function settle(observed: readonly Observed[], start: Unknowns): { unknowns: Unknowns; solution: Solution } | null {
  const linear = emptyNormal(UNKNOWN_COUNT)
  const nought = new Float64Array(UNKNOWN_COUNT)
  const bent = observed.filter(one => kindOf(one.name) === 'diagonals')
  for (const one of observed) if (kindOf(one.name) !== 'diagonals') accumulate(rowOf(one, nought), linear)
  let unknowns = start
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const normal = normalAt(unknowns, linear, bent)
    const change = solve(normal)
    if (!change) return null
    unknowns = unknowns.map((value, i) => value + change[i]!)
    if (change.some(one => Math.abs(one) >= SETTLED_TICKS)) continue
    const cofactors = cofactorsOf(normal)
    return cofactors && { unknowns, solution: { unknowns: change, cofactors, size: UNKNOWN_COUNT } }
  }
  return null
}

/** The equations of the change from where the unknowns stand. */
function normalAt(unknowns: Unknowns, linear: Normal, bent: readonly Observed[]): Normal {
  const normal = copyOf(linear)
  for (let i = 0; i < UNKNOWN_COUNT; i++)
    for (let j = 0; j < UNKNOWN_COUNT; j++) normal.right[i]! -= linear.matrix[i * UNKNOWN_COUNT + j]! * unknowns[j]!
  for (const one of bent) accumulate(rowOf(one, unknowns), normal)
  return normal
}

function rowOf({ name, value, deviation }: Observed, unknowns: Unknowns): Row {
  const model = modelled(name, unknowns)
  return { coefficients: model.coefficients, misclosure: value - model.value, deviation }
}

/** The points of an opening from the ten unknowns. */
export function pointsOf(u: Unknowns): OpeningPoints {
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
