import { z } from 'zod'

/** A maker's list as a page sends it: its text, whose it is, and how its columns were matched. */
export const catalogueFileSchema = z.strictObject({
  csv: z.string().max(24 * 1024 * 1024),
  maker: z.string().trim().max(80).default(''),
  unit: z.enum(['in', 'mm']).default('in'),
  matching: z.record(z.string().max(60), z.string().max(200).nullable()).default({}),
})
