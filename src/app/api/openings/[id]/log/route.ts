import { handling } from '@/server/handle'
import { log } from '@/server/writes'

export const POST = handling(log)
