import { along } from '@/server/along'
import { handling } from '@/server/handle'

export const POST = handling(along)
