import type { LogEntry } from './log'

const isLater = (a: LogEntry, b: LogEntry): boolean => (a.at === b.at ? a.id > b.id : a.at > b.at)

/** The entry that stands for each code of one kind, whatever order they arrived in. */
export function standingEntries(kind: LogEntry['kind'], log: readonly LogEntry[]): ReadonlyMap<string, LogEntry> {
  const standing = new Map<string, LogEntry>()
  for (const entry of log) {
    const before = standing.get(entry.code)
    if (entry.kind === kind && (!before || isLater(entry, before))) standing.set(entry.code, entry)
  }
  return standing
}

/** The ids of the steps that are done and not reopened since. */
export const stepsDone = (log: readonly LogEntry[]): ReadonlySet<string> =>
  new Set([...standingEntries('step', log)].flatMap(([code, entry]) => (entry.result === 'done' ? code : [])))
