import { answerSchema } from '@/core/survey/answer'
import { postRows } from '@/server/post-rows'
import { addAnswers } from '@/store/records'

export const POST = postRows(answerSchema, addAnswers)
