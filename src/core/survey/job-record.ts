import { z } from 'zod'
import { FAMILIES } from '../base/kinds'
import { DISPLAY_STEPS } from '../units/format-length'

const line = (most: number) => z.string().trim().max(most)

/** Where on earth a job is: its light goes by it. Never assumed. */
export const placeSchema = z.strictObject({
  name: line(120),
  latitudeE6: z.int().min(-90_000_000).max(90_000_000),
  longitudeE6: z.int().min(-180_000_000).max(180_000_000),
})
export type Place = z.infer<typeof placeSchema>

/** Who ordered the work. */
export const customerSchema = z.strictObject({
  name: line(120),
  phone: line(60),
  email: z.union([z.literal(''), z.email().max(200)]),
})
export type Customer = z.infer<typeof customerSchema>

/** What is said of a job and may be changed: an edited record with a revision. */
export const jobDetailsSchema = z.strictObject({
  name: line(120).min(1),
  /** The address, and what kind of house. */
  site: line(200),
  customer: customerSchema,
  /** Where units are delivered, when not to the site. */
  delivery: line(400),
  notes: line(4000),
  unit: z.enum(['in', 'mm']),
  /** How lengths are shown. */
  step: z.enum(DISPLAY_STEPS),
  visitOn: z.iso.date().nullable(),
  place: placeSchema.nullable(),
  /** IANA; `null` while the place is not said. */
  timeZone: line(60).nullable(),
  /** Loud and dusty work only between these, minutes after midnight; `null` where nobody minds. */
  loud: z
    .strictObject({ from: z.int().min(0).max(1439), to: z.int().min(1).max(1440) })
    .refine(({ from, to }) => to > from, { path: ['to'], message: 'ends before it begins' })
    .nullable()
    .default(null),
})
export type JobDetails = z.infer<typeof jobDetailsSchema>

/** A job: a place with openings, in one unit. */
export const jobSchema = jobDetailsSchema.extend({
  id: z.uuid(),
  createdAt: z.iso.datetime({ precision: 3 }),
  /** When it was put away; `null` while it stands among the others. */
  archivedAt: z.iso.datetime({ precision: 3 }).nullable(),
})
export type Job = z.infer<typeof jobSchema>

/** What is said of an opening beside its work, and may be changed. */
export const openingDetailsSchema = z.strictObject({
  tag: line(12).min(1),
  name: line(120).min(1),
  family: z.enum(FAMILIES),
})
export type OpeningDetails = z.infer<typeof openingDetailsSchema>

export const openingSchema = openingDetailsSchema.extend({
  id: z.uuid(),
  position: z.int().min(0).max(9999),
  archivedAt: z.iso.datetime({ precision: 3 }).nullable(),
})
export type Opening = z.infer<typeof openingSchema>
