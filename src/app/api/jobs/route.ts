import { handling } from '@/server/handle'
import { job } from '@/server/writes'

export const POST = handling(job)
