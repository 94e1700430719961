import { handling } from '@/server/handle'
import { readings } from '@/server/writes'

export const POST = handling(readings)
