import type { Board, Break, BreakCode, Placed } from './board'
import { firstSpot, isTooLate, overlaps, readyAt, wrongWith } from './spots'
import { minuteOf, type Wall } from './wall'

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
      else if ((readyAt({ ...task, notBefore: null, arrives: null, needs: [need] }, crew, ends) ?? 0) > one.start)
        breaks.push({ code: 'wait', other: need.id })
    }
    if (task.notBefore !== null && one.start < task.notBefore) breaks.push({ code: 'too-early', other: null })
    if (task.arrives !== null && one.start < task.arrives) breaks.push({ code: 'delivery', other: null })
    // A hole that is shut for the night is not open in the dark.
    const shut = one.closure ? { ...task, opens: null } : task
    const wrong = wrongWith({ task: shut, crew, start: one.start }, closedFactor)
    if (wrong) breaks.push({ code: wrong, other: null })
    // Both are said: that it lasts too long, and that the hole stays open.
    if (wrong === 'hours' && isTooLate({ task: shut, crew, start: one.start }, closedFactor))
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
