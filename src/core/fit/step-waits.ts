import { TZDate } from '@date-fns/tz'
import { addDays, addHours, isWeekend, max, setHours, startOfDay } from 'date-fns'
import type { LogEntry } from '../log/log'
import type { PlannedStep, StepWait } from './setting-step'

/** When work begins of a morning. */
const MORNING = 7
/** Below this, in degrees Celsius, foam and adhesives take twice as long. Source: common trade practice, unchecked. */
export const COLD = 10

/** When the wait after a step is over, ISO 8601: so many hours after it, twice as many in the cold, or the next working morning. */
export function waitEnds(wait: StepWait, at: string, celsius: number | null, zone: string): string {
  const isCold = wait.longerInCold && celsius !== null && celsius < COLD
  const hours = wait.hours * (isCold ? 2 : 1)
  const from = new TZDate(at, zone)
  const least = addHours(from, hours)
  if (!wait.untilMorning) return new Date(+least).toISOString()
  const first = workingMorning(addDays(from, 1))
  // In the cold what is to be hard in the morning is so a working day later.
  const morning = isCold ? workingMorning(addDays(first, 1)) : first
  return new Date(+max([least, morning])).toISOString()
}

function workingMorning(day: Date): Date {
  const morning = setHours(startOfDay(day), MORNING)
  return isWeekend(morning) ? workingMorning(addDays(morning, 1)) : morning
}

export type EndedAt = (step: string) => string | null

/** When each step ended: never before what it needs, so that a clock set back ends no wait early. */
export function endedAt(
  planned: ReadonlyMap<string, Pick<PlannedStep, 'needs'>>,
  entries: ReadonlyMap<string, LogEntry>,
): EndedAt {
  const known = new Map<string, string | null>()
  const of: EndedAt = id => {
    const kept = known.get(id)
    if (kept !== undefined) return kept
    const entry = entries.get(id)
    known.set(id, null)
    const before = (planned.get(id)?.needs ?? []).flatMap(one => of(one) ?? [])
    const at = entry ? [entry.at, ...before].sort().at(-1)! : null
    known.set(id, at)
    return at
  }
  return of
}
