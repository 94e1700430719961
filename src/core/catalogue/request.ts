import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import type { OpeningPoints } from '../opening/opening'
import type { Projection } from '../specification/handle-window'
import type { LeafFacts } from '../specification/match-leaf'
import type { Wishes } from '../specification/wishes'
import type { Length } from '../units/length'
import type { Rates } from './preparation'
import type { CatalogueUnit } from './unit'

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
  readonly isWallFinished: boolean
  readonly siding: Length | null
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
  isWallFinished: false,
  siding: null,
  panels: null,
  labelMinutes: 0,
}

/** The opening, what was found and what is wished, as the judge needs them. */
export type Request = {
  /** The hole to stand a frame in; `null` where the size is not known yet or only a leaf or a lock is replaced. */
  readonly points: OpeningPoints | null
  readonly wishes: Wishes
  /** The jamb wanted, `null` while no wall was read or the frame has none. */
  readonly wall: Length | null
  /** The highest finished floor above the sub-sill, `null` while it was not read. */
  readonly floor: Length | null
  readonly jambStandards: readonly Length[]
  readonly lengths: TradeLengths
  readonly rates: Rates
  readonly schools: Schools
  /** A door between garage and house shows so many minutes, unless it is of steel. */
  readonly garageMinutes: number
  readonly site: SiteFacts
}

/** By what a unit is judged: the hole it stands in, the trim it stands on, the leaf it replaces, or the leaf a lock goes into. */
export type JudgedBy = 'hole' | 'trim' | 'leaf' | 'lock'

export const judgedBy = (unit: CatalogueUnit): JudgedBy =>
  unit.lock ? 'lock' : unit.storm ? 'trim' : unit.leaf && unit.family === 'steel-leaf' ? 'leaf' : 'hole'
