import { z } from 'zod'
import { schoolChoicesSchema } from '../base/school-choices'
import { WAYS } from '../survey/ways'
import { CONDITION_PLACES, CONDITIONS, FIXINGS, OBSTACLES, REASONS, STAYS, STRUCTURES } from './visit'
import { CONSTRUCTIONS } from './weigh-leaf'
import { BORES, MATERIALS, SETTINGS, SUBFLOORS, USES } from './wish-values'

/** What was said at the first look at an opening. */
export const visitSchema = z.strictObject({
  reasons: z.array(z.enum(REASONS)).max(REASONS.length),
  stays: z.array(z.enum(STAYS)).max(STAYS.length).nullable(),
  obstacles: z.array(z.enum(OBSTACLES)).max(OBSTACLES.length),
  structure: z.enum(STRUCTURES),
  condition: z.partialRecord(z.enum(CONDITION_PLACES), z.enum(CONDITIONS)),
  fixings: z.enum(FIXINGS).nullable(),
})

/** What is wanted of the new door: an edited record with a revision. `null` is "not settled". */
export const wishesSchema = z.strictObject({
  way: z.enum(WAYS),
  /** Seen from outside. */
  hinges: z.enum(['left', 'right']).nullable(),
  swing: z.enum(['in', 'out']).nullable(),
  use: z.enum(USES),
  material: z.enum(MATERIALS).nullable(),
  bore: z.enum(BORES).nullable(),
  subfloor: z.enum(SUBFLOORS),
  /** How the leaf is built, for its weight. */
  construction: z.enum(CONSTRUCTIONS).nullable(),
  /** What the leaf's material weighs, kg/m³, where it is known: before its construction. */
  densityKgM3: z.int().min(10).max(9000).nullable(),
  /** Where the door stands, asked once. */
  settings: z.array(z.enum(SETTINGS)).max(SETTINGS.length),
  /** Minutes of fire resistance wanted; `null` where none was said. */
  labelMinutes: z.int().min(0).max(180).nullable(),
  /** What was said at the first look. */
  visit: visitSchema,
  /** Practices chosen for this opening in place of the job's and the company's. */
  schools: schoolChoicesSchema,
})

export type Wishes = z.infer<typeof wishesSchema>
