import { readingSchema } from '@/core/survey/reading'
import { postRows } from '@/server/post-rows'
import { addReadings } from '@/store/records'

export const POST = postRows(readingSchema, addReadings)
