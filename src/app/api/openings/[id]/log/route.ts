import { logEntrySchema } from '@/core/handover/log'
import { postRows } from '@/server/post-rows'
import { addLog } from '@/store/records'

export const POST = postRows(logEntrySchema, addLog)
