import { z } from 'zod'
import { PHOTO_PLACES } from './photo-place'

/** `step.hinge-shims`: a step by its id. */
const stepPlace = z.templateLiteral(['step.', z.string().regex(/[a-z][a-z-]{1,50}/)])

/** A photo kept with an opening: what it shows and who took it. The picture itself is stored beside it, without any data but the picture. */
export const photoSchema = z.strictObject({
  id: z.uuid(),
  /** What it belongs to; `null` for the opening as a whole. */
  slot: z.union([z.enum(PHOTO_PLACES), stepPlace]).nullable(),
  width: z.int().min(1).max(20_000),
  height: z.int().min(1).max(20_000),
  note: z.string().max(500),
  takenBy: z.string().min(1).max(80),
  takenAt: z.iso.datetime({ precision: 3 }),
})

export type Photo = z.infer<typeof photoSchema>
