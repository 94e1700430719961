import type { ListedMember } from '../base/column'
import type { SheetPart } from '../base/kinds'

export type Member = ListedMember & {
  /** What a maker's list and the order sheet call it. */
  readonly column: string
  readonly alsoCalled?: readonly string[]
  /** The parts of a sheet it belongs to. */
  readonly in: readonly SheetPart[]
  /** The parts whose sheet can't be silent on it. */
  readonly needed?: readonly SheetPart[]
  /** Whether it is ordered: sent to the maker, and compared with what the maker read. */
  readonly ordered: boolean
}
