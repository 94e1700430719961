import { handling } from '@/server/handle'
import { jobSchools } from '@/server/writes'

export const PUT = handling(jobSchools)
