import { logEntrySchema } from '@/core/log/log'
import { postRows } from '@/server/post-rows'
import { LOG_ENTRIES } from '@/store/rows'

export const POST = postRows('measure', LOG_ENTRIES, logEntrySchema, {
  asks: ({ kind }) => (kind === 'test' ? 'vouch' : null),
})
