import { z } from 'zod'
import { inches } from '../units/length'
import { lengthSchema } from '../units/length-schema'

const MOST_SHIFT = inches(4)

/** How the unit is to stand: an edited record with a revision. */
export const fitChoicesSchema = z.strictObject({
  /** How far it is moved off the middle, + to the right. */
  shift: lengthSchema.refine(n => Math.abs(n) <= MOST_SHIFT, 'farther than a unit is ever moved'),
})
export type FitChoices = z.infer<typeof fitChoicesSchema>
