import { z } from 'zod'
import { GRADES, MOVABLE } from '@/core/practice/hanging'

/** What a learner did so far: each move a few whole steps. */
export const hangingBody = z.strictObject({
  grade: z.enum(GRADES),
  moves: z
    .array(
      z.strictObject({
        adjuster: z.enum(MOVABLE),
        steps: z
          .int()
          .min(-12)
          .max(12)
          .refine(n => n !== 0, 'moves nothing'),
      }),
    )
    .max(60),
})

export const isExercise = (id: string): boolean => z.uuid().safeParse(id).success
export const NO_EXERCISE = { code: 'unreadable', message: 'No such exercise.' } as const
