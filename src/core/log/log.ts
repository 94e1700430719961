import { z } from 'zod'
import { lengthSchema } from '../units/length-schema'
import { LOG_KINDS, LOG_RESULTS, RESULTS_OF } from './log-values'

/** What somebody did, read or found, as it was noted. Never changed; a later entry for the same code replaces it in the view. */
export const logEntrySchema = z
  .strictObject({
    id: z.uuid(),
    kind: z.enum(LOG_KINDS),
    /** The step's, test's, edge's or gate's id; empty for a note. */
    code: z.string().max(60),
    result: z.enum(LOG_RESULTS),
    /** The figure that was read, a length or a number in the test's own unit; `null` where none was. */
    value: z.union([z.strictObject({ length: lengthSchema }), z.strictObject({ number: z.number() })]).nullable(),
    /** A reason, or the note's words. */
    text: z.string().max(500),
    by: z.string().min(1).max(80),
    at: z.iso.datetime({ precision: 3 }),
  })
  .refine(one => RESULTS_OF[one.kind].includes(one.result), {
    path: ['result'],
    message: 'no such result of this kind',
  })
  .refine(one => one.result !== 'waived' || one.text.trim() !== '', {
    path: ['text'],
    message: 'waived only with a reason',
  })

export type LogEntry = z.infer<typeof logEntrySchema>
