import type { SheetPart } from '../base/kinds'

/** How a member is written: a length may be signed nowhere on a sheet. */
export type Quantity = 'text' | 'length' | 'lengths' | 'count' | 'kg' | 'cents' | 'yes' | 'words'

export type Member = {
  readonly of: Quantity
  /** The words it can be, where they are few. */
  readonly choices?: readonly string[]
  /** What a maker's list and the order sheet call it. */
  readonly column: string
  readonly alsoCalled?: readonly string[]
  /** The parts of a sheet it belongs to. */
  readonly in: readonly SheetPart[]
  /** The parts whose sheet can't be silent on it. */
  readonly needed?: readonly SheetPart[]
  /** Whether it is ordered: sent to the maker, and compared with what the maker read. */
  readonly ordered: boolean
  /** A length of which nothing can be meant. */
  readonly mayBeZero?: boolean
  readonly most?: number
}
