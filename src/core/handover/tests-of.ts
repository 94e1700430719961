import type { CureCode } from '../base/cures'
import type { Limit, ReadUnit } from '../base/limit'

/** At how many places a test is made: the margins round each leaf, how far it is opened, the heights its strip touches at, the screws of a
 *  threshold's cap, the sides air is looked for at. */
export const TEST_POINTS = ['margins', 'angles', 'contacts', 'cap-screws', 'sides'] as const
export type TestPoints = (typeof TEST_POINTS)[number]

/** Where a test is asked at all: on a way that must be accessible, through a door without a label; of a door with a label; with a closer. */
export type TestWhere = 'accessible' | 'label' | 'closer'

/** One test at hand-over, as trade data. */
export type HandoverTest = {
  readonly id: string
  /** Only for doors of this swing; `null` for every door. */
  readonly swing: 'in' | 'out' | null
  readonly where?: TestWhere
  /** The day it joined the list, `YYYY-MM-DD`: a door of which all other tests were noted before stays as it was handed over. */
  readonly addedOn?: string
  /** The places it is made at, each noted by itself; one place where none are named. */
  readonly points?: TestPoints
  /** What is read: nothing, a length, or a number in a unit of its own. */
  readonly unit: 'none' | Exclude<ReadUnit, 'celsius'>
  /** The figure what was read is held against: at most it, or at least. `null` where looking decides. */
  readonly limit: Limit | null
  /** Where a failure leads, before it is tested again. */
  readonly cures: readonly CureCode[]
}

/** What handing over asks of a kind of door: the ids of its tests, in working order. */
export type TestsOf = readonly string[]
