import type { Crew } from '../catalogue/crew'
import { isAtWork, worksOn } from './at-work'
import type { Board, BoardTask, BreakCode, Placed } from './board'
import { dayOf, minuteOf, nextDay, type Wall } from './wall'

/** A task with whom and when. */
export type Spot = { readonly task: BoardTask; readonly crew: Crew; readonly start: Wall }
export type Busy = ReadonlyMap<string, readonly Placed[]>

const MORNING = 7 * 60

/** When what a task needs is over, waits included; `null` while something it needs is not placed. A wait until morning ends when the crew that goes on begins
 *  its next working day, but is never less than its minutes. */
export function readyAt(task: BoardTask, crew: Crew, ends: ReadonlyMap<string, Wall>): Wall | null {
  let ready = Math.max(task.notBefore ?? Number.NEGATIVE_INFINITY, task.arrives ?? Number.NEGATIVE_INFINITY)
  for (const { id, waitMinutes, untilMorning } of task.needs) {
    const end = ends.get(id)
    if (end === undefined) return null
    ready = Math.max(ready, untilMorning ? morningAfter(end, crew, end + waitMinutes) : end + waitMinutes)
  }
  return ready
}

function morningAfter(end: Wall, crew: Crew, least: Wall): Wall {
  let day = nextDay(end)
  for (let i = 0; i < 60 && !worksOn(crew, day); i++) day = nextDay(day)
  return Math.max(least, day + Math.min(crew.from, MORNING))
}

/** The latest moment of a day at which a hole may be opened. */
export function latestOpening({ opens }: BoardTask, crew: Crew, day: string, factor: number): number | null {
  if (!opens) return null
  const dark = opens.darkAt(day)
  return Math.min(dark ?? crew.to, crew.to) - factor * opens.minutes
}

export const endOf = ({ task, start }: Spot): Wall => start + task.minutes
export const overlaps = (a: Wall, aEnd: Wall, b: Wall, bEnd: Wall): boolean => a < bEnd && b < aEnd

/** What of a spot can't be: apart from what it needs and from who is busy. */
export function wrongWith({ task, crew, start }: Spot, factor: number): BreakCode | null {
  if (task.people > crew.people) return 'people'
  if (task.skills.some(one => !crew.skills.includes(one))) return 'skill'
  if (!worksOn(crew, start)) return 'day-off'
  if (!isAtWork(crew, start, task.minutes)) return 'hours'
  if (isTooLoud({ task, crew, start })) return 'loud'
  return isTooLate({ task, crew, start }, factor) ? 'dark' : null
}

const isTooLoud = ({ task: { loud, minutes }, start }: Spot): boolean =>
  !!loud && (minuteOf(start) < loud.from || minuteOf(start) + minutes > loud.to)

export const isTooLate = ({ task, crew, start }: Spot, factor: number): boolean => {
  const latest = latestOpening(task, crew, dayOf(start), factor)
  return latest !== null && minuteOf(start) > latest
}

/** So many days are looked at before a task is said to have no place. */
const MOST_DAYS = 90

/** The first moment from which a crew can do a task beside what is `taken` of its time, in order; `null` where there is none in sight. */
export function firstSpot(
  task: BoardTask,
  crew: Crew,
  from: Wall,
  taken: readonly Placed[],
  minutesOf: ReadonlyMap<string, number>,
  factor: number,
): Wall | null {
  if (task.people > crew.people || task.skills.some(one => !crew.skills.includes(one))) return null
  const begins = Math.max(crew.from, task.loud?.from ?? 0)
  if (task.minutes > Math.min(crew.to, task.loud?.to ?? crew.to) - begins) return null
  let at = from
  // What is taken stands in its order: what is over before is not looked at again.
  let next = 0
  for (let days = 0; days < MOST_DAYS; ) {
    if (minuteOf(at) < begins) at += begins - minuteOf(at)
    while (next < taken.length && taken[next]!.start + minutesOf.get(taken[next]!.task)! <= at) next++
    const inWay = taken[next]
    if (inWay && inWay.start < at + task.minutes) at = inWay.start + minutesOf.get(inWay.task)!
    else if (wrongWith({ task, crew, start: at }, factor) === null) return at
    else {
      at = nextDay(at)
      days++
    }
  }
  return null
}

export const busyOf = (placed: readonly Placed[]): Busy => {
  const busy = new Map<string, Placed[]>()
  for (const one of placed)
    busy.set(
      one.crew,
      [...(busy.get(one.crew) ?? []), one].sort((a, b) => a.start - b.start),
    )
  return busy
}

type Known = {
  readonly ends: ReadonlyMap<string, Wall>
  readonly minutesOf: ReadonlyMap<string, number>
  readonly closedFactor: number
}

export function bestSpot(
  task: BoardTask,
  crews: readonly Crew[],
  from: Wall,
  busy: Busy,
  { ends, minutesOf, closedFactor }: Known,
): Spot | null {
  let best: Spot | null = null
  for (const crew of crews) {
    const ready = readyAt(task, crew, ends)
    if (ready === null) continue
    const start = firstSpot(task, crew, Math.max(from, ready), busy.get(crew.id) ?? [], minutesOf, closedFactor)
    if (start !== null && (!best || start < best.start)) best = { task, crew, start }
  }
  return best
}

export const endsOf = (tasks: readonly BoardTask[], placed: readonly Placed[]): ReadonlyMap<string, Wall> => {
  const minutes = new Map(tasks.map(one => [one.id, one.minutes]))
  return new Map(
    placed.flatMap(one => (minutes.has(one.task) ? [[one.task, one.start + minutes.get(one.task)!] as const] : [])),
  )
}

/** The first moment from `from` on at which a crew could do a task and break nothing, nothing else moved; `null` where there is none in sight, or
 *  what it needs is on no plan. */
export function earliestBy(
  board: Board,
  placed: readonly Placed[],
  task: BoardTask,
  crew: Crew,
  from: Wall,
): Wall | null {
  const { tasks, closedFactor } = board
  if (task.blocked) return null
  const others = placed.filter(one => one.task !== task.id)
  const ready = readyAt(task, crew, endsOf(tasks, others))
  if (ready === null) return null
  const minutesOf = new Map(tasks.map(one => [one.id, one.minutes]))
  const taken = others.filter(one => one.crew === crew.id && minutesOf.has(one.task)).sort((a, b) => a.start - b.start)
  return firstSpot(task, crew, Math.max(from, ready), taken, minutesOf, closedFactor)
}

/** The same by whichever crew is first. */
export function earliestSpot(
  board: Board,
  placed: readonly Placed[],
  task: BoardTask,
  from: Wall,
): { readonly crew: string; readonly start: Wall } | null {
  let best: { crew: string; start: Wall } | null = null
  for (const crew of board.crews) {
    const start = earliestBy(board, placed, task, crew, from)
    if (start !== null && (!best || start < best.start)) best = { crew: crew.id, start }
  }
  return best
}

/** When on a day a crew takes up a task that is put there: as soon as nothing is broken; where that can't be on this day, after what stands there. */
export function spotOn(board: Board, placed: readonly Placed[], task: BoardTask, crew: Crew, day: Wall): Wall {
  const first = earliestBy(board, placed, task, crew, day)
  if (first !== null && first < nextDay(day)) return first
  const ends = endsOf(
    board.tasks,
    placed.filter(one => one.crew === crew.id && one.task !== task.id),
  )
  const onDay = [...ends.values()].filter(end => end >= day && end < nextDay(day))
  return Math.min(Math.max(day + crew.from, ...onDay), nextDay(day) - 15)
}
