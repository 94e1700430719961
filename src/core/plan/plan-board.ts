import type { Crew } from '../catalogue/crew'
import type { Board, BoardTask, BreakCode, Placed } from './board'
import { bestSpot, busyOf, endOf, endsOf } from './spots'
import type { Wall } from './wall'

export type Planned = {
  readonly placed: readonly Placed[]
  /** What found no place, and why. */
  readonly left: readonly { readonly task: string; readonly why: BreakCode }[]
  /** When the last task is over; `null` where nothing was placed. */
  readonly finish: Wall | null
  /** Nothing can be over before, at the best. */
  readonly least: Wall | null
  /** Whether every order of tasks and every crew was looked at, or the bound is met. */
  readonly optimal: boolean
}

/** As long as there are no more of them, every order of tasks by every choice of crews is looked at. */
const MOST_EXACT = 20_000
const waysOf = (tasks: number, crews: number): number => {
  let ways = crews ** tasks
  for (let n = 2; n <= tasks; n++) ways *= n
  return ways
}
const RESTARTS = 40

/** Puts every task that is not placed by a person as early as it can be, nothing before `from`: what somebody fixed stays where it is. In several
 *  orders, the longest way to the end first; for few tasks in all orders and by all crews. The earliest finish of the last task wins, then the
 *  earliest finish on the whole. Tasks that can't be done yet, or that no crew can do, are left. */
export function planBoard(board: Board, fixed: readonly Placed[], from: Wall): Planned {
  const { tasks, crews } = board
  const isFixed = new Set(fixed.map(one => one.task))
  const open = tasks.filter(one => !isFixed.has(one.id))
  const tails = tailsOf(tasks)
  const orders = ordersOf(open, tails)
  let best = attempt(board, fixed, from, orders[0]!, null)
  const least = leastFinish(board, fixed, from)
  for (const order of orders.slice(1)) best = better(best, attempt(board, fixed, from, order, null))
  const isLeft = new Set(best.left.map(one => one.task))
  const [placeable, rest] = [open.filter(one => !isLeft.has(one.id)), open.filter(one => isLeft.has(one.id))]
  const isExact = waysOf(placeable.length, crews.length) <= MOST_EXACT
  if (isExact)
    for (const order of permutations(placeable))
      for (const choice of choices(order.length, crews.length)) {
        const given = choice.map(i => crews[i]!)
        best = better(best, attempt(board, fixed, from, [...order, ...rest], given))
      }
  const finish = finishOf(board, best.placed)
  return {
    placed: best.placed,
    left: best.left,
    finish,
    least,
    optimal: isExact || (finish !== null && least !== null && finish <= least),
  }
}

type Attempt = {
  readonly placed: readonly Placed[]
  readonly left: readonly { readonly task: string; readonly why: BreakCode }[]
  readonly score: readonly [left: number, finish: number, sum: number]
}

const better = (a: Attempt, b: Attempt): Attempt => {
  for (let i = 0; i < 3; i++) if (a.score[i] !== b.score[i]) return a.score[i]! < b.score[i]! ? a : b
  return a
}

/** One plan: tasks in an order as far as what they need lets them, each as early as it can be, by the crew that is done with it first, or by the one that
 *  is given. */
function attempt(
  { tasks, crews, closedFactor }: Board,
  fixed: readonly Placed[],
  from: Wall,
  order: readonly BoardTask[],
  given: readonly Crew[] | null,
): Attempt {
  const byId = new Map(tasks.map(one => [one.id, one]))
  const minutesOf = new Map(tasks.map(one => [one.id, one.minutes]))
  const ends = new Map(
    fixed.flatMap(one => (byId.has(one.task) ? [[one.task, one.start + byId.get(one.task)!.minutes] as const] : [])),
  )
  const busy = new Map([...busyOf(fixed.filter(one => byId.has(one.task)))].map(([crew, all]) => [crew, [...all]]))
  const placed: Placed[] = [...fixed]
  const left: { task: string; why: BreakCode }[] = []
  let waiting = order.map((task, i) => ({ task, crew: given?.[i] ?? null }))
  for (let moved = true; moved && waiting.length > 0; ) {
    moved = false
    const later: typeof waiting = []
    for (const one of waiting) {
      const { task, crew: only } = one
      if (task.needs.some(need => byId.has(need.id) && !ends.has(need.id))) {
        later.push(one)
        continue
      }
      moved = true
      const spot = task.blocked
        ? null
        : bestSpot(task, only ? [only] : crews, from, busy, { ends, minutesOf, closedFactor })
      if (!spot) {
        left.push({ task: task.id, why: task.blocked ? 'blocked' : whyNot(task, crews) })
        continue
      }
      const next: Placed = { task: task.id, crew: spot.crew.id, start: spot.start, isFixed: false }
      placed.push(next)
      busy.set(
        spot.crew.id,
        [...(busy.get(spot.crew.id) ?? []), next].sort((a, b) => a.start - b.start),
      )
      ends.set(task.id, endOf(spot))
    }
    waiting = later
  }
  for (const { task } of waiting) left.push({ task: task.id, why: 'needs' })
  const own = placed.filter(one => byId.has(one.task)).map(one => one.start + minutesOf.get(one.task)!)
  return { placed, left, score: [left.length, Math.max(0, ...own), own.reduce((sum, one) => sum + one, 0)] }
}

/** Why no crew can do a task. */
function whyNot(task: BoardTask, crews: readonly Crew[]): BreakCode {
  if (crews.length === 0) return 'no-crew'
  const enough = crews.filter(one => one.people >= task.people)
  if (enough.length === 0) return 'people'
  const skilled = enough.filter(one => task.skills.every(skill => one.skills.includes(skill)))
  if (skilled.length === 0) return 'skill'
  const working = skilled.filter(one => one.days.length > 0)
  if (working.length === 0) return 'day-off'
  const long = working.filter(one => task.minutes <= one.to - one.from)
  if (long.length === 0) return 'hours'
  const { loud } = task
  if (loud && long.every(one => task.minutes > Math.min(one.to, loud.to) - Math.max(one.from, loud.from))) return 'loud'
  return task.opens ? 'dark' : 'hours'
}

/** By task, the minutes from its start to the end of what must come after it, waits included. A task that needs itself by others has the length of the way to
 *  where it comes round. */
function tailsOf(tasks: readonly BoardTask[]): ReadonlyMap<string, number> {
  const followers = new Map<string, { task: BoardTask; wait: number }[]>()
  for (const task of tasks)
    for (const { id, waitMinutes } of task.needs)
      followers.set(id, [...(followers.get(id) ?? []), { task, wait: waitMinutes }])
  const tails = new Map<string, number>()
  const tail = (task: BoardTask, above: ReadonlySet<string>): number => {
    const known = tails.get(task.id)
    if (known !== undefined) return known
    if (above.has(task.id)) return 0
    const further = new Set([...above, task.id])
    const longest = Math.max(0, ...(followers.get(task.id) ?? []).map(one => one.wait + tail(one.task, further)))
    tails.set(task.id, task.minutes + longest)
    return task.minutes + longest
  }
  for (const one of tasks) tail(one, new Set())
  return tails
}

/** Orders to try: as they stand (the plain serial order), by the longest way to the end, by the longest task, and mixtures, always the same ones. */
function ordersOf(open: readonly BoardTask[], tails: ReadonlyMap<string, number>): readonly (readonly BoardTask[])[] {
  const by = (figure: (one: BoardTask) => number) => [...open].sort((a, b) => figure(b) - figure(a))
  const tail = (one: BoardTask) => tails.get(one.id)!
  let seed = 20_261_127
  const random = () => {
    seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648
    return seed / 2_147_483_648
  }
  const mixed = Array.from({ length: RESTARTS }, () => {
    const weight = new Map(open.map(one => [one.id, tail(one) * (0.7 + 0.6 * random())]))
    return by(one => weight.get(one.id)!)
  })
  return [open, by(tail), by(one => one.minutes), by(one => tail(one) + (one.opens ? 1e6 : 0)), ...mixed]
}

/** Nothing can be over before: each task as early as it can be, as if no crew had anything else to do. */
function leastFinish(board: Board, fixed: readonly Placed[], from: Wall): Wall | null {
  const { tasks, crews, closedFactor } = board
  const ends = new Map(endsOf(tasks, fixed))
  const minutesOf = new Map(tasks.map(one => [one.id, one.minutes]))
  const known = new Set(tasks.map(one => one.id))
  let waiting = tasks.filter(one => !ends.has(one.id) && !one.blocked)
  for (let moved = true; moved && waiting.length > 0; ) {
    moved = false
    waiting = waiting.filter(task => {
      if (task.needs.some(need => known.has(need.id) && !ends.has(need.id))) return true
      const spot = bestSpot(task, crews, from, new Map(), { ends, minutesOf, closedFactor })
      if (spot) {
        ends.set(task.id, endOf(spot))
        moved = true
      }
      return false
    })
  }
  return ends.size ? Math.max(...ends.values()) : null
}

const finishOf = ({ tasks }: Board, placed: readonly Placed[]): Wall | null => {
  const minutes = new Map(tasks.map(one => [one.id, one.minutes]))
  const ends = placed.flatMap(one => (minutes.has(one.task) ? [one.start + minutes.get(one.task)!] : []))
  return ends.length ? Math.max(...ends) : null
}

function* permutations<T>(all: readonly T[]): Generator<readonly T[]> {
  if (all.length <= 1) return void (yield all)
  for (const [i, one] of all.entries())
    for (const rest of permutations(all.filter((_, j) => j !== i))) yield [one, ...rest]
}

/** Every way of giving one of `of` to each of `length` places. */
function* choices(length: number, of: number): Generator<readonly number[]> {
  const most = of ** length
  for (let n = 0; n < most; n++) yield Array.from({ length }, (_, i) => Math.floor(n / of ** i) % of)
}
