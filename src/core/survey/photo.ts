import { z } from 'zod'
import { PHOTO_PLACES, PHOTO_VIEWS } from './photo-place'

/** `step.hinge-shims`: a step by its id; `condition.left-leg`: a place that is not sound; `view.lock-edge`: what a first look is shown by. */
const named = z.string().regex(/[a-z][a-z-]{1,50}/)
const stepPlace = z.templateLiteral(['step.', named])
const testPlace = z.templateLiteral(['test.', named])
const unsoundPlace = z.templateLiteral(['condition.', named])
/** `seal.bottom.right`: an edge of the closed door. */
const edgePlace = z.templateLiteral(['seal.', z.string().regex(/[a-z][a-z.-]{1,40}/)])
const viewPlace = z.templateLiteral(['view.', z.enum(PHOTO_VIEWS)])

/** A photo kept with an opening: what it shows and who took it. The picture itself is stored beside it, without any data but the picture. */
export const photoSchema = z.strictObject({
  id: z.uuid(),
  /** What it belongs to; `null` for the opening as a whole. */
  slot: z.union([z.enum(PHOTO_PLACES), viewPlace, stepPlace, testPlace, unsoundPlace, edgePlace]).nullable(),
  width: z.int().min(1).max(20_000),
  height: z.int().min(1).max(20_000),
  note: z.string().max(500),
  takenBy: z.string().min(1).max(80),
  takenAt: z.iso.datetime({ precision: 3 }),
})

export type Photo = z.infer<typeof photoSchema>
