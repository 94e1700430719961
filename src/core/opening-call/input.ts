import { z } from 'zod'
import { FAMILIES } from '../base/kinds'
import { schoolChoicesSchema } from '../base/school-choices'
import { LOG_RESULTS } from '../log/log-values'
import { CONSTRUCTIONS } from '../specification/weigh-leaf'
import { BORES, DETAILS, MATERIALS, SETTINGS, SUBFLOORS, USES } from '../specification/wish-values'
import { visitSchema } from '../specification/wishes'
import { INSTRUMENTS, OCCASIONS } from '../survey/reading'
import { WAYS } from '../survey/ways'

/** A length as it is typed, or in whole ticks of 1/3200 mm. */
const typed = z.union([z.string(), z.int()])

const readingSchema = z.strictObject({
  value: typed,
  occasion: z.enum(OCCASIONS).nullish(),
  /** Who read it. */
  by: z.string().min(1).max(80).nullish(),
  instrument: z.enum(INSTRUMENTS).nullish(),
  /** The length of the level at whose end the gap was read. */
  levelLength: typed.nullish(),
})
const readAs = z.union([typed, readingSchema])

const wishedSchema = z.strictObject({
  hinges: z.enum(['left', 'right']).nullish(),
  swing: z.enum(['in', 'out']).nullish(),
  use: z.enum(USES).nullish(),
  material: z.enum(MATERIALS).nullish(),
  bore: z.enum(BORES).nullish(),
  subfloor: z.enum(SUBFLOORS).nullish(),
  construction: z.enum(CONSTRUCTIONS).nullish(),
  densityKgM3: z.int().min(10).max(9000).nullish(),
  settings: z.array(z.enum(SETTINGS)).nullish(),
  labelMinutes: z.int().min(0).max(180).nullish(),
  /** What of the first look is not said is as nobody looked. */
  visit: visitSchema.partial().nullish(),
  /** How far the unit is moved off the middle, + to the right. */
  shift: typed.nullish(),
  details: z.partialRecord(z.enum(DETAILS), z.string().max(60)).nullish(),
})

const loggedSchema = z.strictObject({
  kind: z.enum(['step', 'test', 'seal']),
  id: z.string().min(1).max(60),
  state: z.enum(LOG_RESULTS),
  at: z.iso.datetime({ offset: true }),
  text: z.string().max(500).nullish(),
})

/** What the call `opening.work` takes: one opening with everything said about it. Names of readings, facts and allowances are checked
 *  against those that are known. */
export const openingInputSchema = z.strictObject({
  family: z.enum(FAMILIES),
  way: z.enum(WAYS),
  unit: z.enum(['in', 'mm']).nullish(),
  readings: z.record(z.string(), z.union([readAs, z.array(readAs).min(1)]).nullish()).nullish(),
  facts: z.record(z.string(), z.string().nullish()).nullish(),
  wishes: wishedSchema.nullish(),
  practices: schoolChoicesSchema.nullish(),
  allowances: z.record(z.string(), typed.nullish()).nullish(),
  /** A maker's list as CSV; or the demo's catalogue. */
  unitsCsv: z.string().max(5_000_000).nullish(),
  units: z.literal('demo').nullish(),
  /** The article that is chosen. */
  chosen: z.string().max(40).nullish(),
  /** Whether the chosen unit was received and accepted. */
  accepted: z.boolean().nullish(),
  log: z.array(loggedSchema).max(1000).nullish(),
  now: z.iso.datetime({ offset: true }).nullish(),
})
export type OpeningInput = z.infer<typeof openingInputSchema>
export type ReadAs = z.infer<typeof readAs>

/** The published JSON Schema of what the call takes. */
export const openingInputJsonSchema = () => ({
  title: 'The call opening.work of bin/compute',
  description:
    'Lengths are as typed on site ("36 3/8", "924 mm"), or whole ticks of 1/3200 mm. Left and right are as seen from outside.',
  ...z.toJSONSchema(openingInputSchema, { io: 'input' }),
})
