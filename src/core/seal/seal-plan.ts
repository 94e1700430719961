import type { TradeNumber } from '../base/figure'
import type { TradeLengths } from '../base/trade-lengths'
import type { SoundPart } from '../physics/sound'
import type { Seal } from '../seal-stock/seal'
import type { Length } from '../units/length'
import type { Cents } from '../units/quantity'
import type { Draft } from './draft'
import type { Edge } from './edge'
import type { EdgeWay } from './edge-ways'
import type { SealOption, SealSite } from './judge-seal'
import type { CutPiece } from './pieces'
import type { EdgeGaps } from './read-edges'
import type { SealChoice } from './seal-choice'
import type { Joints } from './sound-through'

export type EdgePlan = EdgeGaps & {
  readonly options: readonly SealOption[]
  readonly ways: readonly EdgeWay[]
  /** Every way there is, whatever was chosen by hand. */
  readonly free: readonly EdgeWay[]
  /** What is put on; none when nothing is chosen, none holds, or none is wanted. */
  readonly chosen: readonly SealOption[]
  /** What is there and stays; of a new unit what it ships with. */
  readonly stays: readonly Seal[]
  readonly pieces: readonly CutPiece[]
  /** At 4, 50 and 75 Pa, m³/h. */
  readonly flowBefore: Flows
  readonly flowAfter: Flows
  /** What closing this edge saves a year, and in how many years that has paid for it; `null` where it saves nothing or costs nothing. */
  readonly savedCentsYear: number
  readonly payBackYears: number | null
}
export type Flows = readonly [at4: number, at50: number, at75: number]

export type SealPlan = {
  readonly edges: readonly EdgePlan[]
  readonly latchForceN: number
  readonly latchLimitN: number
  readonly before: Draft
  readonly after: Draft
  /** What its seals cost, their share of the bars, and what fitting them does. */
  readonly cents: Cents
  readonly workCents: Cents
  /** Money saved in a year, in cents, and between what it lies as exact as the gaps were read; the years until the seals have paid for
   *  themselves, `null` when they save nothing. */
  readonly savedCentsYear: number
  readonly savedBetween: readonly [least: number, most: number]
  readonly payBackYears: number | null
  /** The edges in the order in which the next money does most: the id, what it costs, what it saves a year. */
  readonly marginal: readonly { readonly edge: string; readonly cents: Cents; readonly savedCentsYear: number }[]
  readonly meetsTargets: boolean
  readonly joints: { readonly open: Joints; readonly sealed: Joints }
}

export type SealRequest = {
  readonly edges: readonly Edge[]
  readonly site: SealSite
  readonly choice: SealChoice
  /** The leaf as sound passes it; `null` while nobody said how it is built. */
  readonly leaf: SoundPart | null
  /** What a new unit ships with on an edge; `null` where it ships with nothing there, or the door is not new. */
  readonly own: (edge: Edge) => Seal | null
  /** What the gaps of a leaf that hangs not yet will be; `null` where only what was read counts. */
  readonly expectedGap: Length | null
  /** Where gaps follow from moves that were noted since they were read. */
  readonly moved: ReadonlySet<string>
  readonly seals: readonly Seal[]
  readonly latchLimitN: TradeNumber
  readonly lengths: TradeLengths
}

/** What is on an edge in the end. */
export const sealsOn = ({ stays, chosen }: Pick<EdgePlan, 'stays' | 'chosen'>): readonly Seal[] => [
  ...stays,
  ...chosen.map(one => one.seal),
]
