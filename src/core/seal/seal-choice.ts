import { z } from 'zod'

/** Which seal is to go on each side; `null` leaves it as it is, a missing side takes the first choice. */
export const sealChoiceSchema = z.strictObject({
  head: z.string().max(60).nullable().optional(),
  left: z.string().max(60).nullable().optional(),
  right: z.string().max(60).nullable().optional(),
  bottom: z.string().max(60).nullable().optional(),
})

export type SealChoice = z.infer<typeof sealChoiceSchema>
