import { type Planned, planBoard } from './plan-board'
import { boardFrom, type PlanGiven, placedFrom } from './plan-view'
import type { Wall } from './wall'

const A_DAY = 1440

/** Plans everything that no person fixed, from a day on. What stands on the day before, today, stays where it is; what should have been done before that and
 *  is not is planned anew. */
export function planAll({ given, from }: { readonly given: PlanGiven; readonly from: Wall }): Planned {
  const board = boardFrom(given)
  const open = new Set(board.tasks.map(one => one.id))
  const kept = placedFrom(given.placings, given.crews).filter(
    one => open.has(one.task) && (one.isFixed || (one.start >= from - A_DAY && one.start < from)),
  )
  return planBoard(board, kept, from)
}
