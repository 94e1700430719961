import { z } from 'zod'
import { FACT_SLOTS, isAnswerTo, isFactSlot, SKIP_REASONS } from './facts'
import { SLOTS } from './slots'

/** What a person said about a question other than a length: a fact, that it was skipped and why, that an earlier row was a slip, or that a
 *  reading of somebody who learns holds.
 *  Never changed: a later one for the same question replaces it in the view. */
export const answerSchema = z
  .strictObject({
    /** Made where it is given (UUID v7), so that it can be sent late or twice. */
    id: z.uuid(),
    slot: z.enum([...SLOTS, ...FACT_SLOTS]),
    kind: z.enum(['fact', 'skipped', 'withdrawn', 'signed']),
    /** The fact's answer, the reason of a skip, or the id of the row that is withdrawn or signed. */
    code: z.string().min(1).max(60),
    note: z.string().max(500),
    takenBy: z.string().min(1).max(80),
    takenAt: z.iso.datetime({ precision: 3 }),
  })
  .refine(answer => isComplete(answer), { path: ['code'], message: 'no such answer to this question' })

export type Answer = z.infer<typeof answerSchema>

function isComplete({ slot, kind, code }: { readonly slot: string; readonly kind: string; readonly code: string }) {
  if (kind === 'fact') return isFactSlot(slot) && isAnswerTo(slot, code)
  if (kind === 'skipped') return (SKIP_REASONS as readonly string[]).includes(code)
  return z.uuid().safeParse(code).success
}
