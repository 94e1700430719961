import { type Length, largestOf, magnitude, minus, nearestTick } from '../units/length'

/** What must agree between an old metal leaf and a new one. Hinges and bore are from the top of the leaf down. */
export type LeafFacts = {
  readonly width: Length
  readonly height: Length
  readonly thickness: Length
  readonly hinges: readonly Length[]
  readonly bore: Length
  readonly backset: Length
  readonly labelMinutes: number
  /** Height of a hinge, and whether the lock goes through one hole or two; not compared where either side is silent. */
  readonly hingeHeight?: Length | null
  readonly boreKind?: string | null
}
export const LEAF_MEMBERS = [
  'width',
  'height',
  'thickness',
  'hinges',
  'bore',
  'backset',
  'labelMinutes',
  'hingeHeight',
  'boreKind',
] as const
export type LeafMember = (typeof LEAF_MEMBERS)[number]

/** By how much each may differ. */
export type LeafTolerances = {
  readonly size: Length
  readonly exact: Length
  readonly shift: Length
  readonly pitch: Length
  readonly bore: Length
}

export type LeafMatch = {
  readonly matches: boolean
  readonly mismatches: readonly LeafMember[]
  /** How far all hinges sit lower than before, alike: the leaf can be hung so much higher. `null` when their number differs. */
  readonly shift: Length | null
  /** How far one hinge is off beside that: a metal frame's cut-outs can't be moved. */
  readonly pitchError: Length | null
}

/** Compares a candidate leaf with the one that is there. */
export function matchLeaf(existing: LeafFacts, candidate: LeafFacts, limits: LeafTolerances): LeafMatch {
  const { shift, pitchError } = hingeDifference(existing.hinges, candidate.hinges)
  const within = (member: 'width' | 'height' | 'thickness' | 'bore' | 'backset', limit: Length) =>
    magnitude(minus(candidate[member], existing[member])) <= limit
  const agrees: Readonly<Record<LeafMember, boolean>> = {
    width: within('width', limits.size),
    height: within('height', limits.size),
    thickness: within('thickness', limits.exact),
    hinges: shift !== null && pitchError !== null && magnitude(shift) <= limits.shift && pitchError <= limits.pitch,
    bore: within('bore', limits.bore),
    backset: within('backset', limits.exact),
    labelMinutes: candidate.labelMinutes >= existing.labelMinutes,
    hingeHeight: bothSay(
      existing.hingeHeight,
      candidate.hingeHeight,
      (there, here) => magnitude(minus(here, there)) <= limits.exact,
    ),
    boreKind: bothSay(existing.boreKind, candidate.boreKind, (there, here) => here === there),
  }
  const mismatches = LEAF_MEMBERS.filter(member => !agrees[member])
  return { matches: mismatches.length === 0, mismatches, shift, pitchError }
}

const bothSay = <T>(there: T | null | undefined, here: T | null | undefined, agree: (there: T, here: T) => boolean) =>
  there == null || here == null || agree(there, here)

function hingeDifference(
  existing: readonly Length[],
  candidate: readonly Length[],
): Pick<LeafMatch, 'shift' | 'pitchError'> {
  if (existing.length === 0 || existing.length !== candidate.length) return { shift: null, pitchError: null }
  const apart = candidate.map((one, i) => minus(one, existing[i]!))
  const shift = median(apart)
  return { shift, pitchError: largestOf(apart.map(one => magnitude(minus(one, shift)))) }
}

/** The middle value; of two middle ones their mean, to the nearest tick. */
function median(all: readonly Length[]): Length {
  const sorted = [...all].sort((a, b) => a - b)
  const half = Math.floor(sorted.length / 2)
  return sorted.length % 2 ? sorted[half]! : nearestTick((sorted[half - 1]! + sorted[half]!) / 2)
}
