import { z } from 'zod'

/** Whether something is put away. */
export const archivedSchema = z.strictObject({ archived: z.boolean() })

export const archivedAt = ({ archived }: z.infer<typeof archivedSchema>): string | null =>
  archived ? new Date().toISOString() : null
