import { handling } from '@/server/handle'
import { jobDetails } from '@/server/writes'

export const PUT = handling(jobDetails)
