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
  const slices = gapSlices(side.gaps.map(metresOf))
  const sliceM = metresOf(side.length) / slices.length
  const depthM = metresOf(side.depth)
  const flow = slices.reduce((total, gapM) => total + sliceFlowM3s(gapM, sliceM, depthM, side.bends, pressurePa), 0)
  return flow * SECONDS_PER_HOUR
}

function gapSlices(gapsM: readonly number[]): readonly number[] {
  if (gapsM.length === 1) return [gapsM[0]!]
  return gapsM.slice(1).flatMap((to, i) => {
    const from = gapsM[i]!
    return Array.from({ length: SLICES_PER_SPAN }, (_, k) => from + ((to - from) * (k + 0.5)) / SLICES_PER_SPAN)
  })
}

function sliceFlowM3s(gapM: number, lengthM: number, depthM: number, bends: number, pressurePa: number): number {
  if (gapM <= 0 || lengthM <= 0) return 0
  const a = (12 * VISCOSITY_PA_S * depthM) / (lengthM * gapM ** 3)
  const b = (DENSITY_KG_M3 * (1.5 + bends)) / (2 * gapM ** 2 * lengthM ** 2)
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
