import { answerSchema } from '@/core/survey/answer'
import { postRows } from '@/server/post-rows'
import { ANSWERS } from '@/store/rows'

export const POST = postRows('measure', ANSWERS, answerSchema, {
  asks: ({ kind }) => (kind === 'signed' ? 'vouch' : null),
})
