import { type Length, metresOf } from '../units/length'

/** One side of a closed door: gaps read at equal distances along it, its length, the depth the air passes and its bends. */
export type LeakySide = {
  readonly gaps: readonly Length[]
  readonly length: Length
  readonly depth: Length
  readonly bends: number
}

const VISCOSITY_PA_S = 1.81e-5
const DENSITY_KG_M3 = 1.2
const SLICES_PER_SPAN = 32
const SECONDS_PER_HOUR = 3600
export const SEASONAL_PRESSURE_PA = 4

/** Air through an open crack, in m³/h at a pressure difference in Pa. A tapering gap is cut into slices; a slice without a gap leaks nothing.
 *  @source Baker, Sharples and Ward 1987, "Air flow through cracks", Building and Environment 22(4): ΔP = A·Q + B·Q². */
export function crackFlowM3h(side: LeakySide, pressurePa: number): number {
  const gapsM = side.gaps.map(metresOf)
  const slices = gapsM.length === 1 ? 1 : (gapsM.length - 1) * SLICES_PER_SPAN
  const at = { lengthM: metresOf(side.length) / slices, depthM: metresOf(side.depth), bends: side.bends, pressurePa }
  let flow = 0
  for (let slice = 0; slice < slices; slice++) flow += sliceFlowM3s(gapOfSlice(gapsM, slice), at)
  return flow * SECONDS_PER_HOUR
}

/** The gap in the middle of a slice, on the straight line between the readings above and below it. */
function gapOfSlice(gapsM: readonly number[], slice: number): number {
  const span = Math.floor(slice / SLICES_PER_SPAN)
  const from = gapsM[span]!
  const to = gapsM[span + 1] ?? from
  return from + ((to - from) * ((slice % SLICES_PER_SPAN) + 0.5)) / SLICES_PER_SPAN
}

type Slice = {
  readonly lengthM: number
  readonly depthM: number
  readonly bends: number
  readonly pressurePa: number
}

function sliceFlowM3s(gapM: number, { lengthM, depthM, bends, pressurePa }: Slice): number {
  if (gapM <= 0 || lengthM <= 0) return 0
  const a = (12 * VISCOSITY_PA_S * depthM) / (lengthM * gapM * gapM * gapM)
  const b = (DENSITY_KG_M3 * (1.5 + bends)) / (2 * gapM * gapM * lengthM * lengthM)
  return (-a + Math.sqrt(a * a + 4 * b * pressurePa)) / (2 * b)
}

/** Air past a compressed seal, in m³/h, from its leakage per metre at 50 Pa.
 *  @source the usual power law of building leakage with exponent 0.65. */
export const sealedFlowM3h = (leakM3hPerMetreAt50: number, length: Length, pressurePa: number): number =>
  leakM3hPerMetreAt50 * metresOf(length) * (pressurePa / 50) ** 0.65

/** Equivalent leakage area in cm² for a flow in m³/h at 4 Pa: the sharp hole that passes as much, Q·√(ρ/(2ΔP)). */
export const leakageAreaCm2 = (flowM3hAt4: number): number =>
  (flowM3hAt4 / SECONDS_PER_HOUR) * Math.sqrt(DENSITY_KG_M3 / (2 * SEASONAL_PRESSURE_PA)) * 10_000

/** Heat lost in a year by a flow at the seasonal mean pressure, in kWh, from heating degree days in K·day.
 *  0.335 Wh/(m³·K) is the heat capacity of air. */
export const yearlyKwh = (flowM3hAt4: number, heatingDegreeDays: number): number =>
  (0.335 * flowM3hAt4 * heatingDegreeDays * 24) / 1000
