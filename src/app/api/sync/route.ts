import { handling } from '@/server/handle'
import { sync } from '@/server/sync'

export const POST = handling(sync)
