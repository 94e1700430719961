import { done, type Outcome, refused } from '../outcome'

/** A task of a plan: how long it takes, with how many people, and after which others, each with a wait after it is finished. */
export type Task = {
  readonly id: string
  readonly hours: number
  /** Whole, at least 1. */
  readonly people: number
  readonly needs: readonly { readonly id: string; readonly waitHours: number }[]
}

export type Plan = {
  /** When the last task is finished, hours after the first may begin. */
  readonly finishHours: number
  readonly starts: Readonly<Record<string, number>>
  /** Whether nothing earlier is possible. */
  readonly optimal: boolean
  /** Nothing can be finished before. */
  readonly leastHours: number
}

/** What two sums of hours may be apart and still be the same moment. */
const SAME = 1e-9
/** So many ways on are looked at before the best that was found is taken. */
const MOST_LOOKED_AT = 200_000

/** The earliest finish of tasks that are not interrupted, with at most `crew` people at work at any moment: tasks are put into the plan one after
 *  another, each as early as it can be, in every order that gives another plan and may still be earlier than the best (serial schedule generation with
 *  branch and bound; the plans it makes hold one that is earliest: Kolisch and Hartmann 1999).
 *  Issue codes `plan.twice`, `plan.unknown`, `plan.circle`, `plan.people` for a task larger than the crew. */
export function earliestFinish(tasks: readonly Task[], crew: number): Outcome<Plan> {
  const wrong = wrongIn(tasks, crew)
  if (wrong) return wrong
  const after = tailsOf(tasks)
  if (!after) return refused('plan.circle', {}, 'tasks')
  return done(searched(tasks, crew, after))
}

function wrongIn(tasks: readonly Task[], crew: number): Outcome<never> | null {
  const ids = new Set<string>()
  for (const [i, { id, people }] of tasks.entries()) {
    if (ids.has(id)) return refused('plan.twice', { id }, `tasks[${i}].id`)
    ids.add(id)
    if (people > crew) return refused('plan.people', { id, people, crew }, `tasks[${i}].people`)
  }
  for (const [i, { needs }] of tasks.entries())
    for (const [j, { id }] of needs.entries())
      if (!ids.has(id)) return refused('plan.unknown', { id }, `tasks[${i}].needs[${j}].id`)
  return null
}

/** By task, the hours from its start to the end of whatever must come after it, waits included; `null` where tasks need each other in a circle. */
function tailsOf(tasks: readonly Task[]): ReadonlyMap<string, number> | null {
  const tails = new Map<string, number>()
  const followers = new Map<string, { readonly task: Task; readonly wait: number }[]>(tasks.map(one => [one.id, []]))
  for (const task of tasks)
    for (const { id, waitHours } of task.needs) followers.get(id)!.push({ task, wait: waitHours })
  const open = new Set<string>()
  const tail = (task: Task): number | null => {
    const known = tails.get(task.id)
    if (known !== undefined) return known
    if (open.has(task.id)) return null
    open.add(task.id)
    let longest = 0
    for (const { task: next, wait } of followers.get(task.id)!) {
      const of = tail(next)
      if (of === null) return null
      longest = Math.max(longest, wait + of)
    }
    open.delete(task.id)
    tails.set(task.id, task.hours + longest)
    return task.hours + longest
  }
  return tasks.every(one => tail(one) !== null) ? tails : null
}

type Placed = {
  readonly task: Task
  readonly start: number
  /** Both as text: what is planned so far is known by these. */
  readonly label: string
}

const placedAt = (task: Task, start: number): Placed => ({ task, start, label: `${task.id}@${start.toFixed(6)}` })

function searched(tasks: readonly Task[], crew: number, tails: ReadonlyMap<string, number>): Plan {
  const leastHours = Math.max(0, ...tails.values(), tasks.reduce((sum, one) => sum + one.hours * one.people, 0) / crew)
  let best: { readonly finish: number; readonly placed: readonly Placed[] } | null = null
  const seen = new Set<string>()
  let looked = 0
  const isOver = () => looked > MOST_LOOKED_AT || (best !== null && best.finish <= leastHours + SAME)
  const search = (placed: readonly Placed[], finish: number): void => {
    if (placed.length === tasks.length) {
      if (!best || finish < best.finish - SAME) best = { finish, placed }
      return
    }
    const starts = new Map(placed.map(one => [one.task.id, one]))
    const ready = tasks
      .filter(one => !starts.has(one.id) && one.needs.every(need => starts.has(need.id)))
      .map(task => placedAt(task, earliestStart(task, starts, placed, crew)))
      // The longest way to the end first: the first plan is a good one.
      .sort((a, b) => b.start + tails.get(b.task.id)! - (a.start + tails.get(a.task.id)!) || a.start - b.start)
    // Whatever comes next, each of these is still to be done, no sooner than now.
    if (best && ready.some(one => one.start + tails.get(one.task.id)! >= best!.finish - SAME)) return
    for (const next of ready) {
      if (isOver()) return
      looked++
      const all = [...placed, next]
      const key = keyOf(all)
      if (seen.has(key)) continue
      seen.add(key)
      search(all, Math.max(finish, next.start + next.task.hours))
    }
  }
  search([], 0)
  const { finish, placed } = best!
  return {
    finishHours: finish,
    starts: Object.fromEntries(placed.map(one => [one.task.id, one.start])),
    optimal: looked <= MOST_LOOKED_AT || finish <= leastHours + SAME,
    leastHours,
  }
}

/** What is planned so far, in whatever order it was. */
const keyOf = (placed: readonly Placed[]): string =>
  placed
    .map(one => one.label)
    .sort()
    .join(' ')

/** The first moment at which what a task needs is over and enough people are free until it is done. */
function earliestStart(
  task: Task,
  starts: ReadonlyMap<string, Placed>,
  placed: readonly Placed[],
  crew: number,
): number {
  const from = task.needs.reduce((latest, { id, waitHours }) => {
    const { task: needed, start } = starts.get(id)!
    return Math.max(latest, start + needed.hours + waitHours)
  }, 0)
  const moments = [from, ...placed.map(one => one.start + one.task.hours).filter(at => at > from)].sort((a, b) => a - b)
  return moments.find(at => hasPeople(task, at, placed, crew))!
}

/** Whether enough people are free for a task from a moment on: it could only become worse where another begins meanwhile. */
function hasPeople({ people, hours }: Task, at: number, placed: readonly Placed[], crew: number): boolean {
  const busyAt = (moment: number) =>
    placed.reduce(
      (sum, one) =>
        one.start <= moment + SAME && moment < one.start + one.task.hours - SAME ? sum + one.task.people : sum,
      0,
    )
  const moments = [at, ...placed.map(one => one.start).filter(start => start > at && start < at + hours - SAME)]
  return moments.every(moment => busyAt(moment) + people <= crew)
}
