import {
  crackFlowM3h,
  type LeakySide,
  leakageAreaCm2,
  SEASONAL_PRESSURE_PA,
  sealedFlowM3h,
  yearlyKwh,
} from '../physics/leakage'
import type { EdgeGaps } from './read-edges'
import type { Seal } from './seal'

/** What blows through a door: at 4, 50 and 75 Pa in m³/h, as a hole in cm², and the heat of a year in kWh. */
export type Draft = {
  readonly flowM3h: readonly [number, number, number]
  readonly holeCm2: number
  readonly kwhYear: number
}

/** A closed leaf's edge is a straight crack with the one bend of its stop, but for the bottom, which has none. */
const leaky = ({ edge, gaps }: EdgeGaps): LeakySide => ({
  gaps,
  length: edge.length,
  depth: edge.thickness,
  bends: edge.role === 'bottom' ? 0 : 1,
})

export const openFlowM3h = (read: EdgeGaps, pressurePa: number): number => crackFlowM3h(leaky(read), pressurePa)

export const flowWithM3h = (read: EdgeGaps, seal: Seal | null, pressurePa: number): number =>
  seal ? sealedFlowM3h(seal.leakM3hPerMetreAt50, read.edge.length, pressurePa) : openFlowM3h(read, pressurePa)

export function draftOf(flowAt: (pressurePa: number) => number, heatingDegreeDays: number): Draft {
  const seasonal = flowAt(SEASONAL_PRESSURE_PA)
  return {
    flowM3h: [seasonal, flowAt(50), flowAt(75)],
    holeCm2: leakageAreaCm2(seasonal),
    kwhYear: yearlyKwh(seasonal, heatingDegreeDays),
  }
}
