import { z } from 'zod'
import { lengthSchema } from '../units/length-schema'
import { SLOTS } from './slots'

export const INSTRUMENTS = ['tape', 'laser', 'level', 'straightedge', 'rule', 'gauge', 'class'] as const
export const GRADUATIONS = ['1/8', '1/16', '1/32', '1/64', '1', '0.5', '0.1', '0.01'] as const
export type Instrument = (typeof INSTRUMENTS)[number]

/** When a place was read: what was surveyed, the old door before it came out, the unit as set, tuned, sealed and handed over, and at a
 *  call-back. The latest of a place is the latest of its occasion. */
export const OCCASIONS = ['survey', 'old-door', 'set', 'tuned', 'sealed', 'hand-over', 'call-back'] as const
export type Occasion = (typeof OCCASIONS)[number]

/** One reading as a person took it. Never changed: a later one for the same slot replaces it in the view. */
export const readingSchema = z.strictObject({
  /** Made where the reading is taken (UUID v7), so that it can be sent late or twice. */
  id: z.uuid(),
  slot: z.enum(SLOTS),
  occasion: z.enum(OCCASIONS),
  value: lengthSchema,
  /** What was typed, kept for ever. */
  text: z.string().min(1).max(80),
  instrument: z.enum(INSTRUMENTS),
  /** The tape's graduation: `1/16` of an inch, or millimetres as `1`. */
  graduation: z.enum(GRADUATIONS),
  /** For a level reading: the level's length, whose far end shows the gap. */
  levelLength: lengthSchema.nullable(),
  /** One standard deviation the instrument itself gives; `null` where its kind's usual one holds. */
  deviation: lengthSchema.refine(n => n > 0, 'above zero').nullable(),
  /** The paired device it came from, with what it said; empty when it was read by eye. */
  device: z.string().max(80),
  takenBy: z.string().min(1).max(80),
  takenAt: z.iso.datetime({ precision: 3 }),
  note: z.string().max(500),
  /** Read by somebody who learns: it counts as unchecked until another member read the same or signed it. Said by the store, by who acted. */
  unchecked: z.literal(true).optional(),
})

export type Reading = z.infer<typeof readingSchema>
