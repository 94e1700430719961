import { type Length, metresOf } from '../units/length'

/** One side of a closed door: gaps read at equal distances along it, its length, the depth the air passes and its bends. */
export type LeakySide = {
  readonly gaps: readonly Length[]
  readonly length: Length
  readonly depth: Length
  readonly bends: number
  /** A second gap behind the first, read at the same places: the air passes both. A bend belongs to one of the two. */
  readonly stop?: Omit<LeakySide, 'length' | 'stop'>
}

const VISCOSITY_PA_S = 1.81e-5
const DENSITY_KG_M3 = 1.2
const SLICES_PER_SPAN = 32
const SECONDS_PER_HOUR = 3600
/** Of the power law by which leakage grows with pressure. */
const EXPONENT = 0.65
export const SEASONAL_PRESSURE_PA = 4

/** Air through an open crack, in m³/h at a pressure difference in Pa. A tapering gap is cut into slices; a slice without a gap leaks nothing.
 *  Two gaps in series pass the same air, so that their A and B add, slice by slice.
 *  @source Baker, Sharples and Ward 1987, "Air flow through cracks", Building and Environment 22(4): ΔP = A·Q + B·Q². */
export function crackFlowM3h({ gaps, length, depth, bends, stop }: LeakySide, pressurePa: number): number {
  const gapsM = gaps.map(metresOf)
  const stopM = stop?.gaps.map(metresOf)
  const slices = gapsM.length === 1 ? 1 : (gapsM.length - 1) * SLICES_PER_SPAN
  const lengthM = metresOf(length) / slices
  const depthM = metresOf(depth)
  let flow = 0
  for (let slice = 0; slice < slices; slice++) {
    const first = resistanceOf(gapOfSlice(gapsM, slice), lengthM, depthM, bends)
    const second =
      stop && stopM ? resistanceOf(gapOfSlice(stopM, slice), lengthM, metresOf(stop.depth), stop.bends) : NONE
    if (first && second) flow += flowAgainst(first.a + second.a, first.b + second.b, pressurePa)
  }
  return flow * SECONDS_PER_HOUR
}

/** The gap in the middle of a slice, on the straight line between the readings above and below it. */
function gapOfSlice(gapsM: readonly number[], slice: number): number {
  const span = Math.floor(slice / SLICES_PER_SPAN)
  const from = gapsM[span]!
  const to = gapsM[span + 1] ?? from
  return from + ((to - from) * ((slice % SLICES_PER_SPAN) + 0.5)) / SLICES_PER_SPAN
}

type Resistance = { readonly a: number; readonly b: number }
const NONE: Resistance = { a: 0, b: 0 }

/** A and B of a slice; `null` where nothing passes. */
function resistanceOf(gapM: number, lengthM: number, depthM: number, bends: number): Resistance | null {
  if (gapM <= 0 || lengthM <= 0) return null
  return {
    a: (12 * VISCOSITY_PA_S * depthM) / (lengthM * gapM * gapM * gapM),
    b: (DENSITY_KG_M3 * (1.5 + bends)) / (2 * gapM * gapM * lengthM * lengthM),
  }
}

const flowAgainst = (a: number, b: number, pressurePa: number): number =>
  (-a + Math.sqrt(a * a + 4 * b * pressurePa)) / (2 * b)

/** Air past a compressed seal, in m³/h, from its leakage per metre at 50 Pa.
 *  @source the usual power law of building leakage with exponent 0.65. */
export const sealedFlowM3h = (leakM3hPerMetreAt50: number, length: Length, pressurePa: number): number =>
  leakM3hPerMetreAt50 * metresOf(length) * (pressurePa / 50) ** EXPONENT

/** What two seals behind each other pass together, m³/h per metre at 50 Pa; one that passes nothing closes both. C = (C₁^(−1/n) + C₂^(−1/n))^−n.
 *  @source flow elements in series under the power law with exponent n = 0.65. */
export const seriesLeak = (leaks: readonly number[]): number => {
  if (leaks.some(one => one === 0)) return 0
  if (leaks.length === 1) return leaks[0]!
  return leaks.reduce((sum, one) => sum + one ** (-1 / EXPONENT), 0) ** -EXPONENT
}

/** Air through a small hole with a sharp edge, m³/h: Q = 0.61·area·√(2ΔP/ρ). */
export const holeFlowM3h = (areaM2: number, pressurePa: number): number =>
  0.61 * areaM2 * Math.sqrt((2 * pressurePa) / DENSITY_KG_M3) * SECONDS_PER_HOUR

/** Equivalent leakage area in cm² for a flow in m³/h at 4 Pa: the sharp hole that passes as much, Q·√(ρ/(2ΔP)). */
export const leakageAreaCm2 = (flowM3hAt4: number): number =>
  (flowM3hAt4 / SECONDS_PER_HOUR) * Math.sqrt(DENSITY_KG_M3 / (2 * SEASONAL_PRESSURE_PA)) * 10_000

/** Heat lost in a year by a flow at the seasonal mean pressure, in kWh, from heating degree days in K·day.
 *  0.335 Wh/(m³·K) is the heat capacity of air. */
export const yearlyKwh = (flowM3hAt4: number, heatingDegreeDays: number): number =>
  (0.335 * flowM3hAt4 * heatingDegreeDays * 24) / 1000
