import {
  crackFlowM3h,
  holeFlowM3h,
  type LeakySide,
  leakageAreaCm2,
  SEASONAL_PRESSURE_PA,
  sealedFlowM3h,
  seriesLeak,
  yearlyKwh,
} from '../physics/leakage'
import type { EdgeRole, Seal } from '../seal-stock/seal'
import { inches, type Length, metresOf, mm, ZERO } from '../units/length'
import type { EdgeGaps, Gap, GapRow } from './read-edges'

/** What blows through a door: at 4, 50 and 75 Pa in m³/h, as a hole in cm², and the heat of a year in kWh. */
export type Draft = {
  readonly flowM3h: readonly [number, number, number]
  readonly holeCm2: number
  readonly kwhYear: number
}

/** A closed leaf's edge has the one bend of its stop, two where rebated edges meet, none at the bottom. */
const BENDS: Readonly<Record<EdgeRole, number>> = {
  head: 1,
  hinge: 1,
  latch: 1,
  meeting: 2,
  jamb: 1,
  interlock: 2,
  bottom: 0,
}

export type GapEnd = keyof Gap

const gapsOf = (row: GapRow, end: GapEnd): readonly Length[] => row.gaps.map(one => one[end])

/** An edge as a crack: the gap at the edge and behind it the one at the stop, where each was read. The bend is counted once. `end` takes
 *  what was read, or the least or most a class can be. */
function leaky({ edge, gap, stop }: EdgeGaps, end: GapEnd, within: Length): LeakySide {
  const widened = (gaps: readonly Length[]) =>
    end === 'value' ? gaps : gaps.map(one => Math.max(0, end === 'most' ? one + within : one - within) as Length)
  const first = (gap ?? stop)!
  const behind = gap && stop ? stop : null
  return {
    gaps: widened(gapsOf(first, end)),
    length: edge.length,
    depth: edge.thickness,
    bends: BENDS[edge.role],
    ...(behind ? { stop: { gaps: widened(gapsOf(behind, end)), depth: STOP_DEPTH, bends: 0 } } : {}),
  }
}

/** How far a leaf's face laps over its stop: along that the air passes between the two. */
const STOP_DEPTH = inches(0, 1, 2)

/** Air through an open edge at the least or most its gaps can be, m³/h. `within` is how exact a gap is read. */
export const openFlowWithin = (read: EdgeGaps, pressurePa: number, end: Exclude<GapEnd, 'value'>, within: Length) =>
  crackFlowM3h(leaky(read, end, within), pressurePa)

/** Flows through edges as they were read, by pressure: every way to leave or seal an edge is held against the same few. */
const flows = new WeakMap<GapRow, Pick<EdgeGaps, 'edge' | 'stop'> & { readonly at: Map<number, number> }>()

/** Air through an open edge, m³/h. */
export function openFlowM3h(read: EdgeGaps, pressurePa: number): number {
  const { edge, stop } = read
  const first = (read.gap ?? stop)!
  const there = flows.get(first)
  const { at } = there?.edge === edge && there.stop === stop ? there : { at: new Map<number, number>() }
  const known = at.get(pressurePa)
  if (known !== undefined) return known
  const flow = crackFlowM3h(leaky(read, 'value', ZERO), pressurePa)
  flows.set(first, { edge, stop, at: at.set(pressurePa, flow) })
  return flow
}

/** Air past the seals of an edge, m³/h; past none as through the open edge. */
export const flowWithM3h = (read: EdgeGaps, seals: readonly Seal[], pressurePa: number): number =>
  seals.length === 0
    ? openFlowM3h(read, pressurePa)
    : sealedFlowM3h(seriesLeak(seals.map(one => one.leakM3hPerMetreAt50)), read.edge.length, pressurePa)

/** What is taken for each bottom corner, by the leaf's thickness. */
export const CORNER = inches(0, 1, 8)

/** Air through both bottom corners, which leak last: each a hole of 1/8 in by the leaf's thickness, as assumed, until a pad is in. */
export const cornersM3h = (thickness: Length, pressurePa: number): number =>
  2 * holeFlowM3h(metresOf(CORNER) * metresOf(thickness), pressurePa)

export function draftOf(flowAt: (pressurePa: number) => number, heatingDegreeDays: number): Draft {
  const seasonal = flowAt(SEASONAL_PRESSURE_PA)
  return {
    flowM3h: [seasonal, flowAt(50), flowAt(75)],
    holeCm2: leakageAreaCm2(seasonal),
    kwhYear: yearlyKwh(seasonal, heatingDegreeDays),
  }
}

const METRE = mm(1000)

/** Air through a metre of open gap of each width at 50 Pa, m³/h: a leaf's side, with the one bend of its stop. */
export const flowByGap = (gaps: readonly Length[], thickness: Length): readonly number[] =>
  gaps.map(gap => crackFlowM3h({ gaps: [gap], length: METRE, depth: thickness, bends: BENDS.latch }, 50))

const CFM_PER_M3H = 0.588_578
/** Cubic feet a minute. */
export const cfmOf = (m3h: number): number => m3h * CFM_PER_M3H

const M2_PER_SQ_FT = 0.092_903_04
/** Air a square foot of the frame at 75 Pa, cfm/ft². */
export const cfmPerSqFt = (m3hAt75: number, frame: { readonly width: Length; readonly height: Length }): number =>
  cfmOf(m3hAt75) / ((metresOf(frame.width) * metresOf(frame.height)) / M2_PER_SQ_FT)
