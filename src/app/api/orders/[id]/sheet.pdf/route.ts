import { downloadOrder } from '@/server/download-order'

/** The order as its maker gets it. */
export const GET = downloadOrder('money', 'maker', '')
