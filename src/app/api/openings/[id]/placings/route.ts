import { handling } from '@/server/handle'
import { placings } from '@/server/writes'

export const POST = handling(placings)
