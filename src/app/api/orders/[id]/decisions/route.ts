import { handling } from '@/server/handle'
import { decisions } from '@/server/writes'

export const POST = handling(decisions)
