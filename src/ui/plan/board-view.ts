import type { Board, BoardTask, Break, Placed } from '@/core/plan/board'
import { breaksIn } from '@/core/plan/breaks'
import {
  boardFrom,
  type Light,
  lightAt,
  type PlanGiven,
  type PlanJob,
  type PlanOpening,
  placedFrom,
} from '@/core/plan/plan-view'
import { dayOf, type Wall } from '@/core/plan/wall'
import type { WorkTask } from '@/core/plan/work-tasks'
import { taskName } from '@/words/plan'

/** A task as the board shows it. */
export type Shown = {
  readonly id: string
  readonly task: BoardTask
  readonly work: WorkTask
  readonly opening: PlanOpening
  readonly job: PlanJob
  /** `A1 Fit and seal`. */
  readonly name: string
  readonly at: Placed | null
  readonly breaks: readonly Break[]
}

export type BoardView = {
  readonly board: Board
  readonly placed: readonly Placed[]
  readonly shown: ReadonlyMap<string, Shown>
  readonly onDay: (crew: string, day: string) => readonly Shown[]
  readonly unplaced: readonly Shown[]
  readonly nameOf: (task: string) => string
}

/** The board with everything on it, and what each thing breaks. */
export function boardView(given: PlanGiven): BoardView {
  const board = boardFrom(given)
  const all = placedFrom(given.placings, given.crews)
  const known = new Set(board.tasks.map(one => one.id))
  const placed = all.filter(one => known.has(one.task))
  const found = breaksIn(board, placed)
  const jobOf = new Map(given.jobs.map(one => [one.id, one]))
  const byId = new Map(board.tasks.map(one => [one.id, one]))
  const shown = new Map<string, Shown>()
  for (const opening of given.openings)
    for (const work of opening.tasks) {
      const id = `${opening.id}/${work.part}`
      const [task, job] = [byId.get(id), jobOf.get(opening.jobId)]
      if (!task || !job) continue
      shown.set(id, {
        id,
        task,
        work,
        opening,
        job,
        name: `${opening.tag} ${taskName(work.kind, work.part)}`,
        at: placed.find(one => one.task === id) ?? null,
        breaks: found.filter(one => one.task === id),
      })
    }
  const cells = new Map<string, Shown[]>()
  for (const one of shown.values())
    if (one.at) {
      const key = `${one.at.crew} ${dayOf(one.at.start)}`
      cells.set(
        key,
        [...(cells.get(key) ?? []), one].sort((a, b) => a.at!.start - b.at!.start),
      )
    }
  return {
    board,
    placed,
    shown,
    onDay: (crew, day) => cells.get(`${crew} ${day}`) ?? [],
    unplaced: [...shown.values()].filter(one => one.at === null),
    nameOf: task => shown.get(task)?.name ?? 'what is done already',
  }
}

/** The light at a job on the day a task stands. */
export const lightFor = ({ job }: Shown, at: Wall): Light => lightAt(job, dayOf(at))
