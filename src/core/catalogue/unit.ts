import { z } from 'zod'
import { BORES, MATERIALS } from '../specification/wish-values'
import { FAMILIES } from '../survey/families'
import { lengthSchema } from '../survey/reading'

const positive = lengthSchema.refine(n => n > 0, 'above zero')

/** A unit a maker offers, as its sheet gives it. */
export const unitSchema = z.strictObject({
  id: z.uuid(),
  article: z.string().min(1).max(40),
  maker: z.string().min(1).max(80),
  name: z.string().min(1).max(120),
  family: z.enum(FAMILIES),
  /** Outside of the frame; bottom of sill to top of head. */
  width: positive,
  height: positive,
  leafWidth: positive,
  leafHeight: positive,
  jamb: positive,
  hinges: z.enum(['left', 'right', 'both']),
  swing: z.enum(['in', 'out', 'both']),
  material: z.enum(MATERIALS),
  bore: z.enum(BORES),
  labelMinutes: z.int().min(0).max(180),
  /** The leaf's bottom above the sub-sill. */
  leafBottom: positive,
  sillDepth: positive,
  priceCents: z.int().min(0),
  leadDays: z.int().min(0).max(400),
  stock: z.boolean(),
})

export type CatalogueUnit = z.infer<typeof unitSchema>
