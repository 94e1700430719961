import { readValue, type Survey } from '../survey/survey'
import { type Length, nearestTick } from '../units/length'
import type { Edge } from './edge'

/** The gaps along one edge, in order: what was read, and between or beside it what follows from the places that were read. */
export type EdgeGaps = {
  readonly edge: Edge
  readonly gaps: readonly Length[]
  /** Whether every place of it was read. */
  readonly isWhole: boolean
}

/** The gaps of an edge at all its places; `null` until one was read. A place that was not read lies between its neighbours, or is as
 *  wide as the nearest that was. */
export function gapsAlong(edge: Edge, survey: Survey): EdgeGaps | null {
  const read = edge.slots.map(slot => readValue(survey, slot))
  if (read.every(one => one === null)) return null
  return { edge, gaps: read.map((one, i) => one ?? between(read, i)), isWhole: !read.includes(null) }
}

function between(read: readonly (Length | null)[], i: number): Length {
  const before = read.slice(0, i).findLastIndex(one => one !== null)
  const after = read.findIndex((one, k) => k > i && one !== null)
  if (before < 0) return read[after]!
  if (after < 0) return read[before]!
  const [from, to] = [read[before]!, read[after]!]
  return nearestTick(from + ((to - from) * (i - before)) / (after - before))
}

/** Shut tight all along: there is nothing to seal. */
export const isTight = ({ gaps }: EdgeGaps): boolean => gaps.every(gap => gap === 0)
