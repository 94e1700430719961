import { z } from 'zod'
import type { Placing } from './placing'

/** A placing as it is sent and stored. */
export const placingSchema: z.ZodType<Placing, unknown> = z
  .strictObject({
    id: z.uuid(),
    part: z.string().regex(/^(survey|handover|work-[1-9])$/),
    crew: z.uuid().nullable(),
    day: z.iso.date().nullable(),
    minute: z.int().min(0).max(1439).nullable(),
    isFixed: z.boolean(),
    closure: z.string().trim().min(1).max(200).nullable().default(null),
    by: z.string().min(1).max(80),
    at: z.iso.datetime({ precision: 3 }),
  })
  .refine(one => (one.crew === null) === (one.day === null) && (one.day === null) === (one.minute === null), {
    path: ['day'],
    message: 'crew, day and time go together',
  })
