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
