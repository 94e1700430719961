import { z } from 'zod'
import { FAMILIES } from '../base/kinds'
import { DISPLAY_STEPS } from '../units/format-length'

/** A job: a place with openings, in one unit. */
export const jobSchema = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1).max(120),
  site: z.string().trim().max(200),
  unit: z.enum(['in', 'mm']),
  /** How lengths are shown. */
  step: z.enum(DISPLAY_STEPS),
  visitOn: z.iso.date().nullable(),
  latitudeE6: z.int().min(-90_000_000).max(90_000_000),
  longitudeE6: z.int().min(-180_000_000).max(180_000_000),
  createdAt: z.iso.datetime({ precision: 3 }),
})
export type Job = z.infer<typeof jobSchema>

export const openingSchema = z.strictObject({
  id: z.uuid(),
  tag: z.string().trim().min(1).max(12),
  name: z.string().trim().min(1).max(120),
  family: z.enum(FAMILIES),
  position: z.int().min(0).max(9999),
})
export type Opening = z.infer<typeof openingSchema>
