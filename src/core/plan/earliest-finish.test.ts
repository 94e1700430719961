import { randomFrom, wholeFrom } from '../test/fixtures'
import { earliestFinish, type Plan, type Task } from './earliest-finish'

const task = (
  id: string,
  hours: number,
  people = 1,
  ...needs: readonly (string | readonly [string, number])[]
): Task => ({
  id,
  hours,
  people,
  needs: needs.map(one => (typeof one === 'string' ? { id: one, waitHours: 0 } : { id: one[0], waitHours: one[1] })),
})
const plan = (tasks: readonly Task[], crew: number): Plan => {
  const made = earliestFinish(tasks, crew)
  if (!made.ok) throw new Error(made.issues[0]!.code)
  return made.value
}

/** What a plan breaks; empty where it holds. */
function broken(tasks: readonly Task[], crew: number, { starts, finishHours }: Plan): readonly string[] {
  const end = (one: Task) => starts[one.id]! + one.hours
  const early = tasks.flatMap(one =>
    one.needs
      .filter(need => starts[one.id]! < end(tasks.find(other => other.id === need.id)!) + need.waitHours - 1e-9)
      .map(need => `${one.id} before ${need.id}`),
  )
  const crowded = tasks.filter(
    ({ id }) =>
      tasks
        .filter(other => starts[other.id]! <= starts[id]! && starts[id]! < end(other) - 1e-9)
        .reduce((sum, other) => sum + other.people, 0) > crew,
  )
  const late = Math.abs(Math.max(0, ...tasks.map(end)) - finishHours) > 1e-9 ? ['finish'] : []
  return [...early, ...crowded.map(one => `crowd at ${one.id}`), ...late]
}

/** The earliest finish by trying every start on a raster of quarter hours, one task after another. */
function plainly(tasks: readonly Task[], crew: number, most: number): number {
  const busy = new Array<number>(most * 4 + 1).fill(0)
  const starts = new Map<string, number>()
  let best = most * 4
  const place = (left: readonly Task[], finish: number): void => {
    if (finish >= best) return
    const next = left.find(one => one.needs.every(need => starts.has(need.id)))
    if (!next) {
      best = finish
      return
    }
    const length = next.hours * 4
    const from = Math.max(
      0,
      ...next.needs.map(
        need => starts.get(need.id)! + tasks.find(one => one.id === need.id)!.hours * 4 + need.waitHours * 4,
      ),
    )
    for (let at = from; at + length < best; at++) {
      const span = Array.from({ length }, (_, i) => at + i)
      if (!span.every(moment => busy[moment]! + next.people <= crew)) continue
      for (const moment of span) busy[moment]! += next.people
      starts.set(next.id, at)
      place(
        left.filter(one => one !== next),
        Math.max(finish, at + length),
      )
      starts.delete(next.id)
      for (const moment of span) busy[moment]! -= next.people
    }
  }
  place(tasks, 0)
  return best / 4
}

/** A made-up day: so many tasks, each after some of those before it. */
function madeUp(seed: number, count: number, crew: number): readonly Task[] {
  const random = randomFrom(seed)
  return Array.from({ length: count }, (_, i) => ({
    id: `t${i}`,
    hours: wholeFrom(random, 1, 6) / 4,
    people: wholeFrom(random, 1, crew),
    needs: Array.from({ length: i }, (_, j) => j)
      .filter(() => random() < 0.25)
      .map(j => ({ id: `t${j}`, waitHours: random() < 0.4 ? wholeFrom(random, 1, 6) / 4 : 0 })),
  }))
}

describe('the earliest finish', () => {
  it('lets others work while foam hardens', () =>
    expect(plan([task('foam', 0.5), task('trim', 1, 1, ['foam', 16]), task('lock', 2)], 1)).toMatchObject({
      finishHours: 17.5,
      optimal: true,
    }))
  it('of nothing is at once', () => expect(plan([], 3)).toMatchObject({ finishHours: 0, starts: {}, optimal: true }))
  it('puts the long task first where that is sooner, not what is ready first', () =>
    // One after the other as listed would end at 5.
    expect(plan([task('a', 1), task('b', 1), task('c', 3)], 2).finishHours).toBe(3))
  it('counts no wait after the last', () =>
    expect(plan([task('a', 1), task('b', 1, 1, ['a', 2])], 1).finishHours).toBe(4))
  it.each(Array.from({ length: 60 }, (_, i) => i))('is that of every start tried, of made-up day %i', seed => {
    const crew = 1 + (seed % 3)
    const tasks = madeUp(seed + 1, 4 + (seed % 3), crew)
    const made = plan(tasks, crew)
    expect([made.finishHours, made.optimal, broken(tasks, crew, made)]).toEqual([
      plainly(tasks, crew, Math.ceil(made.finishHours) + 1),
      true,
      [],
    ])
  })
  it.each(Array.from({ length: 20 }, (_, i) => i))('of ten tasks is proven, of made-up day %i', seed => {
    const tasks = madeUp(seed + 500, 10, 3)
    const made = plan(tasks, 3)
    expect([made.optimal, broken(tasks, 3, made), made.finishHours >= made.leastHours - 1e-9]).toEqual([true, [], true])
  })
  it('of forty holds, with the hours nothing can beat', () => {
    const tasks = madeUp(9, 40, 4)
    const made = plan(tasks, 4)
    expect([broken(tasks, 4, made), made.finishHours >= made.leastHours - 1e-9]).toEqual([[], true])
  })
  it.each([
    ['a circle', [task('a', 1, 1, 'b'), task('b', 1, 1, 'a')], 'plan.circle'],
    ['a task that needs itself', [task('a', 1, 1, 'a')], 'plan.circle'],
    ['an id twice', [task('a', 1), task('a', 2)], 'plan.twice'],
    ['a need nobody knows', [task('a', 1, 1, 'z')], 'plan.unknown'],
    ['a task larger than the crew', [task('a', 1, 3)], 'plan.people'],
  ])('of %s is refused', (_, tasks, code) =>
    expect(earliestFinish(tasks, 2)).toMatchObject({ ok: false, issues: [{ code }] }),
  )
})
