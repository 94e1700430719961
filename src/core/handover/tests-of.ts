import type { Limit, ReadUnit } from '../base/limit'

/** One test at hand-over, as trade data. */
export type HandoverTest = {
  readonly id: string
  /** Only for doors of this swing; `null` for every door. */
  readonly swing: 'in' | 'out' | null
  /** Only on a way that must be accessible, through a door without a label. */
  readonly onAccessibleWay?: boolean
  /** The day it joined the list, `YYYY-MM-DD`: a door of which all other tests were noted before stays as it was handed over. */
  readonly addedOn?: string
  /** What is read: nothing, a length, or a number in a unit of its own. */
  readonly unit: 'none' | Exclude<ReadUnit, 'celsius'>
  /** The figure what was read is held against: at most it, or at least. `null` where looking decides. */
  readonly limit: Limit | null
}

/** What handing over asks of a kind of door: the ids of its tests, in working order. */
export type TestsOf = readonly string[]
