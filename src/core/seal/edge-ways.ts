import { SEASONAL_PRESSURE_PA } from '../physics/leakage'
import type { Seal } from '../seal-stock/seal'
import { metresOf } from '../units/length'
import { flowWithM3h } from './draft'
import type { Load } from './front'
import { isGranted, type SealOption, type SealSite } from './judge-seal'
import { pushOf } from './latch-force'
import { type EdgeGaps, meanOf } from './read-edges'

/** One way to leave or seal an edge: the seals that are put on, those that are there and stay, and what it weighs. */
export type EdgeWay = {
  readonly put: readonly SealOption[]
  readonly stays: readonly Seal[]
  /** What passes it at 50 Pa, m³/h. */
  readonly at50: number
  /** Cents a year, m³/h at 4 Pa, m² of sound let through, N of push. */
  readonly weighs: Load
  /** The same in whole steps, by which plans are held against each other. */
  readonly load: Load
}

/** What a step of each load is: ten cents a year, a tenth of a m³/h, a tenth of a cm², a newton. Finer differences than that nobody reads or
 *  feels, and plans that differ by less count as alike. */
const STEPS: Load = [10, 0.1, 1e-5, 1]
const inSteps = (weighs: Load): Load => weighs.map((one, i) => Math.round(one / STEPS[i]!)) as unknown as Load

/** What a joint keeps out where its seal's sheet is silent, dB: one seal, and two behind each other. */
const SILENT_DB = 20
const MORE_FOR_TWO = 5

/** What a joint with these seals keeps out, dB; nothing where it is open. */
export function jointDb(seals: readonly Seal[]): number {
  if (seals.length === 0) return 0
  const best = Math.max(...seals.map(one => one.soundDb ?? SILENT_DB))
  return seals.length > 1 ? best + MORE_FOR_TWO : best
}

/** The joint's area, m²: its mean gap along its length. */
export const jointM2 = ({ edge, gap, stop }: EdgeGaps): number =>
  Math.max(0, metresOf(meanOf((gap ?? stop)!))) * metresOf(edge.length)

/** Whether two seals go on one edge together: one at the edge and one at the stop, or at the bottom one on the leaf and a stop under it. */
export function goTogether(a: Seal, b: Seal, { edge }: Pick<EdgeGaps, 'edge'>): boolean {
  if (a.id === b.id || a.kind === 'corner' || b.kind === 'corner') return false
  if (edge.role === 'bottom') return (a.kind === 'bottom-stop') !== (b.kind === 'bottom-stop')
  return a.closes !== b.closes
}

/** `jointArea` is the joint's, m². */
function wayOf(read: EdgeGaps, jointArea: number, put: readonly SealOption[], stays: readonly Seal[]): EdgeWay {
  const seals = [...stays, ...put.map(one => one.seal)]
  const { role, length } = read.edge
  const weighs: Load = [
    put.reduce((sum, one) => sum + one.centsPerYear, 0),
    flowWithM3h(read, seals, SEASONAL_PRESSURE_PA),
    jointArea * 10 ** (-jointDb(seals) / 10),
    seals.reduce((sum, { forceNPerMetre }) => sum + pushOf({ role, length, forceNPerMetre }), 0),
  ]
  return { put, stays, at50: flowWithM3h(read, seals, 50), weighs, load: inSteps(weighs) }
}

/** What ways of all edges weigh together. */
export const together = (ways: readonly EdgeWay[]): Load =>
  [0, 1, 2, 3].map(i => ways.reduce((sum, one) => sum + one.weighs[i as 0], 0)) as unknown as Load

export type WaysGiven = {
  readonly read: EdgeGaps
  readonly options: readonly SealOption[]
  readonly stays: readonly Seal[]
  /** Chosen by hand, by their ids; `null` leaves it to the plan. */
  readonly byHand: readonly string[] | null
  /** Whether it may stay open though something closes it. */
  readonly mayStayOpen: boolean
  readonly site: SealSite
}

/** Every way an edge can be left or sealed: as it is, with one seal, with two that go together. What was chosen by hand is the only way, as
 *  far as it holds. */
export function waysOf({ read, options, stays, byHand, mayStayOpen, site }: WaysGiven): readonly EdgeWay[] {
  const area = jointM2(read)
  const way = (put: readonly SealOption[], staying: readonly Seal[]) => wayOf(read, area, put, staying)
  const may = options.filter(one => one.holds && isGranted(one, read.edge.id, site))
  const chosen = byHand?.flatMap(id => may.filter(one => one.seal.id === id)) ?? null
  if (chosen && chosen.length === byHand!.length) return [way(chosen, stays)]
  const own = may.filter(one => !one.isAsked)
  const open = way([], stays)
  if (stays.length > 1) return [open]
  const [there] = stays
  const added = there ? own.filter(one => goTogether(there, one.seal, read)) : own
  const single = added.map(one => way([one], stays))
  const double = there
    ? []
    : own.flatMap((one, i) =>
        own.slice(i + 1).flatMap(other => (goTogether(one.seal, other.seal, read) ? [way([one, other], [])] : [])),
      )
  const closing = [...single, ...double]
  return closing.length > 0 && !mayStayOpen && !there ? closing : [open, ...closing]
}

/** The cheapest way, of several the one that lets least through. */
export const cheapest = (ways: readonly EdgeWay[]): EdgeWay =>
  ways.reduce((best, one) =>
    one.weighs[0] < best.weighs[0] || (one.weighs[0] === best.weighs[0] && one.weighs[1] < best.weighs[1]) ? one : best,
  )
