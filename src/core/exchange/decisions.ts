import { z } from 'zod'

/** What somebody decided of differences between an order and one answer to it. */
export const decisionsSchema = z.strictObject({
  answerId: z.uuid(),
  decisions: z
    .array(
      z.strictObject({
        id: z.uuid(),
        line: z.int().min(1),
        path: z.string().min(1).max(120),
        verdict: z.enum(['accepted', 'objected']),
        by: z.string().min(1).max(80),
        at: z.iso.datetime({ precision: 3 }),
      }),
    )
    .min(1)
    .max(500),
})
export type Decisions = z.infer<typeof decisionsSchema>
