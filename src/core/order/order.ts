import { z } from 'zod'
import { PREPARATIONS } from '../catalogue/preparation'
import { unitSchema } from '../catalogue/unit'
import { lengthSchema } from '../survey/reading'
import { WAYS } from '../survey/ways'

const size = z.strictObject({ width: lengthSchema, height: lengthSchema })

/** One line as it was released: everything a counter clerk would ask back, frozen with the core's version. */
export const orderLineSchema = z.strictObject({
  opening: z.strictObject({ id: z.uuid(), tag: z.string(), name: z.string() }),
  quantity: z.literal(1),
  unit: unitSchema,
  /** What the readings asked for, and the hole it was judged for. */
  derived: size,
  roughOpening: size,
  /** Both seen from outside. */
  hinges: z.enum(['left', 'right']),
  swing: z.enum(['in', 'out']),
  codes: z.strictObject({
    outsideView: z.enum(['LH', 'RH']),
    backToHinges: z.enum(['LH', 'RH']),
    pushSide: z.enum(['LH', 'RH']),
    din107: z.enum(['L', 'R']),
    conventionsAgree: z.boolean(),
  }),
  wall: lengthSchema.nullable(),
  jambExtension: lengthSchema.nullable(),
  pad: lengthSchema,
  preparations: z.array(
    z.strictObject({
      id: z.enum(PREPARATIONS),
      place: z.string(),
      amount: lengthSchema,
      run: lengthSchema,
      minutes: z.int(),
      materialCents: z.int(),
      workCents: z.int(),
    }),
  ),
  cents: z.strictObject({
    unit: z.int(),
    freight: z.int(),
    material: z.int(),
    work: z.int(),
    disposal: z.int(),
    total: z.int(),
  }),
  way: z.enum(WAYS),
  measuredBy: z.string(),
  measuredAt: z.string(),
  reason: z.string(),
  /** Codes of what was known to be risky when it was released. */
  risks: z.array(z.string()),
  core: z.string(),
})
export type OrderLine = z.infer<typeof orderLineSchema>

export const orderSchema = z.strictObject({
  id: z.uuid(),
  number: z.string().min(1).max(40),
  releasedAt: z.iso.datetime({ precision: 3 }),
  releasedBy: z.string().max(80),
  lines: z.array(orderLineSchema).min(1),
})
export type Order = z.infer<typeof orderSchema>
