import { z } from 'zod'
import { BORES, DETAILS, MATERIALS } from '../specification/wish-values'
import { FACTS } from '../survey/facts'
import { FAMILIES } from '../survey/families'
import { lengthSchema } from '../survey/reading'
import { CLOSER_PLACES, FRAME_FORMS, GLAZINGS, HANGINGS, LACKS, STORM_KINDS } from './unit-values'

const positive = lengthSchema.refine(n => n > 0, 'above zero')
const notNegative = lengthSchema.refine(n => n >= 0, 'not negative')

/** What the sheet of a storm, screen or security door says: the trim opening it covers, and how it is cut and hung. */
export const stormSheetSchema = z
  .strictObject({
    kind: z.enum(STORM_KINDS),
    widthLeast: positive,
    widthMost: positive,
    heightLeast: positive,
    heightMost: positive,
    hanging: z.enum(HANGINGS),
    /** The hinge rail is the opening's height less this. */
    deduction: notNegative,
    headGap: notNegative,
    bottomGap: notNegative,
    reversible: z.boolean(),
    /** Its handle: the middle above the sill, half its height, how far it stands out inward. */
    handleAt: positive,
    handleHalf: positive,
    handleProud: positive,
    closerPin: positive,
    closerPlace: z.enum(CLOSER_PLACES),
    faceLeast: positive,
    proudLeast: positive,
    /** Whether its lock wants a key on the inside. */
    keyInside: z.boolean(),
  })
  .superRefine((sheet, context) => {
    for (const [least, most] of [
      ['widthLeast', 'widthMost'],
      ['heightLeast', 'heightMost'],
    ] as const)
      if (sheet[least] > sheet[most])
        context.addIssue({
          code: 'custom',
          path: [most],
          message: 'the range is upside down: the most is below the least',
        })
  })
export type StormSheet = z.infer<typeof stormSheetSchema>

/** What is cut into a metal leaf, from the top of the leaf down. */
export const leafSheetSchema = z.strictObject({
  thickness: positive,
  hinges: z.array(positive).min(2).max(6),
  hingeHeight: positive,
  boreTop: positive,
  backset: positive,
})

/** A lock set: what leaf it goes into, and what it does. */
export const lockSheetSchema = z
  .strictObject({
    kind: z.enum(FACTS['fact.lock-case']),
    function: z.enum(FACTS['fact.lock-function']),
    backset: positive,
    case: positive.nullable(),
    thicknessLeast: positive,
    thicknessMost: positive,
  })
  .superRefine((sheet, context) => {
    if (sheet.thicknessLeast > sheet.thicknessMost)
      context.addIssue({
        code: 'custom',
        path: ['thicknessMost'],
        message: 'the range is upside down: the most is below the least',
      })
  })

/** A unit a maker offers, as its sheet gives it. A length of 0 is of a part it has none of: the jamb of a leaf, the sill of a lock. */
export const unitSchema = z
  .strictObject({
    id: z.uuid(),
    article: z.string().min(1).max(40),
    maker: z.string().min(1).max(80),
    name: z.string().min(1).max(120),
    family: z.enum(FAMILIES),
    /** What is delivered, from outside: a frame, bottom of sill to top of head; a leaf; a storm door at its largest; a lock's faceplate. */
    width: positive,
    height: positive,
    leafWidth: positive,
    leafHeight: positive,
    jamb: notNegative,
    hinges: z.enum(['left', 'right', 'both']),
    swing: z.enum(['in', 'out', 'both']),
    material: z.enum(MATERIALS),
    bore: z.enum(BORES),
    labelMinutes: z.int().min(0).max(180),
    /** The leaf's bottom above the sub-sill. */
    leafBottom: notNegative,
    sillDepth: notNegative,
    priceCents: z.int().min(0),
    leadDays: z.int().min(0).max(400),
    stock: z.boolean(),
    glass: z.enum(GLAZINGS).default('none'),
    /** What is fitted with it but not in the box. */
    lacks: z.array(z.enum(LACKS)).max(LACKS.length).default([]),
    /** What else an order names: one value, or several parted by `|` of which one is to be settled. */
    details: z.partialRecord(z.enum(DETAILS), z.string().min(1).max(200)).default({}),
    storm: stormSheetSchema.nullable().default(null),
    leaf: leafSheetSchema.nullable().default(null),
    /** A steel frame: whether it can go round a finished wall, and the slot that takes the wall. */
    frame: z
      .strictObject({ form: z.enum(FRAME_FORMS), throat: positive })
      .nullable()
      .default(null),
    /** From outside: O moves, X is fixed. */
    panels: z.enum(['OX', 'XO', 'both']).nullable().default(null),
    lock: lockSheetSchema.nullable().default(null),
  })
  .superRefine((unit, context) => {
    const needs = SHEET_OF[unit.family]
    if (needs && unit[needs] === null)
      context.addIssue({ code: 'custom', path: [needs], message: 'a unit of this kind has a sheet of its own' })
  })

/** Which sheet a unit of a family can't be judged without. */
const SHEET_OF: { readonly [family: string]: 'storm' | 'leaf' | 'frame' | 'panels' | undefined } = {
  storm: 'storm',
  'steel-leaf': 'leaf',
  'steel-frame': 'frame',
  slider: 'panels',
}

export type CatalogueUnit = z.infer<typeof unitSchema>
