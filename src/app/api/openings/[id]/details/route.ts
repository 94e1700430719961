import { handling } from '@/server/handle'
import { openingDetails } from '@/server/writes'

export const PUT = handling(openingDetails)
