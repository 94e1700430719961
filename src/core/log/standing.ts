import { standing } from '../base/row'
import type { LogEntry } from './log'

/** The entry that stands for each code of one kind, whatever order they arrived in. */
export const standingEntries = (kind: LogEntry['kind'], log: readonly LogEntry[]): ReadonlyMap<string, LogEntry> =>
  standing(
    log.filter(one => one.kind === kind),
    one => one.code,
    one => one.at,
  )
