import type { Reading } from '../survey/reading'
import type { Slot } from '../survey/slots'
import type { Survey } from '../survey/survey'
import { type Length, largestOf, minus, nearestTick, plus, smallestOf, ZERO } from '../units/length'
import type { Edge } from './edge'

/** A gap as it was read or follows from its neighbours: from `least` to `most` where a class was read, else both the same. */
export type Gap = { readonly value: Length; readonly least: Length; readonly most: Length }

/** Gaps at all places of an edge, in order. */
export type GapRow = {
  readonly gaps: readonly Gap[]
  /** Whether every place was read. */
  readonly isWhole: boolean
}

/** What is known of one edge: its gap in the plane of the door, and between face and stop; `null` where none of either was read. At least
 *  one of the two is there. */
export type EdgeGaps = {
  readonly edge: Edge
  readonly gap: GapRow | null
  readonly stop: GapRow | null
  /** What its gaps are taken from where they were not read as they stand: what is wanted of a new leaf, or what moves that were noted since
   *  make of what was read. */
  readonly expected: 'wanted' | 'moved' | null
}

/** A gap that was read as a class stands for all the class can be. */
function gapOf({ value, deviation, instrument }: Reading): Gap {
  const by = instrument === 'class' && deviation !== null ? deviation : ZERO
  return { value, least: minus(value, by) < 0 ? ZERO : minus(value, by), most: plus(value, by) }
}

/** The gaps at some slots; `null` until one was read. A place that was not read lies between its neighbours, or is as wide as the nearest
 *  that was. */
export function rowOf(slots: readonly Slot[], { bySlot }: Survey): GapRow | null {
  const read = slots.map(slot => {
    const reading = bySlot.get(slot)
    return reading ? gapOf(reading) : null
  })
  if (read.every(one => one === null)) return null
  return { gaps: read.map((one, i) => one ?? between(read, i)), isWhole: !read.includes(null) }
}

const NONE: ReadonlySet<string> = new Set()

/** What is known of an edge; `null` until a gap of it was read. `moved` are the places whose gap follows from moves since it was read. */
export function gapsAlong(edge: Edge, survey: Survey, moved: ReadonlySet<string> = NONE): EdgeGaps | null {
  const [gap, stop] = [rowOf(edge.slots, survey), rowOf(edge.stops, survey)]
  const expected = edge.slots.some(slot => moved.has(slot)) ? 'moved' : null
  return gap || stop ? { edge, gap, stop, expected } : null
}

/** An edge of a leaf that hangs not yet, its gap as wide as it is wanted. */
export const expectedGaps = (edge: Edge, wanted: Length): EdgeGaps => ({
  edge,
  gap: { gaps: edge.slots.map(() => ({ value: wanted, least: wanted, most: wanted })), isWhole: true },
  stop: null,
  expected: 'wanted',
})

function between(read: readonly (Gap | null)[], i: number): Gap {
  const before = read.slice(0, i).findLastIndex(one => one !== null)
  const after = read.findIndex((one, k) => k > i && one !== null)
  if (before < 0) return read[after]!
  if (after < 0) return read[before]!
  const at = (of: (gap: Gap) => Length): Length => {
    const [from, to] = [of(read[before]!), of(read[after]!)]
    return nearestTick(from + ((to - from) * (i - before)) / (after - before))
  }
  return { value: at(one => one.value), least: at(one => one.least), most: at(one => one.most) }
}

/** The row a seal that closes `at` closes: its own, else the other one in its stead. */
export const rowFor = ({ gap, stop }: EdgeGaps, at: 'edge' | 'stop'): GapRow =>
  at === 'stop' ? (stop ?? gap)! : (gap ?? stop)!

export const valuesOf = ({ gaps }: GapRow): readonly Length[] => gaps.map(one => one.value)
export const leastOf = ({ gaps }: GapRow): Length => smallestOf(gaps.map(one => one.least))
export const mostOf = ({ gaps }: GapRow): Length => largestOf(gaps.map(one => one.most))
export const meanOf = ({ gaps }: GapRow): Length =>
  nearestTick(gaps.reduce((sum, one) => sum + one.value, 0) / gaps.length)

/** Shut tight all along at its edge or at its stop: there is nothing to seal. */
export const isTight = ({ gap, stop }: EdgeGaps): boolean =>
  [gap, stop].some(row => row?.gaps.every(one => one.most === 0) ?? false)
