import { canBeRead } from '@/core/survey/readable'
import { readingSchema } from '@/core/survey/reading'
import { postRows } from '@/server/post-rows'
import { READINGS } from '@/store/rows'
import { impossibleWords } from '@/words/readable'

export const POST = postRows('measure', READINGS, readingSchema, {
  check: ({ slot, value, text }) => (canBeRead(slot, value) ? null : impossibleWords(slot, text)),
})
