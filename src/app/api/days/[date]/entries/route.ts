import { handling } from '@/server/handle'
import { dayEntries } from '@/server/writes'

export const POST = handling(dayEntries)
