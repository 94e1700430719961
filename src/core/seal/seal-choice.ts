import { z } from 'zod'

/** What is to be sealed, and by which climate and price it is reckoned: an edited record with a revision. */
export const sealChoiceSchema = z.strictObject({
  /** Which seal goes on each edge, by the edge's id; `null` leaves it as it is, a missing edge takes the first choice. */
  edges: z.record(z.string().max(40), z.string().max(60).nullable()),
  heatingDegreeDays: z.int().min(0).max(12_000),
  centsPerKwh: z.int().min(0).max(1_000),
})
export type SealChoice = z.infer<typeof sealChoiceSchema>
