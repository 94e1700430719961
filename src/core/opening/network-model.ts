import type { Combination } from '../geometry/least-squares'
import { kindOf, type NetworkReading } from '../survey/network'
import type { NetworkDeviations } from './opening'

// The unknowns of the network. L0 is the origin; L1 and R1 stand at mid-height, S and T at mid-width.
const X_L1 = 0,
  X_L2 = 1,
  X_R0 = 2,
  X_R1 = 3,
  X_R2 = 4,
  Y_R0 = 5,
  Y_S = 6,
  Y_L2 = 7,
  Y_R2 = 8,
  Y_T = 9
export const UNKNOWN_COUNT = 10
export const UNKNOWN = { X_L1, X_L2, X_R0, X_R1, X_R2, Y_R0, Y_S, Y_L2, Y_R2, Y_T } as const

/** A real-valued guess or solution of the ten unknowns, in ticks. */
export type Unknowns = Float64Array

/** Readings that are linear in the unknowns, as pairs of unknown and factor. */
const LINEAR: { readonly [name in NetworkReading]?: Combination } = {
  'widths.bottom': [[X_R0, 1]],
  'widths.middle': [
    [X_R1, 1],
    [X_L1, -1],
  ],
  'widths.top': [
    [X_R2, 1],
    [X_L2, -1],
  ],
  'heights.left': [[Y_L2, 1]],
  'heights.centre': [
    [Y_T, 1],
    [Y_S, -1],
  ],
  'heights.right': [
    [Y_R2, 1],
    [Y_R0, -1],
  ],
  'lean.left': [[X_L2, 1]],
  'lean.right': [
    [X_R2, 1],
    [X_R0, -1],
  ],
  'bow.left': [
    [X_L1, 1],
    [X_L2, -0.5],
  ],
  'bow.right': [
    [X_R1, 1],
    [X_R0, -0.5],
    [X_R2, -0.5],
  ],
  'fall.sill': [[Y_R0, 1]],
  'fall.head': [
    [Y_R2, 1],
    [Y_L2, -1],
  ],
  'crown.sill': [
    [Y_S, 1],
    [Y_R0, -0.5],
  ],
  'crown.head': [
    [Y_T, 1],
    [Y_L2, -0.5],
    [Y_R2, -0.5],
  ],
}

/** What a reading would be if the unknowns were true, and how it changes with each of them. */
export function modelled(name: NetworkReading, u: Unknowns): { value: number; coefficients: Combination } {
  const linear = LINEAR[name]
  if (linear) return { value: combined(linear, u), coefficients: linear }
  return name === 'diagonals.risingRight' ? distance([[X_R2, 1]], [[Y_R2, 1]], u) : distance(ACROSS, UP, u)
}

const ACROSS: Combination = [
  [X_R0, 1],
  [X_L2, -1],
]
const UP: Combination = [
  [Y_R0, 1],
  [Y_L2, -1],
]

function combined(combination: Combination, u: Unknowns): number {
  let value = 0
  for (const [unknown, factor] of combination) value += factor * u[unknown]!
  return value
}

function distance(x: Combination, y: Combination, u: Unknowns) {
  const [dx, dy] = [combined(x, u), combined(y, u)]
  const value = Math.hypot(dx, dy)
  const scaled = (all: Combination, by: number): Combination => all.map(([i, factor]) => [i, (factor * by) / value])
  return { value, coefficients: [...scaled(x, dx), ...scaled(y, dy)] }
}

/** How exact a measured reading of this kind is, in ticks. */
export function measuredDeviation(name: NetworkReading, deviations: NetworkDeviations): number {
  switch (kindOf(name)) {
    case 'widths':
    case 'heights':
      return deviations.tape
    case 'diagonals':
      return deviations.diagonal
    case 'lean':
    case 'fall':
      return deviations.level
    case 'bow':
    case 'crown':
      return deviations.straightedge
  }
}

/** How wide the assumption "none" is where this reading was not taken; `null` where nothing can be assumed. */
export function assumedDeviation(name: NetworkReading, deviations: NetworkDeviations): number | null {
  switch (kindOf(name)) {
    case 'widths':
    case 'heights':
    case 'diagonals':
      return null
    case 'lean':
      return deviations.assumedLean
    case 'fall':
      return deviations.assumedFall
    case 'bow':
      return deviations.assumedBow
    case 'crown':
      return deviations.assumedCrown
  }
}
