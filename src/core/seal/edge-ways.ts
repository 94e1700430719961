import { SEASONAL_PRESSURE_PA } from '../physics/leakage'
import { type Length, metresOf } from '../units/length'
import { flowWithM3h } from './draft'
import type { Load } from './front'
import { isGranted, type SealOption, type SealSite } from './judge-seal'
import { pushOf } from './latch-force'
import { type EdgeGaps, meanOf } from './read-edges'
import type { Seal } from './seal'

/** One way to leave or seal an edge: the seals that are put on, those that are there and stay, and what it weighs. */
export type EdgeWay = {
  readonly put: readonly SealOption[]
  readonly stays: readonly Seal[]
  readonly load: Load
}

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

function wayOf(read: EdgeGaps, put: readonly SealOption[], stays: readonly Seal[]): EdgeWay {
  const seals = [...stays, ...put.map(one => one.seal)]
  const { role, length } = read.edge
  return {
    put,
    stays,
    load: [
      put.reduce((sum, one) => sum + one.centsPerYear, 0),
      flowWithM3h(read, seals, SEASONAL_PRESSURE_PA),
      jointM2(read) * 10 ** (-jointDb(seals) / 10),
      seals.reduce((sum, { forceNPerMetre }) => sum + pushOf({ role, length, forceNPerMetre }), 0),
    ],
  }
}

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
  const may = options.filter(one => one.holds && isGranted(one, read.edge.id, site))
  const chosen = byHand?.flatMap(id => may.filter(one => one.seal.id === id)) ?? null
  if (chosen && chosen.length === byHand!.length) return [wayOf(read, chosen, stays)]
  const own = may.filter(one => !one.isAsked)
  const open = wayOf(read, [], stays)
  if (stays.length > 1) return [open]
  const [there] = stays
  const added = there ? own.filter(one => goTogether(there, one.seal, read)) : own
  const single = added.map(one => wayOf(read, [one], stays))
  const double = there
    ? []
    : own.flatMap((one, i) =>
        own
          .slice(i + 1)
          .flatMap(other => (goTogether(one.seal, other.seal, read) ? [wayOf(read, [one, other], [])] : [])),
      )
  const closing = [...single, ...double]
  return closing.length > 0 && !mayStayOpen && !there ? closing : [open, ...closing]
}

/** The cheapest way, of several the one that lets least through. */
export const cheapest = (ways: readonly EdgeWay[]): EdgeWay =>
  ways.reduce((best, one) =>
    one.load[0] < best.load[0] || (one.load[0] === best.load[0] && one.load[1] < best.load[1]) ? one : best,
  )

/** How much of a length a class of gap is off. */
export const spreadOf = ({ least, most }: { readonly least: Length; readonly most: Length }): number => most - least
