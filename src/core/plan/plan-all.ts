import { type Placed, type Planned, planBoard } from './board'
import { boardFrom, type PlanGiven, placedFrom } from './plan-view'
import type { Wall } from './wall'

/** Plans everything that no person fixed, from a moment on. What has begun already stays where it is. */
export function planAll({ given, from }: { readonly given: PlanGiven; readonly from: Wall }): Planned {
  const board = boardFrom(given)
  const open = new Set(board.tasks.map(one => one.id))
  const kept = placedFrom(given.placings).filter(
    (one: Placed) => open.has(one.task) && (one.isFixed || one.start < from),
  )
  return planBoard(board, kept, from)
}
