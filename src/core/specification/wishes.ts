import { z } from 'zod'
import { schoolChoicesSchema } from '../base/school-choices'
import { TRADE_LENGTHS } from '../base/trade-lengths'
import { lengthSchema } from '../survey/reading'
import { WAYS } from '../survey/ways'
import { inches } from '../units/length'
import { CONSTRUCTIONS } from './weigh-leaf'
import { BORES, DETAILS, MATERIALS, SETTINGS, SUBFLOORS, USES } from './wish-values'

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

/** What is wanted of the new door and of the work: an edited record with a revision. `null` is "not settled". */
export const wishesSchema = z.strictObject({
  way: z.enum(WAYS),
  /** Seen from outside. */
  hinges: z.enum(['left', 'right']).nullable(),
  swing: z.enum(['in', 'out']).nullable(),
  use: z.enum(USES),
  material: z.enum(MATERIALS).nullable(),
  bore: z.enum(BORES).nullable(),
  subfloor: z.enum(SUBFLOORS),
  /** How the leaf is built, for its weight; records from before it was asked have none. */
  construction: z.enum(CONSTRUCTIONS).nullable().default(null),
  /** Where the door stands, asked once. */
  settings: z.array(z.enum(SETTINGS)).max(SETTINGS.length).default([]),
  /** Minutes of fire resistance wanted; `null` where none was said. */
  labelMinutes: z.int().min(0).max(180).nullable().default(null),
  /** What an order names beside sizes and hand, where the unit's sheet leaves it open. */
  details: z.partialRecord(z.enum(DETAILS), z.string().trim().min(1).max(60)).default({}),
  /** What was asked of the maker beside what the sheet settles. */
  questions: z.array(makerAnswerSchema).max(12).default([]),
  /** Practices chosen for this opening in place of the job's and the company's. */
  schools: schoolChoicesSchema.default({}),
  /** Figures of this opening in place of the trade's. */
  allowances: z.partialRecord(z.enum(TRADE_LENGTHS), lengthSchema),
  /** The catalogue unit the customer chose, and why. */
  chosen: z.strictObject({ unit: z.uuid(), reason: z.string().max(500) }).nullable(),
  /** What stood beside it when it was chosen. */
  compared: z.array(comparedSchema).max(3).default([]),
  /** How far the unit is moved off the middle, + to the right. */
  shift: lengthSchema.refine(n => Math.abs(n) <= inches(4), 'at most 4 in'),
  heatingDegreeDays: z.int().min(0).max(12_000),
  centsPerKwh: z.int().min(0).max(1_000),
})

export type Wishes = z.infer<typeof wishesSchema>
