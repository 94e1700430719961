import type { Crew, Skill } from '../catalogue/crew'
import { isAtWork, worksOn } from './at-work'
import { dayOf, minuteOf, nextDay, type Wall } from './wall'
import type { TaskWait } from './work-tasks'

/** A piece of work on one opening that is done in one go. */
export type BoardTask = {
  readonly id: string
  /** Elapsed, with its crew. */
  readonly minutes: number
  readonly people: number
  readonly skills: readonly Skill[]
  /** Tasks that must be over before, each with how long is waited after it, and whether until work begins on the next working day. */
  readonly needs: readonly { readonly id: string; readonly waitMinutes: number; readonly untilMorning: boolean }[]
  readonly notBefore: Wall | null
  /** Where it opens a hole: how long until a door in it locks again, and when at the latest it must on a day, minutes after midnight; `null`
   *  where only the crew's end counts. */
  readonly opens: { readonly minutes: number; readonly darkAt: (day: string) => number | null } | null
  /** Why it can't be done at all yet. */
  readonly blocked: TaskWait | null
}

export type Placed = { readonly task: string; readonly crew: string; readonly start: Wall; readonly isFixed: boolean }

export const BREAKS = [
  'blocked',
  'needs',
  'wait',
  'too-early',
  'day-off',
  'hours',
  'busy',
  'people',
  'skill',
  'dark',
  'no-crew',
] as const
export type BreakCode = (typeof BREAKS)[number]
/** What a placing breaks: `with` is the task it is against, or the moment from which it would not. */
export type Break = {
  readonly task: string
  readonly code: BreakCode
  readonly other: string | null
  readonly from: Wall | null
}

export type Board = {
  readonly tasks: readonly BoardTask[]
  readonly crews: readonly Crew[]
  /** By how much more than the work should take is reckoned with before a wall stands open. */
  readonly closedFactor: number
}

type Spot = { readonly task: BoardTask; readonly crew: Crew; readonly start: Wall }
type Busy = ReadonlyMap<string, readonly Placed[]>

const MORNING = 7 * 60

/** When what a task needs is over, waits included; `null` while something it needs is not placed. A wait until morning ends when the crew that goes on begins
 *  its next working day, but is never less than its minutes. */
function readyAt(task: BoardTask, crew: Crew, ends: ReadonlyMap<string, Wall>): Wall | null {
  let ready = task.notBefore ?? Number.NEGATIVE_INFINITY
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

const endOf = ({ task, start }: Spot): Wall => start + task.minutes
const overlaps = (a: Wall, aEnd: Wall, b: Wall, bEnd: Wall): boolean => a < bEnd && b < aEnd

/** What of a spot can't be: apart from what it needs and from who is busy. */
function wrongWith({ task, crew, start }: Spot, factor: number): BreakCode | null {
  if (task.people > crew.people) return 'people'
  if (task.skills.some(one => !crew.skills.includes(one))) return 'skill'
  if (!worksOn(crew, start)) return 'day-off'
  if (!isAtWork(crew, start, task.minutes)) return 'hours'
  return isTooLate({ task, crew, start }, factor) ? 'dark' : null
}

const isTooLate = ({ task, crew, start }: Spot, factor: number): boolean => {
  const latest = latestOpening(task, crew, dayOf(start), factor)
  return latest !== null && minuteOf(start) > latest
}

/** So many days are looked at before a task is said to have no place. */
const MOST_DAYS = 90

/** The first moment from which a crew can do a task beside what is `taken` of its time, in order; `null` where there is none in sight. */
function firstSpot(
  task: BoardTask,
  crew: Crew,
  from: Wall,
  taken: readonly Placed[],
  minutesOf: ReadonlyMap<string, number>,
  factor: number,
): Wall | null {
  if (task.people > crew.people || task.skills.some(one => !crew.skills.includes(one))) return null
  if (task.minutes > crew.to - crew.from) return null
  let at = from
  // What is taken stands in its order: what is over before is not looked at again.
  let next = 0
  for (let days = 0; days < MOST_DAYS; ) {
    if (minuteOf(at) < crew.from) at += crew.from - minuteOf(at)
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

const busyOf = (placed: readonly Placed[]): Busy => {
  const busy = new Map<string, Placed[]>()
  for (const one of placed)
    busy.set(
      one.crew,
      [...(busy.get(one.crew) ?? []), one].sort((a, b) => a.start - b.start),
    )
  return busy
}

/** What each placing breaks, with the first moment at which the same crew could do it without. */
export function breaksIn({ tasks, crews, closedFactor }: Board, placed: readonly Placed[]): readonly Break[] {
  const byId = new Map(tasks.map(one => [one.id, one]))
  const crewOf = new Map(crews.map(one => [one.id, one]))
  const minutesOf = new Map(tasks.map(one => [one.id, one.minutes]))
  const ends = new Map(
    placed.flatMap(one => (byId.has(one.task) ? [[one.task, one.start + byId.get(one.task)!.minutes] as const] : [])),
  )
  const known = placed.filter(one => byId.has(one.task))
  return known.flatMap((one): readonly Break[] => {
    const [task, crew] = [byId.get(one.task)!, crewOf.get(one.crew)]
    const breaks: { code: BreakCode; other: string | null }[] = []
    if (task.blocked) breaks.push({ code: 'blocked', other: task.blocked })
    if (!crew) return [{ task: task.id, code: 'no-crew', other: null, from: null }]
    for (const need of task.needs) {
      const end = ends.get(need.id)
      if (end === undefined || end > one.start) breaks.push({ code: 'needs', other: need.id })
      else if ((readyAt({ ...task, notBefore: null, needs: [need] }, crew, ends) ?? 0) > one.start)
        breaks.push({ code: 'wait', other: need.id })
    }
    if (task.notBefore !== null && one.start < task.notBefore) breaks.push({ code: 'too-early', other: null })
    const wrong = wrongWith({ task, crew, start: one.start }, closedFactor)
    if (wrong) breaks.push({ code: wrong, other: null })
    // Both are said: that it lasts too long, and that the hole stays open.
    if (wrong === 'hours' && isTooLate({ task, crew, start: one.start }, closedFactor))
      breaks.push({ code: 'dark', other: null })
    const others = known.filter(it => it.crew === one.crew && it.task !== one.task).sort((a, b) => a.start - b.start)
    const inWay = others.find(it =>
      overlaps(one.start, one.start + task.minutes, it.start, it.start + minutesOf.get(it.task)!),
    )
    if (inWay) breaks.push({ code: 'busy', other: inWay.task })
    if (breaks.length === 0) return []
    const ready = readyAt(task, crew, ends)
    const from =
      ready === null
        ? null
        : firstSpot(task, crew, Math.max(ready, floorDay(one.start)), others, minutesOf, closedFactor)
    return breaks.map(it => ({ task: task.id, ...it, from }))
  })
}
const floorDay = (at: Wall): Wall => at - minuteOf(at)

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

type Known = {
  readonly ends: ReadonlyMap<string, Wall>
  readonly minutesOf: ReadonlyMap<string, number>
  readonly closedFactor: number
}

function bestSpot(
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

const endsOf = (tasks: readonly BoardTask[], placed: readonly Placed[]): ReadonlyMap<string, Wall> => {
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
