import { handling } from '@/server/handle'
import { answers } from '@/server/writes'

export const POST = handling(answers)
