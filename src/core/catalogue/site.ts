import type { Projection } from '../specification/handle-window'
import type { LeafFacts } from '../specification/match-leaf'
import type { TrimCovered } from '../specification/trim-outside'
import type { Length } from '../units/length'

/** The trim a storm door stands on, and what its handle meets. */
export type TrimRead = {
  readonly widths: readonly Length[]
  readonly heights: readonly Length[]
  readonly face: Length | null
  readonly proud: Length | null
  readonly isMoulded: boolean
  readonly entry: readonly Projection[]
  readonly space: Length | null
}

/** The lock an interior leaf has, and what it shall do. */
export type LockRead = {
  readonly backset: Length
  readonly thickness: Length
  readonly kind: string | null
  readonly function: string | null
}

/** What was found on site beside the opening itself; `null` is not read. */
export type SiteFacts = {
  readonly trim: TrimRead | null
  readonly leaf: LeafFacts | null
  /** The old metal leaf's gaps at head and floor. */
  readonly leafGaps: { readonly head: Length | null; readonly floor: Length | null }
  readonly lock: LockRead | null
  /** The thickest finished wall a steel frame goes round. */
  readonly wallStack: Length | null
  /** What the outside trim covered that comes off. */
  readonly trimCovered: TrimCovered
  readonly isWallFinished: boolean
  readonly siding: Length | null
  /** Of the old sill, from the inside finished face to its outer edge. */
  readonly sillDepth: Length | null
  /** Fixed lights beside the leaf, as read. */
  readonly sidelights: { readonly left: Length | null; readonly right: Length | null }
  readonly panels: 'OX' | 'XO' | null
  /** The minutes a label must show at least; 0 where none is asked. */
  readonly labelMinutes: number
}

export const NOTHING_FOUND: SiteFacts = {
  trim: null,
  leaf: null,
  leafGaps: { head: null, floor: null },
  lock: null,
  wallStack: null,
  trimCovered: { width: null, height: null },
  isWallFinished: false,
  siding: null,
  sillDepth: null,
  sidelights: { left: null, right: null },
  panels: null,
  labelMinutes: 0,
}
