import type { Occasion, Reading } from '../survey/reading'
import type { LogEntry } from './log'

/** One line of what happened while a door was set: a step, a move, a margin that was read; as it was noted, nothing left out. */
export type FitLogLine = {
  readonly at: string
  readonly by: string
  readonly kind: LogEntry['kind'] | 'reading'
  readonly code: string
  readonly result: LogEntry['result'] | Occasion
  readonly value: LogEntry['value']
  readonly text: string
}

const WHILE_SET: ReadonlySet<Occasion> = new Set<Occasion>(['set', 'tuned'])
const KINDS: ReadonlySet<LogEntry['kind']> = new Set<LogEntry['kind']>(['step', 'move', 'gate', 'note'])

/** All that was noted and read while a door was set, the oldest first; whatever was struck or done again is there too. */
export function fitLog({
  log,
  readings,
}: {
  readonly log: readonly LogEntry[]
  readonly readings: readonly Reading[]
}): readonly FitLogLine[] {
  const noted = log
    .filter(one => KINDS.has(one.kind))
    .map(({ at, by, kind, code, result, value, text }) => ({ at, by, kind, code, result, value, text }))
  const read = readings
    .filter(one => WHILE_SET.has(one.occasion))
    .map(one => ({
      at: one.takenAt,
      by: one.takenBy,
      kind: 'reading' as const,
      code: one.slot,
      result: one.occasion,
      value: { length: one.value },
      text: one.text,
    }))
  return [...noted, ...read].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
}
