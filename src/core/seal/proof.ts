import { SEASONAL_PRESSURE_PA, yearlyKwh } from '../physics/leakage'
import type { Reading } from '../survey/reading'
import { isClosedSlot, isGapSlot } from '../survey/slots'
import { type Survey, surveyOf } from '../survey/survey'
import type { Length } from '../units/length'
import { flowWithM3h, openFlowM3h } from './draft'
import type { Edge } from './edge'
import { gapsAlong, isTight, meanOf } from './read-edges'
import { type EdgePlan, type SealPlan, sealsOn } from './seal-plan'

/** One edge before it was sealed and after: its mean gap, and the air through it at 50 Pa, m³/h. */
export type ProvenEdge = {
  readonly edge: Edge
  readonly before: Length
  readonly after: Length
  readonly flowBefore50: number
  readonly flowAfter50: number
}

/** What the same places showed once they were sealed; whether every edge on which something was put was read again. */
export type Proof = {
  readonly edges: readonly ProvenEdge[]
  readonly isWhole: boolean
  /** Heat of a year as read before and after, kWh. */
  readonly kwhBefore: number
  readonly kwhAfter: number
}

/** What seals leave open is read once they are on. At a hand-over and a call-back a gap is read as the margin it is, seal or no seal; at the stop what is read then
 *  tells of the seal as before. */
const isProving = ({ occasion, slot }: Reading): boolean =>
  occasion === 'sealed' || ((occasion === 'hand-over' || occasion === 'call-back') && !isGapSlot(slot))

/** Reads the proof: the latest reading of a place since it was sealed against the one that chose its seal. Shut tight a seal lets through what
 *  its sheet says; what still shows a gap lets through what that gap does. */
export function proofOf(
  edges: readonly Edge[],
  plan: SealPlan | null,
  survey: Survey,
  readings: readonly Reading[],
  heatingDegreeDays: number,
): Proof {
  const after = surveyOf(
    survey.way,
    readings.filter(one => isProving(one) && isClosedSlot(one.slot)),
  )
  const proven = (plan?.edges ?? []).flatMap(one => {
    const read = gapsAlong(one.edge, after)
    if (!read || one.expected !== null) return []
    const flow = (pressure: number) =>
      isTight(read) ? flowWithM3h(one, sealsOn(one), pressure) : openFlowM3h(read, pressure)
    return [{ one, after: meanOf((read.gap ?? read.stop)!), flow }]
  })
  const put = (plan?.edges ?? []).filter(one => one.chosen.length > 0)
  const flowAt = (of: (it: (typeof proven)[number]) => number) => proven.reduce((sum, it) => sum + of(it), 0)
  return {
    edges: proven.map(({ one, after, flow }) => ({
      edge: one.edge,
      before: meanOf(rowOfPlan(one)),
      after,
      flowBefore50: one.flowBefore[1],
      flowAfter50: flow(50),
    })),
    isWhole: edges.length > 0 && put.every(one => proven.some(it => it.one.edge.id === one.edge.id)),
    kwhBefore: yearlyKwh(
      flowAt(it => it.one.flowBefore[0]),
      heatingDegreeDays,
    ),
    kwhAfter: yearlyKwh(
      flowAt(it => it.flow(SEASONAL_PRESSURE_PA)),
      heatingDegreeDays,
    ),
  }
}

const rowOfPlan = ({ gap, stop }: EdgePlan) => (gap ?? stop)!
