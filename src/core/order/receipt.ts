import { z } from 'zod'
import { lengthSchema } from '../units/length-schema'
import {
  CHECK_ANSWERS,
  CHECKS,
  canMeasure,
  DAMAGES,
  MOST_DAMAGE,
  PART_COUNTS,
  RECEIPT_STATES,
  UNIT_READINGS,
} from './receipt-values'

const readings = z.partialRecord(z.enum(UNIT_READINGS), lengthSchema).superRefine((read, context) => {
  for (const name of UNIT_READINGS)
    if (read[name] !== undefined && !canMeasure(name, read[name]))
      context.addIssue({ code: 'custom', path: [name], message: 'a size is above zero' })
})

/** What was found on a delivered unit before the old door is touched. Never changed: a further one takes its place. */
export const receiptSchema = z.strictObject({
  id: z.uuid(),
  orderId: z.uuid(),
  line: z.int().min(1),
  readings,
  hinges: z.enum(['left', 'right']).nullable(),
  swing: z.enum(['in', 'out']).nullable(),
  checks: z.partialRecord(z.enum(CHECKS), z.enum(CHECK_ANSWERS)),
  /** Parts that came: how many of each. */
  counts: z.partialRecord(z.enum(PART_COUNTS), z.int().min(0).max(999)),
  /** What was seen on it, each with its place in words. */
  damage: z.array(z.strictObject({ what: z.enum(DAMAGES), where: z.string().min(1).max(80) })).max(MOST_DAMAGE),
  state: z.enum(RECEIPT_STATES),
  note: z.string().max(500),
  by: z.string().min(1).max(80),
  at: z.iso.datetime({ precision: 3 }),
})
export type Receipt = z.infer<typeof receiptSchema>
