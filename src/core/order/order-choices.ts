import { z } from 'zod'
import { DETAILS } from '../specification/wish-values'

/** A unit that stood beside the chosen one when the customer chose. */
export const comparedSchema = z.strictObject({
  maker: z.string().max(80),
  article: z.string().max(40),
  totalCents: z.int(),
  days: z.int(),
  minutes: z.int(),
})
export type Compared = z.infer<typeof comparedSchema>

/** Something asked of the maker, and what was said; an empty answer is none yet. */
export const makerAnswerSchema = z.strictObject({
  question: z.string().trim().min(1).max(200),
  answer: z.string().trim().max(200),
})
export type MakerAnswer = z.infer<typeof makerAnswerSchema>

/** What was chosen and settled for the order: an edited record with a revision. */
export const orderChoicesSchema = z.strictObject({
  /** The catalogue unit the customer chose, and why. */
  chosen: z.strictObject({ unit: z.uuid(), reason: z.string().max(500) }).nullable(),
  /** What stood beside it when it was chosen. */
  compared: z.array(comparedSchema).max(3),
  /** What an order names beside sizes and hand, where the unit's sheet leaves it open. */
  details: z.partialRecord(z.enum(DETAILS), z.string().trim().min(1).max(60)),
  /** What was asked of the maker beside what the sheet settles. */
  questions: z.array(makerAnswerSchema).max(12),
  /** What was to be corrected first and is ordered all the same: by what and where, why. */
  waived: z.record(z.string().max(120), z.string().trim().min(3).max(500)),
})
export type OrderChoices = z.infer<typeof orderChoicesSchema>
