import { z } from 'zod'
import { schoolChoicesSchema } from '../base/school-choices'
import { MOST_OFF_CUTS } from '../seal-stock/off-cut'
import { ownSealsSchema } from '../seal-stock/own-seal-record'
import { HAND_CONVENTIONS } from '../specification/handing'
import { STEPS_OF } from '../units/format-length'
import { inches } from '../units/length'
import { lengthSchema } from '../units/length-schema'
import { isZone } from '../units/zone'
import { SKILLS } from './crew'
import { CURRENCIES, NUMBER_FORMATS, PAPER_SIZES } from './firm'
import { STOCKED } from './material'
import { PREPARATIONS } from './preparation'
import { LACKS } from './unit-values'

const cents = z.int().min(0).max(100_000_000)
const minutes = z.number().min(0).max(6000)
const count = z.int().min(0).max(10_000)
const flat = lengthSchema.refine(n => n > 0 && n <= inches(2), 'no flat packer is as thick as that')

/** An off-cut in the van. */
export const offCutSchema = z.strictObject({
  seal: z.string().min(1).max(60),
  length: lengthSchema.refine(n => n > 0, 'above zero'),
  first: lengthSchema.refine(n => n >= 0, 'not negative').nullable(),
  holes: z.int().min(2).max(200).nullable(),
})

const MINUTES_A_DAY = 1440
export const crewSchema = z
  .strictObject({
    id: z.uuid(),
    name: z.string().trim().min(1).max(60),
    people: z.int().min(1).max(12),
    from: z.int().min(0).max(MINUTES_A_DAY),
    to: z.int().min(0).max(MINUTES_A_DAY),
    days: z.array(z.int().min(1).max(7)).max(7),
    off: z.array(z.iso.date()).max(400),
    skills: z.array(z.enum(SKILLS)).max(SKILLS.length),
  })
  .refine(one => one.from < one.to, { path: ['to'], message: 'a day ends after it begins' })

/** A firm's practices, rates and suppliers: an edited record with a revision. */
export const firmSchema = z.strictObject({
  about: z.strictObject({
    address: z.string().trim().max(300),
    phone: z.string().trim().max(60),
    email: z.union([z.literal(''), z.email().max(200)]),
  }),
  unit: z.enum(['in', 'mm']),
  steps: z.strictObject({ in: z.enum(STEPS_OF.in), mm: z.enum(STEPS_OF.mm) }),
  timeZone: z.string().refine(isZone, 'no clock that is known').nullable(),
  paper: z.enum(PAPER_SIZES),
  currency: z.enum(CURRENCIES),
  numbers: z.enum(NUMBER_FORMATS),
  schools: schoolChoicesSchema,
  rates: z.strictObject({
    centsPerHour: cents.optional(),
    freightStock: cents.optional(),
    freightMade: cents.optional(),
    disposal: cents.optional(),
    lacks: z.partialRecord(z.enum(LACKS), cents).optional(),
    preparations: z
      .partialRecord(
        z.enum(PREPARATIONS),
        z.strictObject({ minutes, minutesPerMetre: minutes, cents, centsPerMetre: cents }),
      )
      .optional(),
  }),
  conventions: z.record(z.string().min(1).max(80), z.enum(HAND_CONVENTIONS)),
  secondLookCents: cents,
  van: z
    .strictObject({
      flats: z.array(z.strictObject({ thickness: flat, count })).max(20),
      wedgePairs: count,
      others: z
        .array(z.strictObject({ material: z.enum(STOCKED), size: lengthSchema.nullable(), count }))
        .max(200)
        .optional(),
      countedAt: z.iso.datetime({ precision: 3 }).optional(),
    })
    .nullable(),
  seals: ownSealsSchema,
  offCuts: z.array(offCutSchema).max(MOST_OFF_CUTS),
  crews: z.array(crewSchema).max(20),
  warrantyMonths: z.int().min(1).max(600).nullable(),
})
