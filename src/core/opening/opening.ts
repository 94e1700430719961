import type { Point } from '../geometry/point'
import type { NetworkReading } from '../survey/network'
import type { Length } from '../units/length'

/** The ten points of an opening as seen from outside: left and right side from the bottom up, sill and head middle. */
export const POINT_NAMES = ['L0', 'L1', 'L2', 'R0', 'R1', 'R2', 'S', 'T'] as const
export type PointName = (typeof POINT_NAMES)[number]
export type OpeningPoints = Readonly<Record<PointName, Point>>

/** Standard deviation of each point, in ticks, real-valued: how far it may be from where it is drawn. */
export type PointDeviations = Readonly<Record<PointName, { readonly x: number; readonly y: number }>>

/** One reading of the network as observed; `deviation` in ticks where it differs from its kind's default. */
export type Observation = { readonly value: Length; readonly deviation?: number }
export type Observations = { readonly [name in NetworkReading]?: Observation | null }

/** The reading that disagrees most with the others. `alternatives` tie with it within 3 %. */
export type Suspect = {
  readonly reading: NetworkReading
  readonly test: number
  readonly likely: Length
  readonly alternatives: readonly NetworkReading[]
}

/** A reading that little checks and whose test value is over the limit all the same. */
export type Contradicting = { readonly reading: NetworkReading; readonly test: number }

/** An opening adjusted to all its readings at once. */
export type AdjustedOpening = {
  readonly points: OpeningPoints
  readonly deviations: PointDeviations
  readonly suspect: Suspect | null
  /** Hardly checked by the others, and still against them: to be read again. */
  readonly contradicting: readonly Contradicting[]
  /** Measured, but nothing else would show a blunder in it. */
  readonly unchecked: readonly NetworkReading[]
  /** Not measured: taken as straight, plumb and level, widely. */
  readonly assumed: readonly NetworkReading[]
  /** Measured minus adjusted, in ticks, for every measured reading. */
  readonly residuals: { readonly [name in NetworkReading]?: number }
}

/** How exact each kind of reading is, one standard deviation; and how wide an assumption is where nothing was measured. */
export type NetworkDeviations = {
  readonly tape: Length
  readonly diagonal: Length
  readonly level: Length
  readonly straightedge: Length
  readonly assumedLean: Length
  readonly assumedFall: Length
  readonly assumedBow: Length
  readonly assumedCrown: Length
}

export const leftSide = (p: OpeningPoints) => [p.L0, p.L1, p.L2]
export const rightSide = (p: OpeningPoints) => [p.R0, p.R1, p.R2]
export const sillLine = (p: OpeningPoints) => [p.L0, p.S, p.R0]
export const headLine = (p: OpeningPoints) => [p.L2, p.T, p.R2]

/** The outline from the bottom left corner round by the right. */
export const outline = (p: OpeningPoints) => [p.L0, p.S, p.R0, p.R1, p.R2, p.T, p.L2, p.L1]
