import { handling } from '@/server/handle'
import { opening } from '@/server/writes'

export const POST = handling(opening)
