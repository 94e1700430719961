import { downloadOrder } from '@/server/download-order'

/** The firm’s own sheet of it: with what it costs, why, and how the sizes came about. */
export const GET = downloadOrder('money', 'firm', '-own')
