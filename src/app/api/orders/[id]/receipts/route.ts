import { handling } from '@/server/handle'
import { receipts } from '@/server/writes'

export const POST = handling(receipts)
