import { z } from 'zod'
import { SCHOOL_ANSWERS } from '../base/schools'
import { traceSchema } from '../base/trace-schema'
import { PREPARATIONS } from '../catalogue/preparation'
import { unitSchema } from '../catalogue/unit-record'
import { CLOSER_PLACES } from '../catalogue/unit-values'
import { HAND_CONVENTIONS } from '../specification/handing'
import { DETAILS } from '../specification/wish-values'
import { WAYS } from '../survey/ways'
import { lengthSchema } from '../units/length-schema'
import { comparedSchema, makerAnswerSchema } from './order-choices'
import { SPARES } from './spares'

/** Which of a line's figures are explained. */
export const TRACED = ['width', 'height', 'jamb', 'floor'] as const
export type Traced = (typeof TRACED)[number]

const factSchema = z.union([z.strictObject({ length: lengthSchema }), z.string(), z.number()])

const size = z.strictObject({ width: lengthSchema, height: lengthSchema })

/** How a storm door is packed and cut. */
export const cutSchema = z.strictObject({
  pack: lengthSchema,
  rail: lengthSchema,
  headGap: lengthSchema,
  bottomGap: lengthSchema,
  closer: z.enum(CLOSER_PLACES),
  closerPin: lengthSchema,
})

/** One line as it was released: everything a counter clerk would ask back, frozen with the core's version. */
export const orderLineSchema = z
  .strictObject({
    opening: z.strictObject({ id: z.uuid(), tag: z.string(), name: z.string() }),
    quantity: z.literal(1),
    unit: unitSchema,
    /** What the readings asked for, and the hole it was judged for; a lock set has neither. */
    derived: size.nullable(),
    roughOpening: size.nullable(),
    /** Both seen from outside; `null` for what has no hinges. */
    hinges: z.enum(['left', 'right']).nullable(),
    swing: z.enum(['in', 'out']).nullable(),
    /** How many hinges a leaf has; `null` without, and in orders from before it was kept. */
    hingeCount: z.int().min(2).nullable(),
    /** The least class of hinge that carries the leaf; `null` where its weight is not known. */
    hingeClass: z.string().max(40).nullable(),
    /** Of a pair, seen from outside. */
    activeLeaf: z.enum(['left', 'right']).nullable(),
    /** Of a slider, seen from outside: O moves, X is fixed. */
    panels: z.enum(['OX', 'XO']).nullable(),
    codes: z
      .strictObject({
        outsideView: z.enum(['LH', 'RH']),
        backToHinges: z.enum(['LH', 'RH']),
        pushSide: z.enum(['LH', 'RH']),
        din107: z.enum(['L', 'R']),
        conventionsAgree: z.boolean(),
      })
      .nullable(),
    /** The hand's code by the convention the maker reads, or the firm's own where the maker's is not known. */
    code: z
      .strictObject({ convention: z.enum(HAND_CONVENTIONS), hand: z.string().max(2), isKnown: z.boolean() })
      .nullable(),
    wall: lengthSchema.nullable(),
    jambExtension: lengthSchema.nullable(),
    /** Which face the jamb is flush with; `ask` while nobody said. */
    flushFace: z.enum(SCHOOL_ANSWERS['flush-face']).nullable(),
    outsideTrim: z.enum(SCHOOL_ANSWERS['outside-trim']).nullable(),
    /** The unit with its trim, outer edge to outer edge; `null` where it comes without. */
    trimOutside: z.strictObject({ width: lengthSchema, height: lengthSchema }).nullable(),
    pad: lengthSchema,
    /** What the pad is made of, or that it is packs under the legs; `null` without one. */
    padOf: z.enum([...SCHOOL_ANSWERS['sill-lumber'], 'under-legs']).nullable(),
    cut: cutSchema.nullable(),
    details: z.partialRecord(z.enum(DETAILS), z.string()),
    /** What the maker was asked and agreed to beside its sheet. */
    agreed: z.array(makerAnswerSchema),
    labelWanted: z.int(),
    spares: z.partialRecord(z.enum(SPARES), z.int()),
    /** A delivered unit within this is as ordered. */
    tolerance: lengthSchema.nullable(),
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
      hardware: z.int(),
      material: z.int(),
      work: z.int(),
      disposal: z.int(),
      total: z.int(),
    }),
    way: z.enum(WAYS),
    measuredBy: z.string(),
    measuredAt: z.string(),
    reason: z.string(),
    /** What the customer saw beside it. */
    compared: z.array(comparedSchema),
    /** Codes of what was known to be risky when it was released. */
    risks: z.array(z.string()),
    /** What was to be corrected first, and why it was ordered all the same. */
    wentOn: z.array(
      z.strictObject({
        code: z.string(),
        place: z.string(),
        facts: z.record(z.string(), factSchema),
        reason: z.string(),
      }),
    ),
    /** How the sizes came about. */
    traces: z.array(z.strictObject({ name: z.enum(TRACED), trace: traceSchema })),
    core: z.string(),
  })
  .superRefine(({ unit, hinges, swing }, context) => {
    // A sheet that speaks of a side or a swing is of a unit that has one.
    if ('hinges' in unit && hinges === null)
      context.addIssue({ code: 'custom', path: ['hinges'], message: 'a hinged unit has a hinge side' })
    if ('swing' in unit && swing === null)
      context.addIssue({ code: 'custom', path: ['swing'], message: 'a hinged unit has a swing' })
  })
export type OrderLine = z.infer<typeof orderLineSchema>

/** One released state of an order: never changed. A change is a further one of the same number, a revision higher. */
export const orderSchema = z.strictObject({
  id: z.uuid(),
  number: z.string().min(1).max(40),
  revision: z.int().min(1).default(1),
  /** The released state it takes the place of. */
  supersedes: z.uuid().nullable().default(null),
  /** Who makes it; every line is of one maker. Empty in orders from before makers were kept. */
  maker: z.string().max(80).default(''),
  releasedAt: z.iso.datetime({ precision: 3 }),
  releasedBy: z.string().max(80),
  /** Taken back as a whole, with the reason; `null` while it stands. */
  withdrawn: z
    .strictObject({ at: z.iso.datetime({ precision: 3 }), by: z.string().max(80), reason: z.string().min(1).max(500) })
    .nullable()
    .default(null),
  lines: z.array(orderLineSchema).min(1),
})
export type Order = z.infer<typeof orderSchema>
