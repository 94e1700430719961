import { handling } from '@/server/handle'
import { edits } from '@/server/writes'

export const PUT = handling(edits)
