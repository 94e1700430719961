import { z } from 'zod'

/** What somebody did or found, as it was noted. Never changed; a later entry for the same code replaces it in the view. */
export const logEntrySchema = z.strictObject({
  id: z.uuid(),
  kind: z.enum(['step', 'test', 'note']),
  /** The step's or test's id; empty for a note. */
  code: z.string().max(60),
  /** A step: done or reopened. A test: passed or failed. A note: noted. */
  result: z.enum(['done', 'reopened', 'passed', 'failed', 'noted']),
  /** The value read, or the note's words. */
  text: z.string().max(500),
  by: z.string().min(1).max(80),
  at: z.iso.datetime({ precision: 3 }),
})

export type LogEntry = z.infer<typeof logEntrySchema>

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
