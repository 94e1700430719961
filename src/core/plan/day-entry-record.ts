import { z } from 'zod'
import { DAY_KINDS, DAY_RESULTS, type DayEntry } from './day-entry'

/** A note of a day as it is sent and stored. */
export const dayEntrySchema: z.ZodType<DayEntry> = z
  .strictObject({
    id: z.uuid(),
    kind: z.enum(DAY_KINDS),
    /** The thing's key, or the job's id. */
    key: z.string().min(1).max(80),
    result: z.string().max(20),
    by: z.string().min(1).max(80),
    at: z.iso.datetime({ precision: 3 }),
  })
  .refine(one => DAY_RESULTS[one.kind].includes(one.result), {
    path: ['result'],
    message: 'no such result of this kind',
  })
